<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Layout\DrawnDimension;
use Heurema\Layout\Layout;
use Heurema\Layout\MeasuredPlace;
use Heurema\Layout\Words\DimensionKind;
use Heurema\Spatial\StoreyPlan;

/** The dimensions of a storey that were placed by hand, as they are now. */
final readonly class DrawnDimensions
{
    /** The sine of the smallest angle between two walls: a smaller one is written as 0.0 degrees. */
    private const LEAST = 0.000873;

    private MeasuredPlaces $places;

    public function __construct(Layout $layout, private StoreyPlan $plan)
    {
        $this->places = new MeasuredPlaces($layout, $plan);
    }

    /** @return array<string, ShownDimension> of lengths and radii, by id */
    public function lengths(): array
    {
        $shown = [];
        foreach ($this->plan->storey->dimensions as $drawn) {
            if ($drawn->kind !== DimensionKind::Angle) {
                $shown[$drawn->id] = $this->length($drawn);
            }
        }

        return $shown;
    }

    /** @return array<string, ShownAngle> by id; without those between walls that have come to run alike */
    public function angles(): array
    {
        $shown = [];
        foreach ($this->plan->storey->dimensions as $drawn) {
            $angle = $drawn->kind === DimensionKind::Angle ? $this->angle($drawn) : null;
            $shown = [...$shown, ...$angle === null ? [] : [$drawn->id => $angle]];
        }

        return $shown;
    }

    private function length(DrawnDimension $drawn): ShownDimension
    {
        [$from, $to] = [$this->places->point($drawn->from), $this->places->point($drawn->to)];
        $along = match (true) {
            $drawn->direction !== null => Point::towards($drawn->direction),
            // ends that have come to lie in one place
            $from->distanceTo($to) < Tolerance::TOUCH => new Point(1, 0),
            default => (new Segment($from, $to))->direction(),
        };
        // the line leads the way that it is measured
        $along = $to->minus($from)->dot($along) < 0 ? $along->times(-1) : $along;
        $on = static fn(Point $point): Point => $drawn->through->plus($along->times($point->minus($drawn->through)->dot($along)));

        return new ShownDimension(
            new Dimension(new Segment($on($from), $on($to)), $drawn->from->of, $drawn->to->of),
            $from,
            $to,
            $drawn->kind === DimensionKind::Radius,
        );
    }

    /** Null between walls that run alike. */
    public function angle(DrawnDimension $drawn): ?ShownAngle
    {
        $lines = [];
        foreach ([$drawn->from, $drawn->to] as $place) {
            $wall = $this->plan->storey->wall($place->of ?? '');
            if ($wall === null) {
                return null;
            }
            $lines[] = $wall->line();
        }
        $isAlike = abs($lines[0]->direction()->cross($lines[1]->direction())) < self::LEAST;
        $corner = $isAlike ? null : $lines[0]->lineCrossing($lines[1]);

        return $corner === null ? null : new ShownAngle(
            $corner,
            $this->arm($corner, $lines[0], $drawn->from),
            $this->arm($corner, $lines[1], $drawn->to),
            max(Tolerance::TOUCH, $corner->distanceTo($drawn->through)),
        );
    }

    /** From the corner along a wall towards the place on it. */
    private function arm(Point $corner, Segment $line, MeasuredPlace $place): Point
    {
        return $line->direction()->times($this->places->point($place)->minus($corner)->dot($line->direction()) < 0 ? -1 : 1);
    }
}
