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
final class FloorNear
{
    /** @var array<string, list<Segment>> by direction */
    private array $leaning = [];

    /**
     * @param list<array{Polygon, Box}>                $walls    bare openings cut out, with the box around each
     * @param list<Segment>                            $faces    of walls, and some farther away
     * @param list<array{PlacedFixture, Polygon, Box}> $fixtures that take floor
     */
    private function __construct(
        private readonly Box $box,
        private readonly array $walls,
        private readonly array $faces,
        private readonly array $fixtures,
    ) {}

    public static function within(Box $box, StoreyPlan $plan, Home $home): self
    {
        $box = $box->grown(2 * Tolerance::GRAZE);
        $ring = Ring::rectangle(new Point($box->left, $box->bottom), new Point($box->width(), 0), new Point(0, $box->height()));

        $fixtures = [];
        foreach ($home->fixturesNear($plan->storey->id, $box) as $fixture) {
            if ($fixture->takesFloor && $fixture->outline !== null && $fixture->bounds !== null) {
                $fixtures[] = [$fixture, new Polygon($fixture->outline->counterClockwise()), $fixture->bounds];
            }
        }

        return new self(
            $box,
            array_map(static fn(Polygon $wall): array => [$wall, $wall->bounds()], $plan->mass->standingIn($ring)),
            $plan->mass->obstructions()->near($box),
            $fixtures,
        );
    }

    /**
     * What may come into a box.
     *
     * @param list<PlacedFixture> $besides what may stand there
     *
     * @return iterable<array{string, Polygon}> the name and the outline of each
     */
    public function standingIn(Box $box, array $besides): iterable
    {
        foreach ($this->walls as [$wall, $around]) {
            if ($around->overlaps($box)) {
                yield ['a wall', $wall];
            }
        }
        foreach ($this->fixtures as [$fixture, $outline, $around]) {
            if ($around->overlaps($box) && !in_array($fixture, $besides, true)) {
                yield [$fixture->name(), $outline];
            }
        }
    }

    public function holds(Box $box): bool
    {
        return $box->left >= $this->box->left
            && $box->right <= $this->box->right
            && $box->bottom >= $this->box->bottom
            && $box->top <= $this->box->top;
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
        return $this->leaning["{$along->x} {$along->y}"] ??= $this->findLeaning($along);
    }

    /** @return list<Segment> */
    private function findLeaning(Point $along): array
    {
        $edges = array_merge($this->faces, ...array_map(static fn(array $fixture): array => $fixture[1]->edges(), $this->fixtures));

        return array_values(array_filter($edges, static function (Segment $edge) use ($along): bool {
            [$dx, $dy] = [$edge->to->x - $edge->from->x, $edge->to->y - $edge->from->y];

            return Tolerance::ofEdge($dx * $along->x + $dy * $along->y, $along->x * $dy - $along->y * $dx) > Tolerance::TOUCH;
        }));
    }
}
