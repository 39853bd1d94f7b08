<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Segment;
use Heurema\Geometry\Sweep;
use Heurema\Language\Text;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** What may stand in the way of somebody at a fixture: wall faces, and other fixtures not hung above it. */
final class Surroundings
{
    /** Height of a fixture, in mm, where nobody said: what hangs higher is above it. */
    private const USUAL_HEIGHT = 900.0;

    /** Farther than this, mm, nothing is in anybody's way. */
    private const FAR = 1_000_000.0;

    /** @var list<Message> */
    public array $assumptions = [];

    private float $top;

    private function __construct(private readonly PlacedFixture $fixture, private readonly Home $home)
    {
        $this->top = $fixture->base() + ($fixture->fixture->height ?? self::USUAL_HEIGHT);
    }

    public static function of(PlacedFixture $fixture, Home $home): self
    {
        return new self($fixture, $home);
    }

    public function reach(Sweep $sweep): ?Hit
    {
        $wall = $this->fixture->plan->mass->obstructions()->sweep($sweep);
        $nearest = $wall === null ? null : new Hit($wall->distance, $wall->line, Text::of('the wall'));
        // what stands beyond the wall is not met before it
        $way = $sweep->bounds($nearest->distance ?? self::FAR)->grown(Sweep::TOUCH);
        foreach ($this->home->fixturesNear($this->fixture->storey(), $way) as $other) {
            if ($other->outline !== null && $this->isInTheWay($other)) {
                $nearest = self::nearer($nearest, self::hit($sweep, $other->outline->edges(), $other->name()));
            }
        }

        return $nearest;
    }

    private function isInTheWay(PlacedFixture $other): bool
    {
        if ($other === $this->fixture || !$other->takesFloor || $this->fixture->isSetIn($other)) {
            return false;
        }
        if ($other->base() >= $this->top && $this->fixture->fixture->height === null) {
            $this->assumptions[] = Message::of(
                'fixture.surroundings.is_taken_as_high',
                fixture: $this->fixture->name(),
                usualHeight: Amount::length(self::USUAL_HEIGHT),
                other: $other->spoken(),
            );
            $this->assumptions = Message::unique($this->assumptions);
        }

        return $other->base() < $this->top;
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
