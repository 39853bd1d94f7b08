<?php

declare(strict_types=1);

namespace Heurema\Spatial\Run;

use Heurema\Geometry\Point;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\RoomSpace;

/**
 * The units of a kitchen in their order: run by run from left to right as one faces them, what hangs over each run after what stands in
 * it, then what hangs elsewhere.
 */
final class UnitOrder
{
    public const TOPS = [FixtureKind::Counter, FixtureKind::Island];
    private const HANGING = [FixtureKind::WallCabinet, FixtureKind::Hood, FixtureKind::Filler];

    /** What faces as a leg does hangs over it when its back is no farther from that of the leg, mm. */
    private const OVER = 80.0;

    /** @return list<PlacedFixture> without worktops */
    public static function of(RoomSpace $room, Home $home): array
    {
        $here = $home->fixturesIn($room);
        $ordered = [];
        foreach (Runs::of($room, $home) as $run) {
            $ordered = [...$ordered, ...self::standing($run), ...self::hanging($run, $here)];
        }
        $isHung = static fn(PlacedFixture $one): bool => in_array($one->fixture->kind, self::HANGING, true);
        $alone = array_filter($here, static fn(PlacedFixture $one): bool => $isHung($one) && !in_array($one, $ordered, true));

        return array_values(array_unique([...$ordered, ...$alone], SORT_REGULAR));
    }

    /** @return list<PlacedFixture> without worktops, from left to right */
    private static function standing(Run $run): array
    {
        $places = [];
        foreach ($run->units() as $number => $one) {
            if (!in_array($one->fixture->kind, self::TOPS, true)) {
                $stretch = $run->stretch($one);
                $places[] = [$stretch === null ? INF : ($stretch[0] + $stretch[1]) / 2, $number, $one];
            }
        }
        usort($places, static fn(array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);

        return array_column($places, 2);
    }

    /**
     * @param list<PlacedFixture> $here
     *
     * @return list<PlacedFixture>
     */
    private static function hanging(Run $run, array $here): array
    {
        $over = [];
        foreach ($run->legs as $leg) {
            $places = [];
            foreach ($here as $number => $one) {
                $isHung = in_array($one->fixture->kind, self::HANGING, true) && !in_array($one, $run->units(), true);
                if ($isHung && self::isOver($leg, $one)) {
                    $places[] = [$leg->along->dot($one->fixture->at), $number, $one];
                }
            }
            usort($places, static fn(array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);
            $over = [...$over, ...array_column($places, 2)];
        }

        return $over;
    }

    private static function isOver(RunLeg $leg, PlacedFixture $one): bool
    {
        $back = min([INF, ...array_map(static fn(Point $corner): float => $leg->facing->dot($corner), $one->outline->points ?? [])]);

        return $one->frame->yAxis->dot($leg->facing) > 0.999 && abs($back - $leg->back) <= self::OVER;
    }
}
