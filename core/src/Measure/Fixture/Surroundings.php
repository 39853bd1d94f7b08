<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Obstacles;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Sweep;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;

/** What may stand in the way of somebody at a fixture: wall faces, and other fixtures not hung above it. */
final readonly class Surroundings
{
    /** Height of a fixture, in mm, where nobody said: what hangs higher is above it. */
    private const USUAL_HEIGHT = 900.0;

    /** Farther than this, mm, nothing is in anybody's way. */
    private const FAR = 1_000_000.0;

    /**
     * @param list<PlacedFixture> $fixtures
     * @param list<string>                 $assumptions
     */
    private function __construct(private Obstacles $walls, private array $fixtures, public array $assumptions) {}

    public static function of(PlacedFixture $fixture, Home $home): self
    {
        $standing = $assumptions = [];
        $top = $fixture->base() + ($fixture->fixture->height ?? self::USUAL_HEIGHT);
        foreach ($home->fixturesOn($fixture->storey()) as $other) {
            $outline = $other->outline;
            if ($other === $fixture || $outline === null || !$other->takesFloor || $fixture->isSetIn($other)) {
                continue;
            }
            if ($other->base() < $top) {
                $standing[] = $other;
            } elseif ($fixture->fixture->height === null) {
                $assumptions[] = "{$fixture->id()} taken as {$home->length(self::USUAL_HEIGHT)} high, so that {$other->id()} hangs above it.";
            }
        }

        return new self($fixture->plan->mass->obstructions(), $standing, $assumptions);
    }

    public function reach(Sweep $sweep): ?Hit
    {
        $wall = $this->walls->sweep($sweep);
        $nearest = $wall === null ? null : new Hit($wall->distance, $wall->line, 'the wall');
        // what stands beyond the wall is not met before it
        $way = $sweep->bounds($nearest->distance ?? self::FAR)->grown(Sweep::TOUCH);
        foreach ($this->fixtures as $fixture) {
            if ($fixture->outline !== null && $fixture->bounds?->overlaps($way) === true) {
                $nearest = self::nearer($nearest, self::hit($sweep, $fixture->outline->edges(), $fixture->name()));
            }
        }

        return $nearest;
    }

    private static function nearer(?Hit $first, ?Hit $second): ?Hit
    {
        return $first === null || ($second !== null && $second->distance < $first->distance) ? $second : $first;
    }

    /**
     * What lies on both sides of the start is met at once; what lies wholly behind it is not met.
     *
     * @param list<Segment> $edges
     */
    private static function hit(Sweep $sweep, array $edges, string $what): ?Hit
    {
        $near = $far = $across = null;
        foreach ($edges as $edge) {
            $met = $sweep->meets($edge);
            if ($met === null) {
                continue;
            }
            $far = max($far ?? $met['far'], $met['far']);
            if ($near === null || $met['near'] < $near) {
                [$near, $across] = [$met['near'], $met['across']];
            }
        }
        if ($near === null || $across === null || ($near < -Sweep::TOUCH && $far <= Sweep::TOUCH)) {
            return null;
        }
        $distance = max(0.0, $near);

        return new Hit($distance, $sweep->line($distance, $across), $what);
    }
}
