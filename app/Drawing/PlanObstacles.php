<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Drafting\Dimension;
use Heurema\Geometry\Box;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Layout\Wall;
use Heurema\Spatial\DoorLeaf;
use Heurema\Spatial\Home;
use Heurema\Spatial\StoreyPlan;

/** Walls, fixtures, doors and dimensions of a storey as boxes that texts keep off. In mm of the plan. */
final readonly class PlanObstacles
{
    /** Of an oblique wall or dimension, px. */
    private const PIECE = 20.0;

    /** Half of a dimension's line with its ticks, and how far the middle of a figure is over it, px. */
    private const LINE = 3.0;
    private const FIGURE = 12.0;

    /** @param float $scale mm under a pixel */
    public function __construct(private Home $home, private StoreyPlan $plan, private DimensionStyle $style, private float $scale) {}

    /** @return list<Box> */
    public function walls(): array
    {
        return array_merge(...array_map(
            fn(Wall $wall): array => $wall->isOpenBoundary() ? [] : $this->along($wall->line(), $wall->thickness / 2),
            $this->plan->storey->standingWalls(),
        ));
    }

    /** @return list<Box> edges of fixtures, and where leaves of doors swing */
    public function lines(): array
    {
        $storey = $this->plan->storey->id;
        $boxes = [];
        foreach ($this->home->openingsOn($storey) as $opening) {
            array_push($boxes, ...array_map(static fn(DoorLeaf $leaf): Box => $leaf->bounds, $this->home->leavesOf($opening)));
        }
        foreach ($this->home->fixturesOn($storey) as $fixture) {
            foreach ($fixture->outline?->edges() ?? [] as $edge) {
                $boxes[] = Box::around([$edge->from, $edge->to])->grown($this->scale);
            }
        }

        return $boxes;
    }

    /**
     * @param float|null $seenAt another scale that the drawing is looked at, mm under a pixel: its figures are smaller then, or larger
     *
     * @return list<Box> lines, and figures over their middles, where most of them stand
     */
    public function dimensions(?float $seenAt = null): array
    {
        $boxes = [];
        foreach ((new PlanDimensions($this->home, $this->plan, $this->style, $this->scale))->all() as $dimension) {
            if ($dimension->length() >= Tolerance::TOUCH) {
                $scale = $seenAt ?? $this->scale;
                array_push($boxes, ...$this->along($dimension->line, self::LINE * $scale), ...$this->figure($dimension, $scale));
            }
        }

        return $boxes;
    }

    /** @return list<Box> */
    private function figure(Dimension $dimension, float $scale): array
    {
        $size = $this->style->look->size();
        $half = TextAlong::width($this->style->lengths->write($dimension->length(), $this->home->layout), $size) * $scale / 2;
        $middle = $dimension->length() / 2;
        $up = (new TextAlong($dimension->line->direction()))->reading()->left()->times(self::FIGURE * $scale);
        [$from, $to] = [$dimension->line->at($middle - $half)->plus($up), $dimension->line->at($middle + $half)->plus($up)];

        return $this->along(new Segment($from, $to), $size * $scale / 2);
    }

    /** @return list<Box> one where a line runs along the sheet, else of parts so short that their boxes are not much larger than they */
    private function along(Segment $line, float $half): array
    {
        $direction = $line->direction();
        $isOblique = min(abs($direction->x), abs($direction->y)) > 1e-6;
        $count = $isOblique ? max(1, (int) ceil($line->length() / (self::PIECE * $this->scale))) : 1;

        return array_map(
            static fn(Segment $piece): Box => Box::around([$piece->from, $piece->to])->grown($half),
            $line->pieces($count),
        );
    }
}
