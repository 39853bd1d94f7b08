<?php

declare(strict_types=1);

namespace Heurema\Scene;

use Heurema\Geometry\Box;
use Heurema\Geometry\Delaunay;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Remainder;
use Heurema\Geometry\Ring;
use Heurema\Language\Text;
use Heurema\Layout\GroundLevel;
use Heurema\Spatial\Home;
use Heurema\Spatial\StoreyPlan;

/**
 * The ground around a home through the levels that were said, some metres wide; none below the home itself. In mm.
 *
 * @phpstan-type Corners array{0: Point, 1: Point, 2: Point, 3?: Point}
 */
final readonly class GroundParts
{
    /** Of the part; no element has it. */
    public const ID = 'ground';

    /** It goes on so far beyond the home, the steps to it and the levels that were said. */
    private const AROUND = 2000.0;
    private const THICK = 200.0;

    public function __construct(private Home $home) {}

    /** @return list<Part> */
    public function parts(): array
    {
        $plan = array_values($this->home->plans)[0] ?? null;
        if ($plan === null || !$this->home->ground()->isSaid()) {
            return [];
        }
        $under = array_map(static fn(Polygon $slab): Ring => $slab->outer, $plan->mass->slab());
        $prisms = [];
        foreach ($this->pieces($plan) as $corners) {
            $top = $this->surface($corners);
            foreach (Remainder::of([new Polygon(new Ring($corners))], $under) as $piece) {
                $prisms[] = new Prism($piece, $top->raised(-self::THICK), $top);
            }
        }

        return $prisms === [] ? [] : [new Part(self::ID, Text::of('Ground'), $plan->storey->id, Material::Ground, $prisms)];
    }

    /** @return list<Corners> pieces of even slope, counter-clockwise; one where all of it is level */
    private function pieces(StoreyPlan $plan): array
    {
        $said = array_map(static fn(GroundLevel $one): Point => $one->at, $this->home->layout->ground);
        $places = [...$said, ...$this->places($plan)];
        if ($places === []) {
            return [];
        }
        $corners = Box::around($places)->grown(self::AROUND)->corners();
        if (count($said) < 2) {
            return [$corners];
        }
        $within = Delaunay::triangles($said);

        return $within === [] ? Delaunay::triangles([...$said, ...$corners]) : [...$within, ...self::around($within, $corners)];
    }

    /**
     * @param list<array{Point, Point, Point}> $triangles
     * @param non-empty-list<Point>            $corners
     *
     * @return list<Corners> from the hull of the triangles out to the corners
     */
    private static function around(array $triangles, array $corners): array
    {
        $within = array_map(static fn(array $triangle): Ring => new Ring($triangle), $triangles);
        $rest = Remainder::of([new Polygon(new Ring($corners))], $within);

        return array_merge(...array_map(Triangulation::of(...), $rest));
    }

    /** @return list<Point> corners of what stands on it */
    private function places(StoreyPlan $plan): array
    {
        $rings = array_map(static fn(Polygon $slab): Ring => $slab->outer, $plan->mass->slab());
        foreach ($plan->storey->terraces as $terrace) {
            $rings[] = $terrace->outline;
        }
        foreach ($this->home->ramps as $ramp) {
            array_push($rings, ...array_map(static fn($part): Ring => $part->outline, $ramp->shape->parts));
        }
        foreach ($this->home->stairs as $stair) {
            array_push($rings, ...$stair->from === null ? array_map(static fn($step): Ring => $step->outline, $stair->shape->steps) : []);
        }

        return array_merge(...array_map(static fn(Ring $ring): array => $ring->points, $rings));
    }

    /** @param Corners $corners the first three of them say it */
    private function surface(array $corners): Surface
    {
        $known = fn(Point $at): array => [$at, $this->home->ground()->natural($at) ?? 0.0];

        return Surface::through($known($corners[0]), $known($corners[1]), $known($corners[2]));
    }
}
