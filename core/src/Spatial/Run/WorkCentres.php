<?php

declare(strict_types=1);

namespace Heurema\Spatial\Run;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\RoomSpace;

/** Where one works in a kitchen: at the sink (the widest), the cooktop or range, and the refrigerator. */
final readonly class WorkCentres
{
    private const KINDS = [
        [FixtureKind::Sink], [FixtureKind::Cooktop, FixtureKind::Range], [FixtureKind::Refrigerator],
    ];

    /** @param list<PlacedFixture> $fixtures in that order, without those that are not there */
    private function __construct(public array $fixtures, private RoomSpace $room, private Home $home) {}

    public static function of(RoomSpace $room, Home $home): self
    {
        $fixtures = array_map(static fn(array $kinds): ?PlacedFixture => self::widest($kinds, $room, $home), self::KINDS);

        return new self(array_values(array_filter($fixtures)), $room, $home);
    }

    public function areAllThere(): bool
    {
        return count($this->fixtures) === count(self::KINDS);
    }

    /** @return list<string> what the document lacks to say where their fronts are */
    public function missing(): array
    {
        return array_values(array_map(
            static fn(PlacedFixture $one): string => "{$one->id()}.depth",
            array_filter($this->fixtures, static fn(PlacedFixture $one): bool => $one->fixture->depth === null),
        ));
    }

    /** @return list<Point> the middles of their fronts */
    public function fronts(): array
    {
        return array_map($this->front(...), $this->fixtures);
    }

    /** Ways around what stands on the floor; chairs are pushed away. */
    public function around(): WayAround
    {
        return new WayAround(array_values(array_filter(array_map(
            fn(PlacedFixture $one): ?Ring => $this->isInTheWay($one) ? $one->outline?->counterClockwise() : null,
            $this->home->fixturesOn($this->room->storey()),
        ))));
    }

    public function isInTheWay(PlacedFixture $one): bool
    {
        return $one->room === $this->room && $one->takesFloor && $one->fixture->kind !== FixtureKind::Chair;
    }

    /** The middle of its front; of what is set in a counter, that of the counter before it. */
    private function front(PlacedFixture $one): Point
    {
        $depth = $one->fixture->depth ?? 0.0;
        foreach ($this->home->fixturesOn($one->storey()) as $counter) {
            if ($one->isSetIn($counter)) {
                $out = array_map(static fn(Point $corner): float => $one->frame->fromPlan($corner)->y, $counter->outline->points ?? []);
                $depth = max([$depth, ...$out]);
            }
        }

        return $one->frame->toPlan(new Point(0.0, $depth));
    }

    /** @param list<FixtureKind> $kinds */
    private static function widest(array $kinds, RoomSpace $room, Home $home): ?PlacedFixture
    {
        $widest = null;
        foreach ($home->fixturesOn($room->storey()) as $one) {
            $isOne = $one->room === $room && in_array($one->fixture->kind, $kinds, true);
            $widest = $isOne && ($widest === null || ($one->fixture->width ?? 0.0) > ($widest->fixture->width ?? 0.0)) ? $one : $widest;
        }

        return $widest;
    }
}
