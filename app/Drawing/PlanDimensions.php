<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Drafting\Chain;
use Heurema\Drafting\Dimension;
use Heurema\Drafting\DrawnDimensions;
use Heurema\Drafting\OutsideChains;
use Heurema\Drafting\RoomChains;
use Heurema\Drafting\ShownDimension;
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
        $write = fn(float $mm): string => $this->style->lengths->write($mm, $this->home->layout);
        $places ??= new FreePlaces(60.0 * $this->scale);
        $chains = new ChainDrawing($this->scale, $write, $places, $this->style->look);
        $running = new RunningDrawing($this->scale, $write, $places, $this->style->look);

        if ($this->style->hides(PlanLayer::Dimensions)) {
            return [];
        }

        return [
            ...$this->style->outside === 'running'
                ? array_map(fn(Chain $row): string => $running->draw($row, OutsideRows::out($row->line, $this->plan)), $this->rows())
                : array_map(fn(array $row): string => $chains->draw($row, $this->misses($row)), $this->outside()),
            ...array_map(
                static fn(Chain $chain): string => Svg::element('g', ['class' => 'inside'], $chains->draw($chain->parts())),
                $this->style->inside ? $this->roomChains() : [],
            ),
            ...(new PlacedDimensions(
                new DrawnDimensions($this->home->layout, $this->plan),
                $chains,
                new ChainDrawing($this->scale, static fn(float $mm): string => "R {$write($mm)}", $places, $this->style->look),
                $this->scale,
                $places,
                $this->style->look,
            ))->draw(),
        ];
    }

    /** @return list<Dimension> those of all rows and rooms, and those placed by hand */
    public function all(): array
    {
        return $this->style->hides(PlanLayer::Dimensions) ? [] : array_merge(
            ...$this->outside(),
            ...array_map(static fn(Chain $chain): array => $chain->parts(), $this->style->inside ? $this->roomChains() : []),
            ...[$this->placedByHand()],
        );
    }

    /**
     * By how much the parts of an overall, as they are written, miss it, as it is written.
     *
     * @param list<Dimension> $row
     */
    private function misses(array $row): string
    {
        if (!in_array($this->style->outside, ['chain', 'tiers'], true) || count($row) !== 1) {
            return '';
        }
        foreach ($this->partsOf($row[0]) as $parts) {
            $written = array_sum(array_map(
                fn(Dimension $part): float => $this->style->lengths->rounded($part->length(), $this->home->layout),
                $parts,
            ));
            $difference = $written - $this->style->lengths->rounded($row[0]->length(), $this->home->layout);
            if (count($parts) > 1 && abs($difference) > Tolerance::TOUCH) {
                return ', parts as written: '.($difference > 0 ? '+' : '−')
                    .ltrim($this->style->lengths->write(abs($difference), $this->home->layout), '≈ ');
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
        return match ($this->style->outside) {
            'base' => array_merge(...array_map($this->stacked(...), $this->rows())),
            'running' => array_map(static fn(Chain $row): array => $row->fromBase(), $this->rows()),
            default => array_map(static fn(Chain $row): array => $row->parts(), $this->rows()),
        };
    }

    /** @return list<Chain> */
    private function rows(): array
    {
        $step = self::ROW * $this->scale * $this->style->look->size() / (new DimensionLook())->size();
        $clear = $this->style->marks() === 'none' ? self::CLEAR : self::CLEAR_OF_MARKS;

        return (new OutsideRows($this->plan, $this->style, $clear * self::ROW * $this->scale, $step))->rows();
    }

    /**
     * Each dimension from the base on a row of its own, the shortest nearest to the wall.
     *
     * @return list<list<Dimension>>
     */
    private function stacked(Chain $chain): array
    {
        $isOutLeft = OutsideRows::out($chain->line, $this->plan)->dot($chain->line->direction()->left()) > 0;
        $rows = [];
        foreach ($chain->fromBase() as $number => $part) {
            $rows[] = [$part->offset($number * self::ROW * 0.62 * $this->scale * ($isOutLeft ? 1 : -1))];
        }

        return $rows;
    }

    /** @return list<Box> what the dimensions in the rooms, and those placed by hand, cover with their texts */
    public function covers(): array
    {
        if ($this->style->hides(PlanLayer::Dimensions)) {
            return [];
        }
        $inside = array_map(static fn(Chain $chain): array => $chain->parts(), $this->style->inside ? $this->roomChains() : []);

        return array_map(
            fn(Dimension $part): Box => Box::around([$part->line->from, $part->line->to])->grown(9 * $this->scale),
            array_merge($this->placedByHand(), ...$inside),
        );
    }

    /** @return list<Dimension> */
    private function placedByHand(): array
    {
        return array_values(array_map(
            static fn(ShownDimension $one): Dimension => $one->dimension,
            (new DrawnDimensions($this->home->layout, $this->plan))->lengths(),
        ));
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
