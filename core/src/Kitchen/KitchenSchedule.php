<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Geometry\Point;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Run\Run;
use Heurema\Spatial\Run\RunLeg;
use Heurema\Spatial\Run\Runs;

/**
 * All units of a kitchen, numbered run by run from left to right as one faces them, what hangs over each run after what stands in it; the
 * pieces of its worktops, and the lengths that go with them. Whoever drew it.
 */
final readonly class KitchenSchedule
{
    private const HANGING = [FixtureKind::WallCabinet, FixtureKind::Hood, FixtureKind::Filler];
    private const TOPS = [FixtureKind::Counter, FixtureKind::Island];

    /** What has a plinth, and what a cornice goes on over. */
    private const ON_PLINTH = [FixtureKind::BaseCabinet, FixtureKind::TallCabinet, FixtureKind::Filler, FixtureKind::Dishwasher];
    private const UNDER_CORNICE = [FixtureKind::WallCabinet, FixtureKind::TallCabinet];

    /** What faces as a leg does hangs over it when its back is no farther from that of the leg, mm. */
    private const OVER = 80.0;

    /** @var list<ScheduledUnit> */
    public array $units;

    /** @var list<WorktopPiece> */
    public array $worktops;

    /** @var list<RunFigures> */
    public array $runs;

    private function __construct(RoomSpace $room, Home $home)
    {
        $runs = Runs::of($room, $home);
        $here = array_values(array_filter(
            $home->fixturesOn($room->storey()),
            static fn(PlacedFixture $one): bool => $one->room === $room,
        ));
        $ordered = [];
        foreach ($runs as $run) {
            $ordered = [...$ordered, ...self::standing($run), ...self::hanging($run, $here)];
        }
        $isHung = static fn(PlacedFixture $one): bool => in_array($one->fixture->kind, self::HANGING, true);
        $alone = array_filter($here, static fn(PlacedFixture $one): bool => $isHung($one) && !in_array($one, $ordered, true));
        $ordered = array_values(array_unique([...$ordered, ...$alone], SORT_REGULAR));
        $this->units = array_map(
            static fn(PlacedFixture $one, int $number): ScheduledUnit => new ScheduledUnit($number + 1, $one),
            $ordered,
            array_keys($ordered),
        );
        $tops = array_values(array_filter($here, static fn(PlacedFixture $one): bool => in_array($one->fixture->kind, self::TOPS, true)));
        $this->worktops = WorktopPiece::all($tops, $here, $room);
        $this->runs = array_map(static fn(Run $run): RunFigures => RunFigures::of($run, $room), $runs);
    }

    public static function of(RoomSpace $room, Home $home): self
    {
        return new self($room, $home);
    }

    /** @return array<string, string> of its units, by id */
    public function marks(): array
    {
        $marks = [];
        foreach ($this->units as $unit) {
            $marks[$unit->fixture->id()] = $unit->mark();
        }

        return $marks;
    }

    /** Along the floor under what stands on plinths, mm. */
    public function plinth(): float
    {
        return $this->along(self::ON_PLINTH, static fn(PlacedFixture $one): bool => $one->takesFloor && $one->base() === 0.0);
    }

    /** Over wall and tall units, mm. */
    public function cornice(): float
    {
        return $this->along(self::UNDER_CORNICE, static fn(): bool => true);
    }

    /** The widths of all fillers, mm. */
    public function fillers(): float
    {
        return $this->along([FixtureKind::Filler], static fn(): bool => true);
    }

    /** Of worktops along walls, mm. */
    public function upstands(): float
    {
        return array_sum(array_map(static fn(WorktopPiece $one): float => $one->upstand, $this->worktops));
    }

    /** Panels at ends of runs that no wall closes. */
    public function endPanels(): int
    {
        return array_sum(array_map(static fn(RunFigures $run): int => $run->openEnds(), $this->runs));
    }

    /**
     * @param list<FixtureKind>              $kinds
     * @param \Closure(PlacedFixture): bool $is
     */
    private function along(array $kinds, \Closure $is): float
    {
        return array_sum(array_map(
            static fn(ScheduledUnit $one): float => in_array($one->fixture->fixture->kind, $kinds, true) && $is($one->fixture)
                ? $one->fixture->fixture->width ?? 0.0
                : 0.0,
            $this->units,
        ));
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
