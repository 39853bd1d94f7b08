<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Language\Text;
use Heurema\Layout\Axis;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\EditGroup;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;

/**
 * Axes laid by the distances between them: those that follow one another across are numbered, those that follow one another up have letters
 * without I and O, which are taken for figures (common practice, no source). Axes that are there already are counted on from.
 */
final readonly class AxisGrid
{
    /** How far an axis runs beyond the last one that it crosses, mm. */
    public const BEYOND = 1200.0;

    /** How far an axis runs where it crosses nothing, mm. */
    private const USUAL = 10_000.0;

    private const LETTERS = 'ABCDEFGHJKLMNPQRSTUVWXYZ';

    public function __construct(private Layout $layout) {}

    /**
     * @param list<string> $ids    one for each axis: one more than there are distances, across and up
     * @param Point        $first  where the first axis across and the first one up cross
     * @param list<float>  $across distances between the axes that follow one another across, mm; empty: none
     * @param list<float>  $up     between those that follow one another up
     *
     * @throws RefusedEdit when there are no distances, or an axis lies there already
     */
    public function lay(array $ids, Point $first, array $across, array $up): Edit
    {
        if ($across === [] && $up === []) {
            throw new RefusedEdit(Text::of('Type the distances between the axes across, up, or both.'));
        }
        $reach = $this->reach($first, $across, $up);
        $lines = [];
        foreach (self::places($first->x, $across) as $number => $x) {
            $lines[] = [
                $this->number($number),
                new Segment(new Point($x, $reach->bottom - self::BEYOND), new Point($x, $reach->top + self::BEYOND)),
            ];
        }
        foreach (self::places($first->y, $up) as $number => $y) {
            $lines[] = [
                $this->letters($number),
                new Segment(new Point($reach->left - self::BEYOND, $y), new Point($reach->right + self::BEYOND, $y)),
            ];
        }
        $added = [];
        foreach ($lines as $number => [$name, $line]) {
            $this->refuseDouble($line);
            $added[] = new Add(null, new Axis($ids[$number], $name, $line->from, $line->to));
        }

        return new EditGroup($added, Text::of('{count} axes laid', count: count($added)));
    }

    /** Where the first crossing is when nobody says: at the lower left corner of what is drawn, on the centre lines of its walls. */
    public function usualFirst(): Point
    {
        $ends = [];
        foreach ($this->layout->storeys as $storey) {
            foreach ($storey->standingWalls() as $wall) {
                array_push($ends, $wall->from, $wall->to);
            }
        }
        if ($ends === []) {
            return new Point(0, 0);
        }
        $box = Box::around($ends);

        return new Point($box->left, $box->bottom);
    }

    /**
     * @param list<float> $distances
     *
     * @return list<float>
     */
    private static function places(float $first, array $distances): array
    {
        if ($distances === []) {
            return [];
        }
        $places = [$first];
        foreach ($distances as $distance) {
            $places[] = round($places[count($places) - 1] + $distance, 4);
        }

        return $places;
    }

    /**
     * What the axes run over: the new ones and those that are there.
     *
     * @param list<float> $across
     * @param list<float> $up
     */
    private function reach(Point $first, array $across, array $up): Box
    {
        $corner = $first->plus(new Point($across === [] ? self::USUAL : array_sum($across), $up === [] ? self::USUAL : array_sum($up)));
        $points = [$first, new Point(round($corner->x, 4), round($corner->y, 4))];
        foreach ($this->layout->axes as $axis) {
            $line = $axis->line();
            array_push(
                $points,
                $line->at(min(self::BEYOND, $line->length() / 2)),
                $line->at(max($line->length() - self::BEYOND, $line->length() / 2)),
            );
        }

        return Box::around($points);
    }

    private function refuseDouble(Segment $line): void
    {
        foreach ($this->layout->axes as $axis) {
            if (abs($axis->line()->direction()->cross($line->direction())) < 1e-6 && abs($line->leftOf($axis->from)) < 1.0) {
                throw new RefusedEdit(Text::of('Axis {name} lies there already.', name: $axis->name));
            }
        }
    }

    private function number(int $number): string
    {
        $highest = 0;
        foreach ($this->layout->axes as $axis) {
            $highest = max($highest, ctype_digit($axis->name) ? (int) $axis->name : 0);
        }

        return (string) ($highest + 1 + $number);
    }

    /** `A` to `Z`, then `AA`, `AB` */
    private function letters(int $number): string
    {
        $taken = count(array_filter($this->layout->axes, static fn(Axis $axis): bool => preg_match('/^[A-Z]+$/', $axis->name) === 1));
        [$letters, $left] = ['', $taken + $number + 1];
        while ($left > 0) {
            [$letters, $left] = [self::LETTERS[($left - 1) % strlen(self::LETTERS)].$letters, intdiv($left - 1, strlen(self::LETTERS))];
        }

        return $letters;
    }
}
