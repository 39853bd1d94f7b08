<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Layout\DrawnDimension;
use Heurema\Layout\MeasuredPlace;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\DimensionKind;
use Heurema\Spatial\Home;
use Heurema\Spatial\StoreyPlan;

/** The dimensions of a storey that were placed by hand, as they are now. */
final readonly class DrawnDimensions
{
    private MeasuredPlaces $places;

    public function __construct(Home $home, private StoreyPlan $plan)
    {
        $this->places = new MeasuredPlaces($home->layout, $plan);
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

    private function angle(DrawnDimension $drawn): ?ShownAngle
    {
        $walls = [$this->plan->storey->wall($drawn->from->of ?? ''), $this->plan->storey->wall($drawn->to->of ?? '')];
        if ($walls[0] === null || $walls[1] === null) {
            return null;
        }
        $corner = $walls[0]->line()->lineCrossing($walls[1]->line());
        if ($corner === null) {
            return null;
        }
        $arm = fn(Wall $wall, MeasuredPlace $place): Point => $wall->line()->direction()->times(
            $this->places->point($place)->minus($corner)->dot($wall->line()->direction()) < 0 ? -1 : 1,
        );

        $radius = max(Tolerance::TOUCH, $corner->distanceTo($drawn->through));

        return new ShownAngle($corner, $arm($walls[0], $drawn->from), $arm($walls[1], $drawn->to), $radius);
    }
}
