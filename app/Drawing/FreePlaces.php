<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Box;

/**
 * Finds places on a drawing for texts, one after the other: clear of texts and signs wherever that is possible, of lines where it costs
 * little. Boxes in mm of the plan.
 */
final class FreePlaces
{
    /** What may lie under a text, and how many places one would go on to be clear of it. */
    private const TEXT = 'text';
    public const WALL = 'wall';
    public const LINE = 'line';
    /** Within the outline of a fixture. */
    public const AREA = 'area';
    private const COSTS = [self::TEXT => 100_000.0, self::WALL => 30.0, self::LINE => 8.0, self::AREA => 8.0];

    /** @var array<string, array<string, list<Box>>> by cell and what they are of */
    private array $cells = [];

    /** @param float $cell side of the squares in which boxes are looked up, mm */
    public function __construct(private readonly float $cell) {}

    /** Nothing may lie over it. */
    public function take(Box $text): void
    {
        $this->add(self::TEXT, $text);
    }

    /**
     * Texts keep off it where they can.
     *
     * @param self::TEXT|self::WALL|self::LINE|self::AREA $of
     */
    public function avoid(string $of, Box $box): void
    {
        $this->add($of, $box);
    }

    /**
     * The best of several places, which is taken then.
     *
     * @param non-empty-list<Box> $wished   the most wished for first
     * @param bool                $isWithin it may lie within an outline
     *
     * @return int its number
     */
    public function find(array $wished, bool $isWithin = false): int
    {
        return $this->findShape(array_map(static fn(Box $box): array => [$box], $wished), $isWithin);
    }

    /**
     * The same of places of a text that lies aslant, each several boxes that cover it.
     *
     * @param iterable<int, non-empty-list<Box>> $wished none is asked for after one that is good enough
     */
    public function findShape(iterable $wished, bool $isWithin = false): int
    {
        $costs = $isWithin ? array_diff_key(self::COSTS, [self::AREA => 0]) : self::COSTS;
        [$best, $least, $taken] = [0, INF, []];
        foreach ($wished as $number => $boxes) {
            if ($number >= $least) {
                break;
            }
            $cost = $number + array_sum(array_map(fn(Box $box): float => $this->cost($box, $costs), $boxes)) / count($boxes);
            [$best, $least, $taken] = $cost < $least ? [$number, $cost, $boxes] : [$best, $least, $taken];
        }
        array_map($this->take(...), $taken);

        return $best;
    }

    /** @param self::TEXT|self::WALL|self::LINE|self::AREA $of */
    private function add(string $of, Box $box): void
    {
        foreach ($this->cells($box) as $cell) {
            $this->cells[$cell][$of][] = $box;
        }
    }

    /**
     * The share of a box that each kind covers, those that lie over one another counted as often, at its cost; of a text, however little of
     * it, at least the whole of it.
     *
     * @param array<string, float> $costs
     */
    private function cost(Box $box, array $costs): float
    {
        $others = [];
        $area = max(1.0, $box->width() * $box->height());
        foreach ($this->cells($box) as $cell) {
            foreach (array_intersect_key($this->cells[$cell] ?? [], $costs) as $of => $boxes) {
                foreach ($boxes as $other) {
                    $share = $box->common($other) / $area;
                    $others[spl_object_id($other)] = $costs[$of] * ($share + ($of === self::TEXT && $share > 0.0 ? 1.0 : 0.0));
                }
            }
        }

        return array_sum($others);
    }

    /** @return list<string> */
    private function cells(Box $box): array
    {
        $cells = [];
        foreach (range((int) floor($box->left / $this->cell), (int) floor($box->right / $this->cell)) as $column) {
            foreach (range((int) floor($box->bottom / $this->cell), (int) floor($box->top / $this->cell)) as $row) {
                $cells[] = "{$column},{$row}";
            }
        }

        return $cells;
    }
}
