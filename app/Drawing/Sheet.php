<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Layout\Axis;
use Heurema\Layout\GroundLevel;
use Heurema\Layout\Layout;
use Heurema\Layout\Ramp;
use Heurema\Layout\SectionLine;
use Heurema\Layout\Stair;
use Heurema\Layout\Storey;
use Heurema\Layout\Terrace;
use Heurema\Spatial\RampShape;
use Heurema\Spatial\Stair\StairShape;
use Heurema\Spatial\Stair\Step;

/** The part of the plane that a home's plans are drawn on; the same for all its storeys, so that they can be compared. */
final readonly class Sheet
{
    /** Room for outside dimensions, mm. */
    private const MARGIN = 1500.0;

    /** Room for the names of axes and sections beyond their ends, mm. */
    private const AROUND_AXES = 500.0;

    /** How many pixels wide and high the plan is taken to be until the page says otherwise. */
    private const USUAL_WIDTH = 780.0;
    private const USUAL_HEIGHT = 660.0;

    /**
     * @param Box $drawn  the building, and what lies outside it: steps, ramps, terraces, levels of the ground
     * @param Box $setOut that with the ends of axes and lines of sections
     */
    private function __construct(public Box $box, public Box $building, public Box $drawn, public Box $setOut) {}

    /**
     * @param float|null $margin around the building, mm; null: as is usual
     * @param float      $around room that is needed beside all that is drawn, px
     */
    public static function of(Layout $layout, ?float $margin = null, float $around = 0.0): self
    {
        $points = [];
        foreach ($layout->storeys as $storey) {
            foreach ($storey->walls as $wall) {
                array_push($points, $wall->from, $wall->to);
            }
            foreach ($storey->fixtures as $fixture) {
                $points[] = $fixture->at;
            }
            foreach ($storey->rooms as $room) {
                $points[] = $room->at;
            }
            foreach ($storey->blocks as $block) {
                array_push($points, ...self::corners($block->box()));
            }
        }
        $building = $points === [] ? new Box(0, 0, 10000, 8000) : Box::around($points);
        $stairs = array_merge(...array_map(self::stair(...), $layout->stairs));
        $ramps = array_merge(...array_map(static fn(Ramp $ramp): array => RampShape::of($ramp)->corners(), $layout->ramps));

        $axes = array_merge(...array_map(
            static fn(Axis|SectionLine $one): array => [$one->from, $one->to],
            [...$layout->axes, ...$layout->sections],
        ));
        $levels = array_map(static fn(GroundLevel $level): Point => $level->at, $layout->ground);
        $terraces = array_merge(...array_map(self::terraces(...), $layout->storeys));
        $drawn = Box::around([...self::corners($building), ...$stairs, ...$ramps, ...$levels, ...$terraces]);
        $sheet = $drawn->grown($margin ?? max(self::MARGIN, self::millimetres($around, $drawn)));

        return new self(
            $axes === [] ? $sheet : Box::around([...self::corners($sheet), ...self::corners(Box::around($axes)->grown(self::AROUND_AXES))]),
            $building,
            $drawn,
            Box::around([...self::corners($drawn), ...$axes]),
        );
    }

    /** So many px of a sheet on which there is that much room around what is drawn, mm. */
    private static function millimetres(float $px, Box $drawn): float
    {
        return $px * max($drawn->width() / (self::USUAL_WIDTH - 2 * $px), $drawn->height() / (self::USUAL_HEIGHT - 2 * $px));
    }

    public function viewBox(): string
    {
        return implode(' ', array_map(Svg::number(...), [$this->box->left, -$this->box->top, $this->box->width(), $this->box->height()]));
    }

    /** Millimetres of the plan under one pixel when all of it is shown. */
    public function scale(): float
    {
        return max($this->box->width() / self::USUAL_WIDTH, $this->box->height() / self::USUAL_HEIGHT);
    }

    /** @return non-empty-list<Point> */
    private static function stair(Stair $stair): array
    {
        $steps = array_map(static fn(Step $step): array => $step->outline->points, StairShape::of($stair)->steps);

        return array_merge([$stair->start], ...$steps);
    }

    /** @return list<Point> */
    private static function terraces(Storey $storey): array
    {
        return array_merge(...array_map(static fn(Terrace $terrace): array => $terrace->outline->points, $storey->terraces));
    }

    /** @return non-empty-list<Point> */
    private static function corners(Box $box): array
    {
        return [new Point($box->left, $box->bottom), new Point($box->right, $box->top)];
    }
}
