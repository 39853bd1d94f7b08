<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Spatial\Groups;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\RoomSpace;

/** A piece of worktop with what is cut out of it: along one wall, or around corners in one piece. */
final readonly class WorktopPiece
{
    /** An edge no farther from a wall touches it, mm. */
    private const AT_WALL = 5.0;

    /**
     * @param non-empty-list<PlacedFixture> $parts   a leg each
     * @param list<CutOut>                  $cutOuts from left to right as one faces each leg
     * @param float                         $upstand along the walls that it touches, mm
     */
    private function __construct(public int $number, public array $parts, public array $cutOuts, public float $upstand) {}

    /**
     * @param list<PlacedFixture> $tops
     * @param list<PlacedFixture> $here what stands in the room
     *
     * @return list<self>
     */
    public static function all(array $tops, array $here, RoomSpace $room): array
    {
        $pieces = Groups::of(
            $tops,
            static fn(PlacedFixture $one, PlacedFixture $other): bool => WorktopJoint::between($one, $other) !== null,
        );

        return array_map(
            static fn(array $parts, int $number): self => self::of($number + 1, array_reverse($parts), $here, $room),
            $pieces,
            array_keys($pieces),
        );
    }

    /** Of its outline, what is cut out of it included, mm². */
    public function area(): float
    {
        return array_sum(array_map(static fn(PlacedFixture $one): float => $one->outline?->area() ?? 0.0, $this->parts));
    }

    /**
     * @param non-empty-list<PlacedFixture> $parts
     * @param list<PlacedFixture>           $here
     */
    private static function of(int $number, array $parts, array $here, RoomSpace $room): self
    {
        $cutOuts = [];
        foreach ($parts as $top) {
            $set = array_filter(
                $here,
                static fn(PlacedFixture $one): bool => in_array($one->fixture->kind, FixtureKind::SET_IN_WORKTOPS, true)
                    && $one->isSetIn($top),
            );
            $ofPart = array_values(array_map(static fn(PlacedFixture $one): CutOut => CutOut::of($one, $top), $set));
            usort($ofPart, static fn(CutOut $a, CutOut $b): int => $a->left <=> $b->left);
            $cutOuts = [...$cutOuts, ...$ofPart];
        }

        return new self($number, $parts, $cutOuts, array_sum(array_map(
            static fn(PlacedFixture $one): float => $one->fixture->upstand === null ? 0.0 : self::atWalls($one, $room),
            $parts,
        )));
    }

    private static function atWalls(PlacedFixture $top, RoomSpace $room): float
    {
        $walls = $room->outline()?->edges() ?? [];
        $touches = static fn(Segment $edge): bool => array_filter(
            $walls,
            static fn(Segment $wall): bool => max(
                $wall->distanceTo($edge->at(self::AT_WALL)),
                $wall->distanceTo($edge->reversed()->at(self::AT_WALL)),
            ) <= self::AT_WALL + Tolerance::TOUCH,
        ) !== [];

        return array_sum(array_map(
            static fn(Segment $edge): float => $touches($edge) ? $edge->length() : 0.0,
            $top->outline?->edges() ?? [],
        ));
    }
}
