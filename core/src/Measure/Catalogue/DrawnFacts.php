<?php

declare(strict_types=1);

namespace Heurema\Measure\Catalogue;

use Heurema\Layout\Fixture;
use Heurema\Layout\SlopedCeiling;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Layout\Words\StairKind;
use Heurema\Layout\Words\WallType;
use Heurema\Layout\Words\WindowOperation;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Attribute;
use Heurema\Measure\Wordlists;
use Heurema\Spatial\Beyond;
use Heurema\Spatial\HungSoffit;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\PlacedWall;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\StandingGuard;
use Heurema\Spatial\StoreyPlan;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Units\Quantity;

/** The attributes of subjects that conditions ask for. */
final class DrawnFacts
{
    /** @return list<Attribute<covariant Subject>> */
    public static function all(): array
    {
        return [...self::ofRooms(), ...self::ofDoors(), ...self::ofWindows(), ...self::ofFixtures(), ...self::ofOthers()];
    }

    /** @return list<Attribute<RoomSpace>> */
    private static function ofRooms(): array
    {
        return [
            new Attribute('room.use', AnswerType::Word, static fn(RoomSpace $room) => $room->room->use, words: Wordlists::uses()),
            new Attribute('room.lit', AnswerType::YesNo, static fn(RoomSpace $room) => $room->room->lit),
            new Attribute('room.exhaust', AnswerType::YesNo, static fn(RoomSpace $room) => $room->room->exhaust),
            new Attribute('room.wet', AnswerType::YesNo, static fn(RoomSpace $room) => $room->room->wet),
            new Attribute('room.tile_height', AnswerType::Length, static fn(RoomSpace $room) => self::length($room->room->tileHeight)),
            new Attribute(
                'room.sloped',
                AnswerType::YesNo,
                static fn(RoomSpace $room) => $room->ceiling() === null ? null : $room->ceiling() instanceof SlopedCeiling,
                static fn(RoomSpace $room) => [$room->ceilingKey()],
            ),
        ];
    }

    /** @return list<Attribute<PlacedOpening>> */
    private static function ofDoors(): array
    {
        $missing = static fn(PlacedOpening $door) => $door->missingSides();

        return [
            new Attribute('door.kind', AnswerType::Word, static fn(PlacedOpening $door) => $door->opening->kind, words: Wordlists::of(OpeningKind::class)),
            new Attribute('door.wall_type', AnswerType::Word, static fn(PlacedOpening $door) => $door->wall->type, words: Wordlists::of(WallType::class)),
            new Attribute('door.operation', AnswerType::Word, static fn(PlacedOpening $door) => $door->opening->kind === OpeningKind::Gap ? 'gap' : $door->opening->door?->operation, words: Wordlists::doorOperations()),
            new Attribute('door.width', AnswerType::Length, static fn(PlacedOpening $door) => self::length($door->opening->width)),
            new Attribute('door.height', AnswerType::Length, static fn(PlacedOpening $door) => self::length($door->opening->height)),
            new Attribute('door.depth', AnswerType::Length, static fn(PlacedOpening $door) => self::length($door->wall->thickness)),
            new Attribute('door.leaf_thickness', AnswerType::Length, static fn(PlacedOpening $door) => self::length($door->opening->door?->leafThickness)),
            new Attribute('door.glazed', AnswerType::YesNo, static fn(PlacedOpening $door) => $door->opening->door->glazed ?? false),
            new Attribute('door.safety_glass', AnswerType::YesNo, static fn(PlacedOpening $door) => $door->opening->door?->safetyGlass),
            new Attribute('door.self_closing', AnswerType::YesNo, static fn(PlacedOpening $door) => $door->opening->door?->selfClosing),
            new Attribute('door.fire_minutes', AnswerType::Count, static fn(PlacedOpening $door) => $door->opening->door?->fireMinutes === null ? null : Amount::of(Quantity::Count, $door->opening->door->fireMinutes)),
            new Attribute('door.to_outside', AnswerType::YesNo, static fn(PlacedOpening $door) => $door->isToOutside(), $missing),
            new Attribute(
                'door.from_use',
                AnswerType::Word,
                static fn(PlacedOpening $door) => ($door->left->isOpenAir() === true ? $door->right : $door->left)->room?->room->use,
                $missing,
                words: Wordlists::uses(),
            ),
            new Attribute('door.leads', AnswerType::Word, self::leads(...), $missing, words: Wordlists::pairsOfUses()),
        ];
    }

