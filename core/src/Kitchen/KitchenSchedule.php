<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Layout\Words\FixtureKind;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Run\Run;
use Heurema\Spatial\Run\Runs;
use Heurema\Spatial\Run\UnitOrder;

/**
 * All units of a kitchen, listed run by run from left to right as one faces them, what hangs over each run after what stands in it; the
 * pieces of its worktops, and the lengths that go with them. Whoever drew it.
 */
final readonly class KitchenSchedule
{
    /** What has a plinth, and what a cornice goes on over. */
    private const ON_PLINTH = [FixtureKind::BaseCabinet, FixtureKind::TallCabinet, FixtureKind::Filler, FixtureKind::Dishwasher];
    private const UNDER_CORNICE = [FixtureKind::WallCabinet, FixtureKind::TallCabinet];

    /** @var list<ScheduledUnit> */
    public array $units;

    /** @var list<WorktopPiece> */
    public array $worktops;

    /** @var list<RunFigures> */
    public array $runs;

    private function __construct(RoomSpace $room, Home $home)
    {
        $runs = Runs::of($room, $home);
        $here = $home->fixturesIn($room);
        $this->units = array_map(
            static fn(PlacedFixture $one): ScheduledUnit => new ScheduledUnit($home->marks()->of($one->id()), $one),
            UnitOrder::of($room, $home),
        );
        $tops = array_values(array_filter(
            $here,
            static fn(PlacedFixture $one): bool => in_array($one->fixture->kind, UnitOrder::TOPS, true),
        ));
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
            $marks[$unit->fixture->id()] = $unit->mark;
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
}
