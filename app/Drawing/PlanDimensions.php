<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Drafting\Chain;
use Heurema\Drafting\Dimension;
use Heurema\Drafting\OutsideChains;
use Heurema\Drafting\RoomChains;
use Heurema\Geometry\Box;
use Heurema\Geometry\Tolerance;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\StoreyPlan;

/** The dimensions of a storey in the chosen style: outside it in rows, and inside every room. */
final readonly class PlanDimensions
{
    /** From one row to the next, px. */
    public const ROW = 30.0;

    /** From the walls to the first row, in rows; where marks stand between them. */
    private const CLEAR = 0.6;
    private const CLEAR_OF_MARKS = 0.95;

    /** @param float $scale mm under a pixel */
    public function __construct(private Home $home, private StoreyPlan $plan, private DimensionStyle $style, private float $scale) {}

    /**
     * @param FreePlaces|null $places what else is written on the plan; its texts are taken there
     *
     * @return list<string>
     */
    public function draw(?FreePlaces $places = null): array
    {
        $chains = new ChainDrawing($this->scale, fn(float $mm): string => $this->style->write($mm, $this->home->layout), $places);

        return [
            ...array_map(fn(array $row): string => $chains->draw($row, $this->misses($row)), $this->outside()),
            ...array_map(
                static fn(Chain $chain): string => Svg::element('g', ['class' => 'inside'], $chains->draw($chain->parts())),
                $this->style->inside ? $this->roomChains() : [],
            ),
        ];
    }

    /** @return list<Dimension> those of all rows and rooms */
    public function all(): array
    {
        return array_merge(
            ...$this->outside(),
            ...array_map(static fn(Chain $chain): array => $chain->parts(), $this->style->inside ? $this->roomChains() : []),
        );
    }

    /**
     * By how much the parts of an overall, as they are written, miss it, as it is written.
     *
     * @param list<Dimension> $row
     */
    private function misses(array $row): string
    {
        if ($this->style->outside !== 'chain' || count($row) !== 1) {
            return '';
        }
        foreach ($this->partsOf($row[0]) as $parts) {
            $written = array_sum(array_map(
                fn(Dimension $part): float => $this->style->rounded($part->length(), $this->home->layout),
                $parts,
            ));
            $difference = $written - $this->style->rounded($row[0]->length(), $this->home->layout);
            if (count($parts) > 1 && abs($difference) > Tolerance::TOUCH) {
                return ', parts as written: '.($difference > 0 ? '+' : '−')
                    .ltrim($this->style->write(abs($difference), $this->home->layout), '≈ ');
            }
        }

        return '';
    }

    /** @return list<list<Dimension>> the row of parts between the same ends */
    private function partsOf(Dimension $overall): array
    {
        $rows = array_map(
            static fn(Chain $chain): array => $chain->parts(),
            (new OutsideChains($this->plan, $this->style->datum))->openings(0),
        );

        return array_values(array_filter($rows, static fn(array $parts): bool => abs($parts[0]->line->direction()->cross(
            $overall->line->direction(),
        )) < 1e-9
            && abs($overall->line->along($parts[0]->line->from)) < Tolerance::TOUCH
            && abs($overall->line->along($parts[count($parts) - 1]->line->to) - $overall->length()) < Tolerance::TOUCH));
    }

    /** @return list<list<Dimension>> rows of dimensions that share a line */
    private function outside(): array
    {
        $chains = new OutsideChains($this->plan, $this->style->datum);
        $clear = $this->style->marks === 'none' ? self::CLEAR : self::CLEAR_OF_MARKS;
        $row = fn(int $number): float => ($clear + $number) * self::ROW * $this->scale;
        $overall = static fn(Chain $chain): array => $chain->overall();

        return match ($this->style->outside) {
            'overall' => array_map($overall, $this->topAndLeft($chains->corners($row(0)))),
            'chain' => [
                ...array_map(static fn(Chain $chain): array => $chain->parts(), $chains->openings($row(0))),
                ...array_map($overall, $chains->corners($row(1))),
            ],
            'base' => array_merge(...array_map($this->stacked(...), $chains->openings($row(0)))),
            default => [],
        };
    }

    /**
     * @param list<Chain> $chains bottom, right, top, left
     *
     * @return list<Chain>
     */
    private function topAndLeft(array $chains): array
    {
        return array_slice($chains, 2);
    }

    /**
     * Each dimension from the base on a row of its own, the shortest nearest to the wall.
     *
     * @return list<list<Dimension>>
     */
    private function stacked(Chain $chain): array
    {
        $middle = $this->plan->outsideSides()[0]->segment->middle();
        $isOutLeft = $chain->line->leftOf($middle) < 0;
        $rows = [];
        foreach ($chain->fromBase() as $number => $part) {
            $rows[] = [$part->offset($number * self::ROW * 0.62 * $this->scale * ($isOutLeft ? 1 : -1))];
        }

        return $rows;
    }

    /** @return list<Box> what the dimensions in the rooms cover with their texts */
    public function covers(): array
    {
        $parts = array_merge(...array_map(
            static fn(Chain $chain): array => $chain->parts(),
            $this->style->inside ? $this->roomChains() : [],
        ));

        return array_map(fn(Dimension $part): Box => Box::around([$part->line->from, $part->line->to])->grown(9 * $this->scale), $parts);
    }

    /** @return list<Chain> */
    private function roomChains(): array
    {
        return array_merge(...array_map(
            fn(RoomSpace $room): array => RoomChains::of($room, $this->style->datum),
            array_values($this->plan->rooms),
        ));
    }
}
