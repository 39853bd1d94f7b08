<?php

declare(strict_types=1);

namespace Heurema\Measure;

use Heurema\Layout\Fixture;
use Heurema\Layout\Flight;
use Heurema\Layout\Opening;
use Heurema\Layout\Stair;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\PlacedWall;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\ExpectedLength;

/** Which of a fixture's sizes have a usual range: by the document's own key, the kind of length and its value in mm. */
final class DrawnSizes
{
    private const SMALL = [
        FixtureKind::Lavatory, FixtureKind::WaterCloset, FixtureKind::Bidet, FixtureKind::Urinal, FixtureKind::Nightstand,
        FixtureKind::Chair,
    ];
    private const LONG = [
        FixtureKind::Counter, FixtureKind::Island, FixtureKind::Wardrobe,
        FixtureKind::Shelf, FixtureKind::Vanity,
    ];
    private const CABINETS = [FixtureKind::BaseCabinet, FixtureKind::WallCabinet, FixtureKind::TallCabinet];
    private const ANY_SIZE = [
        FixtureKind::GrabBar, FixtureKind::Switch, FixtureKind::Socket, FixtureKind::SmokeAlarm, FixtureKind::CoAlarm, FixtureKind::Lamp,
        FixtureKind::Column, FixtureKind::Duct, FixtureKind::Radiator, FixtureKind::Television, FixtureKind::Hood,
        FixtureKind::ShowerCurtain, FixtureKind::CeilingAccess, FixtureKind::Filler,
    ];

    /** @return array<string, array{ExpectedLength, float}> */
    public static function of(Subject $subject): array
    {
        $sizes = match (true) {
            $subject instanceof PlacedWall => $subject->wall->isOpenBoundary()
                ? []
                : ['thickness' => [ExpectedLength::WallThickness, $subject->wall->thickness]],
            $subject instanceof RoomSpace => self::ofRoom($subject),
            $subject instanceof PlacedOpening => [
                ...self::ofOpening($subject->opening),
                // a roof window is as high as its ceiling
                ...($subject->roof === null ? [] : ['sill' => [ExpectedLength::Sill, null]]),
            ],
            $subject instanceof PlacedFixture => self::ofFixture($subject->fixture),
            $subject instanceof PlacedStair => self::ofStair($subject->stair),
            default => [],
        };

        return array_filter($sizes, static fn(array $size): bool => $size[1] !== null);
    }

    /** @return array<string, array{ExpectedLength, float|null}> */
    private static function ofRoom(RoomSpace $room): array
    {
        $ceiling = $room->ceiling();
        $box = $room->outline()?->bounds();

        return [
            'ceiling' => [ExpectedLength::CeilingHeight, is_float($ceiling) ? $ceiling : null],
            'width' => [ExpectedLength::RoomSide, $box?->width()],
            'depth' => [ExpectedLength::RoomSide, $box?->height()],
        ];
    }

    /** @return array<string, array{ExpectedLength, float|null}> */
    private static function ofOpening(Opening $opening): array
    {
        $isWindow = $opening->kind === OpeningKind::Window;

        return [
            'width' => [$isWindow ? ExpectedLength::WindowWidth : ExpectedLength::DoorWidth, $opening->width],
            'height' => [$isWindow ? ExpectedLength::WindowHeight : ExpectedLength::DoorHeight, $opening->height],
            'sill' => [ExpectedLength::Sill, $opening->sill],
            'frame' => [ExpectedLength::Frame, $opening->window?->frame],
        ];
    }

    /** @return array<string, array{ExpectedLength, float|null}> */
    private static function ofFixture(Fixture $fixture): array
    {
        $kind = match (true) {
            in_array($fixture->kind, self::ANY_SIZE, true) => null,
            in_array($fixture->kind, self::SMALL, true) => ExpectedLength::SmallFixture,
            in_array($fixture->kind, self::LONG, true) => ExpectedLength::Counter,
            in_array($fixture->kind, self::CABINETS, true) => ExpectedLength::Cabinet,
            $fixture->kind === FixtureKind::Mirror => ExpectedLength::Mirror,
            default => ExpectedLength::Fixture,
        };

        return $kind === null ? [] : ['width' => [$kind, $fixture->width]];
    }

    /** @return array<string, array{ExpectedLength, float|null}> */
    private static function ofStair(Stair $stair): array
    {
        $sizes = ['width' => [ExpectedLength::StairWidth, $stair->width]];
        foreach ($stair->parts as $number => $part) {
            if ($part instanceof Flight) {
                $sizes["parts.{$number}.flight.tread"] = [ExpectedLength::Tread, $part->tread];
                foreach ($part->rises ?? [] as $step => $rise) {
                    $sizes["parts.{$number}.flight.rises.{$step}"] = [ExpectedLength::Riser, $rise];
                }
            }
        }

        return $sizes;
    }
}