    /** The uses of the two spaces a door joins, in the order of the alphabet: `bedroom/hall`, `garage/outside`. */
    private static function leads(PlacedOpening $door): ?string
    {
        $uses = array_map(static fn(Beyond $side): ?string => $side->room === null ? ($side->isOpenAir() === true ? 'outside' : null) : $side->room->room->use?->value, [$door->left, $door->right]);
        sort($uses);

        return in_array(null, $uses, true) ? null : implode('/', $uses);
    }

    /** @return list<Attribute<PlacedOpening>> */
    private static function ofWindows(): array
    {
        $missing = static fn(PlacedOpening $window) => $window->missingSides();

        return [
            new Attribute('window.width', AnswerType::Length, static fn(PlacedOpening $window) => self::length($window->opening->width)),
            new Attribute('window.sill', AnswerType::Length, static fn(PlacedOpening $window) => self::length($window->opening->sill)),
            new Attribute('window.wall_type', AnswerType::Word, static fn(PlacedOpening $window) => $window->wall->type, words: Wordlists::of(WallType::class)),
            new Attribute('window.operation', AnswerType::Word, static fn(PlacedOpening $window) => $window->opening->window?->operation, words: Wordlists::of(WindowOperation::class)),
            new Attribute('window.to_outside', AnswerType::YesNo, static fn(PlacedOpening $window) => $window->isToOutside(), $missing),
            new Attribute(
                'window.room_use',
                AnswerType::Word,
                static fn(PlacedOpening $window) => ($window->left->isOpenAir() === true ? $window->right : $window->left)->room?->room->use,
                $missing,
                words: Wordlists::uses(),
            ),
            new Attribute('window.safety_glass', AnswerType::YesNo, static fn(PlacedOpening $window) => $window->opening->window?->safetyGlass),
            new Attribute('window.opening_limiter', AnswerType::YesNo, static fn(PlacedOpening $window) => $window->opening->window?->openingLimiter),
            new Attribute('window.well_ladder', AnswerType::YesNo, static fn(PlacedOpening $window) => $window->opening->window?->well?->ladder, static fn(PlacedOpening $window) => ["{$window->id()}.well.ladder"]),
            new Attribute('window.well_width', AnswerType::Length, static fn(PlacedOpening $window) => self::length($window->opening->window?->well?->width), static fn(PlacedOpening $window) => ["{$window->id()}.well.width"]),
            new Attribute('window.well_projection', AnswerType::Length, static fn(PlacedOpening $window) => self::length($window->opening->window?->well?->projection), static fn(PlacedOpening $window) => ["{$window->id()}.well.projection"]),
            new Attribute('window.well_depth', AnswerType::Length, static fn(PlacedOpening $window) => self::length($window->opening->window?->well?->depth), static fn(PlacedOpening $window) => ["{$window->id()}.well.depth"]),
        ];
    }

