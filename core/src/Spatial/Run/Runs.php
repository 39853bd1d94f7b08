<?php

declare(strict_types=1);

namespace Heurema\Spatial\Run;

use Heurema\Geometry\Tolerance;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Spatial\Groups;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\RoomSpace;

/** The runs of a kitchen, found from what stands in it: whoever drew it, and with whatever program. */
final class Runs
{
    private const KINDS = [
        FixtureKind::BaseCabinet, FixtureKind::TallCabinet, FixtureKind::Filler, FixtureKind::Counter, FixtureKind::Island,
        FixtureKind::Sink,
        FixtureKind::Cooktop, FixtureKind::Range, FixtureKind::Oven, FixtureKind::Refrigerator, FixtureKind::Dishwasher,
    ];

    /** What takes its place in a run by itself: not what is set in it or lies over it. */
    public const UNITS = [
        FixtureKind::BaseCabinet, FixtureKind::TallCabinet, FixtureKind::Filler, FixtureKind::Dishwasher, FixtureKind::Range,
        FixtureKind::Refrigerator,
    ];

    /** Units face one way when the cosine of the angle between them is no smaller. */
    private const ONE_WAY = 0.9995;

    /** Backs, or else fronts, that are in one line are no farther apart, mm. */
    private const BACKS = 60.0;
    private const FRONTS = 160.0;

    /** A run ends where nothing stands for more than 12 in, mm. */
    private const APART = 304.8;

    /** What has its underside higher hangs over a run, mm. */
    private const STANDS_BELOW = 1000.0;

    /** So far into the other leg a corner unit may reach beyond its back, mm. */
    private const BEYOND = 100.0;

    /** @return list<Run> */
    public static function of(RoomSpace $room, Home $home): array
    {
        return $home->once("runs of {$room->id()}", static fn(): array => self::joined(self::legs(self::units($room, $home))));
    }

    /** The run that a fixture stands in; null where it stands in none. */
    public static function with(PlacedFixture $one, Home $home): ?Run
    {
        foreach ($one->room === null ? [] : self::of($one->room, $home) as $run) {
            if (in_array($one, $run->units(), true)) {
                return $run;
            }
        }

        return null;
    }

    /** @return list<PlacedFixture> */
    private static function units(RoomSpace $room, Home $home): array
    {
        return array_values(array_filter(
            $home->fixturesOn($room->storey()),
            static fn(PlacedFixture $one): bool => $one->room === $room && $one->outline !== null
                && in_array($one->fixture->kind, self::KINDS, true) && $one->base() < self::STANDS_BELOW,
        ));
    }

    /**
     * @param list<PlacedFixture> $units
     *
     * @return list<RunLeg>
     */
    private static function legs(array $units): array
    {
        $alone = array_map(static fn(PlacedFixture $one): RunLeg => new RunLeg([$one]), $units);
        $belong = static fn(RunLeg $one, RunLeg $other): bool => self::isBeside($one, $other)
            || self::isSetIn($one->units[0], $other->units[0]) || self::isSetIn($other->units[0], $one->units[0]);

        return array_map(
            static fn(array $leg): RunLeg => new RunLeg(array_map(static fn(RunLeg $one): PlacedFixture => $one->units[0], $leg)),
            Groups::of($alone, $belong),
        );
    }

    /** What is set in a worktop belongs to its leg, however far from its edges. */
    private static function isSetIn(PlacedFixture $one, PlacedFixture $top): bool
    {
        return $one->isSetIn($top) && $one->frame->yAxis->dot($top->frame->yAxis) >= self::ONE_WAY;
    }

    private static function isBeside(RunLeg $one, RunLeg $other): bool
    {
        return $one->facing->dot($other->facing) >= self::ONE_WAY
            && (
                abs($one->back - $other->back) <= self::BACKS + Tolerance::TOUCH
                || abs($one->front - $other->front) <= self::FRONTS + Tolerance::TOUCH
            )
            && max($one->left, $other->left) - min($one->right, $other->right) <= self::APART + Tolerance::TOUCH;
    }

    /**
     * Legs that meet in a corner in one run, from left to right.
     *
     * @param list<RunLeg> $legs
     *
     * @return list<Run>
     */
    private static function joined(array $legs): array
    {
        $next = [];
        foreach ($legs as $number => $leg) {
            foreach ($legs as $other => $right) {
                if ($number !== $other && !in_array($other, $next, true) && self::turnsInto($leg, $right)) {
                    $next[$number] = $other;

                    break;
                }
            }
        }
        $runs = [];
        foreach (array_diff(array_keys($legs), $next) as $first) {
            $chain = [$first];
            while (isset($next[end($chain)]) && !in_array($next[end($chain)], $chain, true)) {
                $chain[] = $next[end($chain)];
            }
            $runs[] = new Run(self::trimmed(array_map(static fn(int $number): RunLeg => $legs[$number], $chain)));
        }

        return $runs;
    }

    /** Does a run go on around an inner corner at the right end of a leg? */
    private static function turnsInto(RunLeg $leg, RunLeg $right): bool
    {
        [$corner, $start] = [-$right->front, $leg->front];

        return $right->along->dot($leg->facing) >= self::ONE_WAY
            && self::isWithin($leg->right, $corner - self::APART, -$right->back + self::BEYOND)
            && self::isWithin($right->left, $leg->back - self::BEYOND, $start + self::APART);
    }

    private static function isWithin(float $value, float $least, float $most): bool
    {
        return $value >= $least - Tolerance::TOUCH && $value <= $most + Tolerance::TOUCH;
    }

    /**
     * @param non-empty-list<RunLeg> $legs
     *
     * @return non-empty-list<RunLeg> without what lies behind inner corners
     */
    private static function trimmed(array $legs): array
    {
        return array_map(
            static function (RunLeg $leg, int $number) use ($legs): RunLeg {
                [$before, $next] = [$legs[$number - 1] ?? null, $legs[$number + 1] ?? null];

                return $leg->between(
                    max($leg->left, $before === null ? -INF : (new RunCorner($before, $leg))->start()),
                    min($leg->right, $next === null ? INF : (new RunCorner($leg, $next))->end()),
                );
            },
            $legs,
            array_keys($legs),
        );
    }
}
