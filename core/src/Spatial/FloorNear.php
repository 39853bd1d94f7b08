<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;

/** What stands on the floor within a box: gathered once, however many zones in it are asked about. */
final readonly class FloorNear
{
    /**
     * @param list<Polygon>       $walls    bare openings cut out
     * @param list<Segment>       $faces    of walls, and some farther away
     * @param list<PlacedFixture> $fixtures that take floor
     */
    private function __construct(public Box $box, public array $walls, public array $faces, public array $fixtures) {}

    public static function within(Box $box, StoreyPlan $plan, Home $home): self
    {
        $box = $box->grown(2 * Tolerance::GRAZE);
        $ring = Ring::rectangle(new Point($box->left, $box->bottom), new Point($box->width(), 0), new Point(0, $box->height()));

        return new self(
            $box,
            $plan->mass->standingIn($ring),
            $plan->mass->obstructions()->near($box),
            array_values(array_filter($home->fixturesNear($plan->storey->id, $box), static fn(PlacedFixture $fixture): bool => $fixture->takesFloor)),
        );
    }

    public function holds(Box $box): bool
    {
        return $box->left >= $this->box->left && $box->right <= $this->box->right && $box->bottom >= $this->box->bottom && $box->top <= $this->box->top;
    }

    /**
     * Edges that run neither along nor across a direction.
     *
     * @param Point $along unit vector
     *
     * @return list<Segment>
     */
    public function leaning(Point $along): array
    {
        $edges = array_merge($this->faces, ...array_map(static fn(PlacedFixture $fixture): array => $fixture->outline?->edges() ?? [], $this->fixtures));

        return array_values(array_filter($edges, static function (Segment $edge) use ($along): bool {
            [$dx, $dy] = [$edge->to->x - $edge->from->x, $edge->to->y - $edge->from->y];

            return Tolerance::ofEdge($dx * $along->x + $dy * $along->y, $along->x * $dy - $along->y * $dx) > Tolerance::TOUCH;
        }));
    }
}