    /** @return list<Attribute<PlacedFixture>> */
    private static function ofFixtures(): array
    {
        $lengths = [
            'width' => static fn(Fixture $fixture) => $fixture->width,
            'depth' => static fn(Fixture $fixture) => $fixture->depth,
            'height' => static fn(Fixture $fixture) => $fixture->height,
            'base' => static fn(Fixture $fixture) => $fixture->base ?? ($fixture->kind->hangs() ? null : 0.0),
            'rim' => static fn(Fixture $fixture) => $fixture->rim,
            'seat' => static fn(Fixture $fixture) => $fixture->seat,
            'entry' => static fn(Fixture $fixture) => $fixture->entry,
            'hob' => static fn(Fixture $fixture) => $fixture->hob,
        ];
        $facts = array_map(
            static fn(string $key, \Closure $read): Attribute => new Attribute("fixture.{$key}", AnswerType::Length, static fn(PlacedFixture $fixture) => self::length($read($fixture->fixture))),
            array_keys($lengths),
            array_values($lengths),
        );

        return [
            ...$facts,
            new Attribute('fixture.shower_head', AnswerType::YesNo, static fn(PlacedFixture $fixture) => $fixture->fixture->showerHead ?? in_array($fixture->fixture->kind, [FixtureKind::Shower, FixtureKind::ShowerBath], true)),
            new Attribute('fixture.kind', AnswerType::Word, static fn(PlacedFixture $fixture) => $fixture->fixture->kind, words: Wordlists::kinds()),
            new Attribute('fixture.room_use', AnswerType::Word, static fn(PlacedFixture $fixture) => $fixture->room?->room->use, static fn(PlacedFixture $fixture) => [$fixture->room === null ? "a room around {$fixture->spoken()}" : "{$fixture->room->id()}.use"], words: Wordlists::uses()),
            new Attribute('fixture.tile_height', AnswerType::Length, static fn(PlacedFixture $fixture) => self::length($fixture->room?->room->tileHeight), static fn(PlacedFixture $fixture) => [$fixture->room === null ? "a room around {$fixture->spoken()}" : "{$fixture->room->id()}.tile_height"]),
        ];
    }

    /** @return list<Attribute<covariant Subject>> */
    private static function ofOthers(): array
    {
        return [
            new Attribute('stair.kind', AnswerType::Word, static fn(PlacedStair $stair) => $stair->stair->kind, words: Wordlists::of(StairKind::class)),
            new Attribute('stair.nosing', AnswerType::Length, static fn(PlacedStair $stair) => self::length($stair->stair->nosing)),
            new Attribute('stair.outside', AnswerType::YesNo, static fn(PlacedStair $stair) => $stair->from === null),
            new Attribute('stair.risers', AnswerType::Count, static fn(PlacedStair $stair) => Amount::count($stair->stair->risers())),
            new Attribute('stair.open_risers', AnswerType::YesNo, static fn(PlacedStair $stair) => $stair->stair->openRisers),
            new Attribute('wall.type', AnswerType::Word, static fn(PlacedWall $wall) => $wall->wall->type, words: Wordlists::of(WallType::class)),
            new Attribute('wall.thickness', AnswerType::Length, static fn(PlacedWall $wall) => self::length($wall->wall->thickness)),
            new Attribute('storey.ceiling', AnswerType::Length, static fn(StoreyPlan $plan) => self::length($plan->storey->ceiling)),
            new Attribute('storey.floor_thickness', AnswerType::Length, static fn(StoreyPlan $plan) => self::length($plan->storey->floorThickness)),
            new Attribute('soffit.underside', AnswerType::Length, static fn(HungSoffit $soffit) => self::length($soffit->soffit->underside)),
            new Attribute('soffit.room_use', AnswerType::Word, static fn(HungSoffit $soffit) => $soffit->room?->room->use, static fn(HungSoffit $soffit) => [$soffit->room === null ? "a room under {$soffit->id()}" : "{$soffit->room->id()}.use"], words: Wordlists::uses()),
            new Attribute('guard.height', AnswerType::Length, static fn(StandingGuard $guard) => self::length($guard->guard->height)),
            new Attribute('guard.largest_gap', AnswerType::Length, static fn(StandingGuard $guard) => self::length($guard->guard->largestGap)),
        ];
    }

    private static function length(?float $mm): ?Amount
    {
        return $mm === null ? null : Amount::length($mm);
    }
}
