<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Drafting\Chain;
use Heurema\Drafting\Dimension;
use Heurema\Drafting\OutsideChains;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Spatial\SpaceSide;
use Heurema\Spatial\StoreyPlan;
use Heurema\Spatial\WallDatum;

/**
 * The rows of dimensions around a storey, from the walls outwards. What one row says another does not say again, beside it or on the
 * opposite side of the home.
 */
final readonly class OutsideRows
{
    private OutsideChains $chains;

    /**
     * @param float $clear from the walls to the first row, mm
     * @param float $step  from one row to the next, mm
     */
    public function __construct(private StoreyPlan $plan, private DimensionStyle $style, private float $clear, private float $step)
    {
        $this->chains = new OutsideChains($plan, $style->datum);
    }

    /** @return list<Chain> each on a row of its own */
    public function rows(): array
    {
        $sides = [];
        foreach ($this->tiers() as $chains) {
            foreach ($chains as $chain) {
                $sides[self::side($chain)][] = $chain;
            }
        }

        $kept = $this->withoutOpposite(array_map($this->withoutSame(...), $sides));

        return array_merge(...array_values(array_map($this->placed(...), $kept)));
    }

    /** @return list<list<Chain>> the innermost first, all on the line of the walls' box */
    private function tiers(): array
    {
        $openings = $this->style->openings === 'middles' ? $this->chains->openingMiddles(0) : $this->chains->openings(0);

        return match ($this->style->outside) {
            'overall' => [self::overall($this->chains->corners(0))],
            'chain' => [$openings, self::overall($this->chains->corners(0))],
            'tiers' => [
                $openings,
                $this->chains->partitions(0, $this->style->partitions === 'middles' ? WallDatum::Centre : $this->style->datum),
                $this->chains->columns(0),
                self::overall($this->chains->corners(0)),
            ],
            'base', 'running' => [$openings],
            default => [],
        };
    }

    /**
     * @param list<Chain> $chains
     *
     * @return list<Chain> their first and last stops alone
     */
    private static function overall(array $chains): array
    {
        return array_map(static fn(Chain $chain): Chain => new Chain($chain->line, [
            ...array_slice($chain->stops, 0, 1),
            ...array_slice($chain->stops, -1),
        ]), $chains);
    }

    /** Which side of the home a chain is on, by where its line begins and the way it leads. */
    private static function side(Chain $chain): string
    {
        $out = $chain->line->direction()->left();

        return sprintf('%s %.1f', self::isAcross($chain->line) ? 'across' : 'up', $chain->line->from->dot($out));
    }

    /** Towards the right of the sheet: between 45 degrees below and above. */
    private static function isAcross(Segment $line): bool
    {
        return abs($line->direction()->degrees() - 180.0) > 135.0 + 1e-6;
    }

    /**
     * Without the rows all of whose dimensions those outside of them have; what has one stop says nothing.
     *
     * @param non-empty-list<Chain> $rows
     *
     * @return list<Chain>
     */
    private function withoutSame(array $rows): array
    {
        $kept = [];
        foreach ($rows as $number => $row) {
            $said = array_merge(...array_map($this->ends(...), array_slice($rows, $number + 1)));
            if (!$this->isSaid($row, $said)) {
                $kept[] = $row;
            }
        }

        return $kept;
    }

    /**
     * Without the rows all of whose dimensions are on the opposite side too: the side with more of them keeps its own; of two alike, the
     * top and the left.
     *
     * @param array<string, list<Chain>> $sides
     *
     * @return array<string, list<Chain>>
     */
    private function withoutOpposite(array $sides): array
    {
        uasort($sides, fn(array $one, array $other): int => [self::stops($other), $this->isBelowOrRight($one)]
            <=> [self::stops($one), $this->isBelowOrRight($other)]);
        $said = [];
        foreach ($sides as $side => $rows) {
            $way = explode(' ', $side)[0];
            $before = $said[$way] ?? [];
            $sides[$side] = array_values(array_filter($rows, fn(Chain $row): bool => !$this->isSaid($row, $before)));
            $said[$way] = [...$before, ...array_merge(...array_map($this->ends(...), $rows))];
        }

        return $sides;
    }

    /** @param list<Chain> $rows */
    private static function stops(array $rows): int
    {
        return array_sum(array_map(static fn(Chain $row): int => count($row->stops), $rows));
    }

    /** @param list<Chain> $rows of a side */
    private function isBelowOrRight(array $rows): bool
    {
        $line = ($rows[0] ?? null)?->line;
        $out = $line === null ? null : self::out($line, $this->plan);

        return $line !== null && $out !== null && (self::isAcross($line) ? $out->y < 0 : $out->x > 0);
    }

    /**
     * @param list<array{float, float}> $said between which places there are dimensions
     *
     * @return bool whether all dimensions of a row are among them, or it has none
     */
    private function isSaid(Chain $row, array $said): bool
    {
        foreach ($this->ends($row) as [$from, $to]) {
            $same = array_filter(
                $said,
                static fn(array $one): bool => abs($one[0] - $from) < Tolerance::TOUCH && abs($one[1] - $to) < Tolerance::TOUCH,
            );
            if ($same === []) {
                return false;
            }
        }

        return true;
    }

    /** @return list<array{float, float}> between which places along the sheet its dimensions are, mm */
    private function ends(Chain $chain): array
    {
        $direction = $chain->line->direction();
        $isFromBase = in_array($this->style->outside, ['base', 'running'], true);

        return array_map(
            static fn(Dimension $part): array => [$part->line->from->dot($direction), $part->line->to->dot($direction)],
            $isFromBase ? $chain->fromBase() : $chain->parts(),
        );
    }

    /**
     * @param list<Chain> $rows of one side
     *
     * @return list<Chain> one outside of the other
     */
    private function placed(array $rows): array
    {
        $placed = [];
        foreach ($rows as $number => $row) {
            $out = self::out($row->line, $this->plan);
            $away = $out->times($this->clear + $number * $this->step);
            $placed[] = new Chain(new Segment($row->line->from->plus($away), $row->line->to->plus($away)), $row->stops);
        }

        return $placed;
    }

    /** Away from the walls. */
    public static function out(Segment $line, StoreyPlan $plan): Point
    {
        $left = $line->direction()->left();
        $inside = array_map(static fn(SpaceSide $side): float => $line->leftOf($side->segment->middle()), $plan->outsideSides());

        return array_sum($inside) > 0 ? $left->times(-1) : $left;
    }
}
