<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Drafting\ElevationFixture;
use Heurema\Drafting\ElevationOpening;
use Heurema\Drafting\RoomElevations;
use Heurema\Drafting\WallElevation;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;

/** The stretches of a room's walls along which units can stand: between doors, openings to the floor, and what else stands at a wall. */
final readonly class WallStretches
{
    /** What a new kitchen takes the place of. */
    public const REPLACED = [
        FixtureKind::Sink, FixtureKind::Cooktop, FixtureKind::Range, FixtureKind::Oven, FixtureKind::Hood, FixtureKind::Refrigerator,
        FixtureKind::Dishwasher, FixtureKind::BaseCabinet, FixtureKind::WallCabinet, FixtureKind::TallCabinet, FixtureKind::Filler,
        FixtureKind::Counter, FixtureKind::Island,
    ];

    /** An opening with a lower sill goes to the floor, mm. */
    private const TO_FLOOR = 300.0;

    /** Nothing much stands in less, mm. */
    public const LEAST = 450.0;

    /** @return list<WallStretch> as one turns around in the room to the right */
    public static function of(RoomSpace $room, Home $home): array
    {
        $walls = RoomElevations::of($room, $home);
        $found = [];
        foreach ($walls as $number => $wall) {
            foreach ($wall->isOpen ? [] : self::freeParts($wall) as [$from, $to]) {
                $found[] = new WallStretch($wall, $number, $from, $to, self::stretch($wall, $from, $to));
            }
        }

        return $found;
    }

    /** @return list<array{float, float}> */
    private static function freeParts(WallElevation $wall): array
    {
        $free = [[0.0, $wall->length()]];
        foreach (self::blocks($wall) as [$from, $to]) {
            $parts = [];
            foreach ($free as [$left, $right]) {
                $parts = [...$parts, [$left, min($right, $from)], [max($left, $to), $right]];
            }
            $free = $parts;
        }

        return array_values(array_filter($free, static fn(array $part): bool => $part[1] - $part[0] >= self::LEAST));
    }

    /** @return list<array{float, float}> */
    private static function blocks(WallElevation $wall): array
    {
        $toFloor = array_filter($wall->openings, static fn(ElevationOpening $one): bool => $one->sill < self::TO_FLOOR);
        $stands = array_filter(
            $wall->fixtures,
            static fn(ElevationFixture $one): bool => $one->isAtWall && $one->bottom() < self::TO_FLOOR
                && !in_array($one->fixture->fixture->kind, self::REPLACED, true),
        );

        return [
            ...array_map(static fn(ElevationOpening $one): array => [$one->left, $one->right], array_values($toFloor)),
            ...array_map(static fn(ElevationFixture $one): array => [$one->left(), $one->right()], array_values($stands)),
        ];
    }

    private static function stretch(WallElevation $wall, float $from, float $to): Stretch
    {
        $windows = array_values(array_filter(
            $wall->openings,
            static fn(ElevationOpening $one): bool => $one->sill >= self::TO_FLOOR,
        ));
        $whole = new Stretch(
            $wall->face,
            $wall->cuts[0] !== null,
            $wall->cuts[1] !== null,
            $windows,
            self::ceiling($wall, $from, $to),
        );

        // a stretch of part of a wall ends at a doorway, or at what stands there
        return $whole->between($from, $to)->endedBy($from > 0.0, $to < $wall->length());
    }

    /** The lowest over a stretch. */
    private static function ceiling(WallElevation $wall, float $from, float $to): ?float
    {
        $heights = [];
        foreach (array_slice($wall->ceiling, 1) as $number => [$at, $height]) {
            [$start, $low] = $wall->ceiling[$number];
            foreach ([max($from, $start), min($to, $at)] as $place) {
                if ($place >= $start && $place <= $at && $at > $start) {
                    $heights[] = $low + ($height - $low) * ($place - $start) / ($at - $start);
                }
            }
        }

        return $heights === [] ? null : min($heights);
    }
}
