<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Drafting\Chain;
use Heurema\Drafting\Dimension;
use Heurema\Drafting\OutsideChains;
use Heurema\Drafting\PlanSide;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
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
    public function __construct(StoreyPlan $plan, private DimensionStyle $style, private float $clear, private float $step)
    {
        $this->chains = new OutsideChains($plan, $style->datum);
    }

    /** @return list<OutsideRow> */
    public function rows(): array
    {
        $sides = [];
        foreach ($this->tiers() as $chains) {
            foreach ($chains as $side => $chain) {
                $sides[$side][] = $chain;
            }
        }
        $rows = [];
        foreach ($this->withoutOpposite(array_map($this->withoutSame(...), $sides)) as $side => $chains) {
            array_push($rows, ...$this->placed($chains, $this->chains->outward(PlanSide::from($side))));
        }

        return $rows;
    }

    /** @return list<array<string, Chain>> the innermost first, by side, all on the line of the walls' box */
    private function tiers(): array
    {
        $openings = $this->style->openings === 'middles' ? $this->chains->openingMiddles() : $this->chains->openings();
        $partitions = $this->style->partitions === 'middles' ? WallDatum::Centre : $this->style->datum;

        return match ($this->style->outside) {
            'overall' => [self::overall($this->chains->corners())],
            'chain' => [$openings, self::overall($this->chains->corners())],
            'tiers' => [
                $openings,
                $this->chains->partitions($partitions),
                $this->chains->columns(),
                self::overall($this->chains->corners()),
            ],
            'base', 'running' => [$openings],
            default => [],
        };
    }

    /**
     * @param array<string, Chain> $chains
     *
     * @return array<string, Chain> their first and last stops alone
     */
    private static function overall(array $chains): array
    {
        return array_map(static fn(Chain $chain): Chain => new Chain($chain->line, [
            ...array_slice($chain->stops, 0, 1),
            ...array_slice($chain->stops, -1),
        ]), $chains);
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
        uksort($sides, static fn(string $one, string $other): int => [self::stops($sides[$other]), self::isBelowOrRight($one)]
            <=> [self::stops($sides[$one]), self::isBelowOrRight($other)]);
        $said = ['across' => [], 'up' => []];
        foreach ($sides as $side => $rows) {
            $way = PlanSide::from($side)->isAcross() ? 'across' : 'up';
            $before = $said[$way];
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

    private static function isBelowOrRight(string $side): bool
    {
        return in_array(PlanSide::from($side), [PlanSide::Bottom, PlanSide::Right], true);
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
     * @return list<OutsideRow> one outside of the other
     */
    private function placed(array $rows, Point $out): array
    {
        $placed = [];
        foreach ($rows as $number => $row) {
            $away = $out->times($this->clear + $number * $this->step);
            $line = new Segment($row->line->from->plus($away), $row->line->to->plus($away));
            $placed[] = new OutsideRow(new Chain($line, $row->stops), $out);
        }

        return $placed;
    }
}
