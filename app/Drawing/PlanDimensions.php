<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Drafting\Chain;
use Heurema\Drafting\Dimension;
use Heurema\Drafting\DrawnDimensions;
use Heurema\Drafting\RoomChains;
use Heurema\Drafting\ShownAngle;
use Heurema\Drafting\ShownDimension;
use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
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
        if ($this->style->hides(PlanLayer::Dimensions)) {
            return [];
        }
        $write = fn(float $mm): string => $this->style->lengths->write($mm, $this->home->layout);
        $places ??= new FreePlaces(60.0 * $this->scale);
        $chains = new ChainDrawing($this->scale, $write, $places, $this->style->look);
        $radii = new ChainDrawing($this->scale, static fn(float $mm): string => "R {$write($mm)}", $places, $this->style->look);
        $placed = new PlacedDimensions($this->placed(), $chains, $radii, $this->scale, $places, $this->style->look);

        return [
            ...$this->style->outside === 'running'
                ? $this->drawRunning(new RunningDrawing($this->scale, $write, $places, $this->style->look))
                : $this->drawOutside($chains),
            ...array_map(
                static fn(Chain $chain): string => Svg::element('g', ['class' => 'inside'], $chains->draw($chain->parts())),
                $this->roomChains(),
            ),
            ...$placed->draw(),
        ];
    }

    /** @return list<Dimension> those of all rows and rooms, and those placed by hand */
    public function all(): array
    {
        return $this->style->hides(PlanLayer::Dimensions) ? [] : array_merge($this->inside(), ...$this->outside($this->rows()));
    }

    /** @return list<Point> the ends of all of them, and the arcs of angles */
    public function ends(): array
    {
        return array_merge(
            ...array_map(static fn(Dimension $one): array => [$one->line->from, $one->line->to], $this->all()),
            ...$this->arcs(),
        );
    }

    /** @return list<Box> what the dimensions in the rooms, and those placed by hand, cover with their texts */
    public function covers(): array
    {
        if ($this->style->hides(PlanLayer::Dimensions)) {
            return [];
        }
        $lines = array_map(static fn(Dimension $part): array => [$part->line->from, $part->line->to], $this->inside());

        return array_map(
            fn(array $points): Box => Box::around($points)->grown(9 * $this->scale),
            [...$lines, ...$this->arcs()],
        );
    }

    /** @return list<string> */
    private function drawRunning(RunningDrawing $running): array
    {
        return array_map(static fn(OutsideRow $row): string => $running->draw($row->chain, $row->out), $this->rows());
    }

    /** @return list<string> */
    private function drawOutside(ChainDrawing $chains): array
    {
        $rows = $this->rows();
        $parts = array_map(static fn(OutsideRow $row): array => $row->chain->parts(), $rows);

        return array_map(fn(array $row): string => $chains->draw($row, $this->misses($row, $parts)), $this->outside($rows));
    }

    /**
     * By how much the parts of an overall, as they are written, miss it, as it is written.
     *
     * @param list<Dimension>       $row
     * @param list<list<Dimension>> $rows all of them
     */
    private function misses(array $row, array $rows): string
    {
        if (!in_array($this->style->outside, ['chain', 'tiers'], true) || count($row) !== 1) {
            return '';
        }
        foreach (self::partsOf($row[0], $rows) as $parts) {
            $written = array_sum(array_map(
                fn(Dimension $part): float => $this->style->lengths->rounded($part->length(), $this->home->layout),
                $parts,
            ));
            $difference = $written - $this->style->lengths->rounded($row[0]->length(), $this->home->layout);
            if (abs($difference) > Tolerance::TOUCH) {
                return __(', parts as written: :it:it2', [
                    'it' => $difference > 0 ? '+' : '−',
                    'it2' => ltrim($this->style->lengths->write(abs($difference), $this->home->layout), '≈ '),
                ]);
            }
        }

        return '';
    }

    /**
     * @param list<list<Dimension>> $rows
     *
     * @return list<list<Dimension>> those of several parts between the same ends
     */
    private static function partsOf(Dimension $overall, array $rows): array
    {
        return array_values(array_filter($rows, static fn(array $parts): bool => count($parts) > 1
            && abs($parts[0]->line->direction()->cross($overall->line->direction())) < 1e-9
            && abs($overall->line->along($parts[0]->line->from)) < Tolerance::TOUCH
            && abs($overall->line->along($parts[count($parts) - 1]->line->to) - $overall->length()) < Tolerance::TOUCH));
    }

    /**
     * @param list<OutsideRow> $rows
     *
     * @return list<list<Dimension>> rows of dimensions that share a line
     */
    private function outside(array $rows): array
    {
        return match ($this->style->outside) {
            'base' => array_merge(...array_map($this->stacked(...), $rows)),
            'running' => array_map(static fn(OutsideRow $row): array => $row->chain->fromBase(), $rows),
            default => array_map(static fn(OutsideRow $row): array => $row->chain->parts(), $rows),
        };
    }

    /** @return list<OutsideRow> */
    private function rows(): array
    {
        $step = self::ROW * $this->scale * $this->style->look->share();
        $clear = $this->style->marks() === 'none' ? self::CLEAR : self::CLEAR_OF_MARKS;

        return (new OutsideRows($this->plan, $this->style, $clear * self::ROW * $this->scale, $step))->rows();
    }

    /**
     * Each dimension from the base on a row of its own, the shortest nearest to the wall.
     *
     * @return list<list<Dimension>>
     */
    private function stacked(OutsideRow $row): array
    {
        $isOutLeft = $row->out->dot($row->chain->line->direction()->left()) > 0;
        $rows = [];
        foreach ($row->chain->fromBase() as $number => $part) {
            $rows[] = [$part->offset($number * self::ROW * 0.62 * $this->scale * ($isOutLeft ? 1 : -1))];
        }

        return $rows;
    }

    private function placed(): DrawnDimensions
    {
        return new DrawnDimensions($this->home->layout, $this->plan);
    }

    /** @return list<array{Point, Point, Point}> of the angles placed by hand */
    private function arcs(): array
    {
        return $this->style->hides(PlanLayer::Dimensions)
            ? []
            : array_values(array_map(static fn(ShownAngle $angle): array => $angle->arc(), $this->placed()->angles()));
    }

    /** @return list<Dimension> of the rooms, and lengths placed by hand */
    private function inside(): array
    {
        return array_merge(
            array_values(array_map(static fn(ShownDimension $one): Dimension => $one->dimension, $this->placed()->lengths())),
            ...array_map(static fn(Chain $chain): array => $chain->parts(), $this->roomChains()),
        );
    }

    /** @return list<Chain> none where rooms are not dimensioned */
    private function roomChains(): array
    {
        return array_merge(...array_map(
            fn(RoomSpace $room): array => RoomChains::of($room, $this->style->datum),
            $this->style->inside ? array_values($this->plan->rooms) : [],
        ));
    }
}
