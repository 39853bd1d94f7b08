<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\OutwardDistances;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\Words\FixtureKind;

/** One side of a table, counter or island, and the chairs that stand at it. */
final readonly class Seating
{
    private const TABLES = [FixtureKind::Table, FixtureKind::Counter, FixtureKind::Island, FixtureKind::Desk];

    /** The front of a chair is no farther from the side, before it or under it, mm. */
    private const AT_IT = 300.0;

    /** It faces the side when the cosine of the angle between them is no smaller. */
    private const FACES = 0.8;

    /**
     * @param Segment             $edge   outside at its right
     * @param list<PlacedFixture> $chairs
     */
    private function __construct(public PlacedFixture $table, public Segment $edge, public array $chairs, private Home $home) {}

    /** @return list<self>|null of the sides that chairs stand at; null: it is nothing that one sits at */
    public static function at(PlacedFixture $table, Home $home): ?array
    {
        if (!in_array($table->fixture->kind, self::TABLES, true)) {
            return null;
        }
        $seatings = [];
        foreach ($table->outline?->counterClockwise()->edges() ?? [] as $edge) {
            $chairs = array_values(array_filter(
                $home->fixturesOn($table->storey()),
                static fn(PlacedFixture $one): bool => $one->fixture->kind === FixtureKind::Chair && self::sitsAt($one, $edge),
            ));
            $seatings = [...$seatings, ...$chairs === [] ? [] : [new self($table, $edge, $chairs, $home)]];
        }

        return $seatings;
    }

    /** The side for each of them, mm. */
    public function perSeat(): float
    {
        return $this->edge->length() / count($this->chairs);
    }

    /** From the side in to what stands under it, as a line; null: nothing does. */
    public function toUnits(): ?Segment
    {
        $under = [];
        foreach ($this->home->fixturesOn($this->table->storey()) as $one) {
            $isUnder = $one !== $this->table && in_array($one->fixture->kind, [FixtureKind::BaseCabinet, FixtureKind::Filler], true)
                && $one->overlaps($this->table);
            array_push($under, ...$isUnder ? $one->outline?->edges() ?? [] : []);
        }

        return (new OutwardDistances($this->edge->reversed()))->nearest($under);
    }

    /** From the side out to a wall or to what stands behind the seats, as a line; null: neither. */
    public function behind(): ?Segment
    {
        $sides = $this->table->room?->outline()?->edges() ?? [];
        foreach ($this->home->fixturesOn($this->table->storey()) as $one) {
            $stands = $one !== $this->table && $one->takesFloor && $one->fixture->kind !== FixtureKind::Chair;
            array_push($sides, ...$stands ? $one->outline?->edges() ?? [] : []);
        }

        return (new OutwardDistances($this->edge))->nearest($sides);
    }

    private static function sitsAt(PlacedFixture $chair, Segment $edge): bool
    {
        $front = $chair->frame->toPlan(new Point(0.0, $chair->fixture->depth ?? 0.0));
        $inward = $edge->direction()->left();
        $along = $edge->along($front);

        return $chair->frame->yAxis->dot($inward) >= self::FACES
            && abs($edge->leftOf($front)) <= self::AT_IT
            && $along >= 0.0 && $along <= $edge->length();
    }
}
