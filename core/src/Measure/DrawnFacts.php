<?php

declare(strict_types=1);

namespace Heurema\Measure;

use Heurema\Layout\SlopedCeiling;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\PlacedStair;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject;

/** The attributes of subjects that conditions ask for. */
final class DrawnFacts
{
    /** @return list<Attribute<covariant Subject>> */
    public static function all(): array
    {
        return [...self::ofRooms(), ...self::ofOpenings(), ...self::ofFixturesAndStairs()];
    }

    /** @return list<Attribute<RoomSpace>> */
    private static function ofRooms(): array
    {
        return [
            new Attribute('room.use', Answer::Word, static fn(RoomSpace $room) => $room->room->use),
            new Attribute('room.lit', Answer::YesNo, static fn(RoomSpace $room) => $room->room->lit),
            new Attribute('room.exhaust', Answer::YesNo, static fn(RoomSpace $room) => $room->room->exhaust),
            new Attribute('room.wet', Answer::YesNo, static fn(RoomSpace $room) => $room->room->wet),
            new Attribute(
                'room.sloped',
                Answer::YesNo,
                static fn(RoomSpace $room) => $room->ceiling() === null ? null : $room->ceiling() instanceof SlopedCeiling,
                static fn(RoomSpace $room) => [$room->ceilingKey()],
            ),
        ];
    }

    /** @return list<Attribute<PlacedOpening>> */
    private static function ofOpenings(): array
    {
        $toOutside = static fn(PlacedOpening $opening) => $opening->isToOutside();
        $missing = static fn(PlacedOpening $opening) => $opening->missingSides();

        return [
            new Attribute('door.kind', Answer::Word, static fn(PlacedOpening $door) => $door->opening->kind),
            new Attribute('door.operation', Answer::Word, static fn(PlacedOpening $door) => $door->opening->door?->operation),
            new Attribute('door.to_outside', Answer::YesNo, $toOutside, $missing),
            new Attribute(
                'door.from_use',
                Answer::Word,
                static fn(PlacedOpening $door) => ($door->left->isOpenAir() === true ? $door->right : $door->left)->room?->room->use,
                $missing,
            ),
            new Attribute('window.operation', Answer::Word, static fn(PlacedOpening $window) => $window->opening->window?->operation),
            new Attribute('window.to_outside', Answer::YesNo, $toOutside, $missing),
            new Attribute('window.safety_glass', Answer::YesNo, static fn(PlacedOpening $window) => $window->opening->window?->safetyGlass),
            new Attribute('window.opening_limiter', Answer::YesNo, static fn(PlacedOpening $window) => $window->opening->window?->openingLimiter),
        ];
    }

    /** @return list<Attribute<PlacedFixture>|Attribute<PlacedStair>> */
    private static function ofFixturesAndStairs(): array
    {
        return [
            new Attribute('fixture.kind', Answer::Word, static fn(PlacedFixture $fixture) => $fixture->fixture->kind),
            new Attribute('stair.kind', Answer::Word, static fn(PlacedStair $stair) => $stair->stair->kind),
            new Attribute('stair.open_risers', Answer::YesNo, static fn(PlacedStair $stair) => $stair->stair->openRisers),
        ];
    }
}
