<?php

declare(strict_types=1);

namespace Heurema\Measure\Catalogue;

use Heurema\Layout\Fixture;
use Heurema\Layout\SlopedCeiling;
use Heurema\Layout\Words\DoorOperation;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Layout\Words\RoomUse;
use Heurema\Layout\Words\StairKind;
use Heurema\Layout\Words\Status;
use Heurema\Layout\Words\WallType;
use Heurema\Layout\Words\WindowOperation;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Attribute;
use Heurema\Spatial\Beyond;
use Heurema\Spatial\Home;
use Heurema\Spatial\HungSoffit;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\PlacedRamp;
use Heurema\Spatial\PlacedWall;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\StandingGuard;
use Heurema\Spatial\StoreyPlan;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Units\Amount;
use Heurema\Units\Quantity;

/** The attributes of subjects that conditions ask for. */
final class DrawnFacts
{
    /** @return list<Attribute<covariant Subject>> */
    public static function all(): array
    {
        return [
            ...self::ofRooms(), ...self::ofDoors(), ...self::ofWindows(), ...self::ofFixtures(), ...self::ofOthers(), ...self::statuses(),
        ];
    }

    /** @return list<Attribute<covariant Subject>> */
    private static function statuses(): array
    {
        $status = static fn(SubjectType $of, \Closure $read): Attribute => new Attribute(
            "{$of->value}.status",
            AnswerType::Word,
            'Whether it is new work, or stood before.',
            $read,
            words: [Status::class],
        );

        return [
            $status(SubjectType::Wall, static fn(PlacedWall $wall): Status => $wall->wall->status),
            $status(SubjectType::Door, static fn(PlacedOpening $door): Status => $door->opening->status),
            $status(SubjectType::Window, static fn(PlacedOpening $window): Status => $window->opening->status),
            $status(SubjectType::Fixture, static fn(PlacedFixture $fixture): Status => $fixture->fixture->status),
            $status(SubjectType::Stair, static fn(PlacedStair $stair): Status => $stair->stair->status),
            $status(SubjectType::Ramp, static fn(PlacedRamp $ramp): Status => $ramp->ramp->status),
        ];
    }

    /** @return list<Attribute<RoomSpace>> */
    private static function ofRooms(): array
    {
        return [
            new Attribute(
                'room.use',
                AnswerType::Word,
                'What the room is used for.',
                static fn(RoomSpace $room) => $room->room->use,
                words: [RoomUse::class],
            ),
            new Attribute(
                'room.lit',
                AnswerType::YesNo,
                'Whether the room has artificial light.',
                static fn(RoomSpace $room) => $room->room->lit,
            ),
            new Attribute(
                'room.exhaust',
                AnswerType::YesNo,
                'Whether the room has an exhaust fan.',
                static fn(RoomSpace $room) => $room->room->exhaust,
            ),
            new Attribute(
                'room.exhaust_rate',
                AnswerType::AirFlow,
                'How much air its exhaust moves.',
                static fn(RoomSpace $room) => $room->room->exhaustRate === null ? null : Amount::airFlow($room->room->exhaustRate),
            ),
            new Attribute(
                'room.floor_finish_thickness',
                AnswerType::Length,
                'How thick the finish on its bare floor is.',
                static fn(RoomSpace $room) => self::length($room->room->floorFinishThickness),
            ),
            new Attribute(
                'room.wet',
                AnswerType::YesNo,
                'Whether the room’s floor gets wet.',
                static fn(RoomSpace $room) => $room->room->wet,
            ),
            new Attribute(
                'room.tile_height',
                AnswerType::Length,
                'How high the room’s walls are tiled.',
                static fn(RoomSpace $room) => self::length($room->room->tileHeight),
            ),
            new Attribute(
                'room.floor_finish',
                AnswerType::Word,
                'What the room’s floor is finished with, in words.',
                static fn(RoomSpace $room) => $room->room->floorFinish,
            ),
            new Attribute(
                'room.sloped',
                AnswerType::YesNo,
                'Whether the room’s ceiling slopes.',
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
            new Attribute(
                'door.kind',
                AnswerType::Word,
                'Whether it is a door or a bare opening.',
                static fn(PlacedOpening $door) => $door->opening->kind,
                words: [OpeningKind::class],
            ),
            new Attribute(
                'door.wall_type',
                AnswerType::Word,
                'Of what type its wall is.',
                static fn(PlacedOpening $door) => $door->wall->type,
                words: [WallType::class],
            ),
            new Attribute(
                'door.operation',
                AnswerType::Word,
                'How the door moves; `gap` for a bare opening.',
                static fn(PlacedOpening $door) => $door->opening->kind === OpeningKind::Bare ? 'gap' : $door->opening->door?->operation,
                words: [DoorOperation::class, 'gap'],
            ),
            new Attribute(
                'door.width',
                AnswerType::Length,
                'The width of its opening in the wall.',
                static fn(PlacedOpening $door) => self::length($door->opening->width),
            ),
            new Attribute(
                'door.height',
                AnswerType::Length,
                'The height of its opening in the wall.',
                static fn(PlacedOpening $door) => self::length($door->opening->height),
            ),
            new Attribute(
                'door.depth',
                AnswerType::Length,
                'How thick its wall is.',
                static fn(PlacedOpening $door) => self::length($door->wall->thickness),
            ),
            new Attribute(
                'door.leaf_thickness',
                AnswerType::Length,
                'How thick its leaf is.',
                static fn(PlacedOpening $door) => self::length($door->opening->door?->leafThickness),
            ),
            new Attribute(
                'door.glass_bottom',
                AnswerType::Length,
                'How high its glass begins above the floor.',
                static fn(PlacedOpening $door) => self::length($door->opening->door?->glassBottom),
            ),
            new Attribute(
                'door.glass_top',
                AnswerType::Length,
                'How high its glass ends above the floor.',
                static fn(PlacedOpening $door) => self::length($door->opening->door?->glassTop),
            ),
            new Attribute(
                'door.glazed',
                AnswerType::YesNo,
                'Whether its leaf is glazed.',
                static fn(PlacedOpening $door) => $door->opening->door->glazed ?? false,
            ),
            new Attribute(
                'door.safety_glass',
                AnswerType::YesNo,
                'Whether the glass of its leaf is safety glass.',
                static fn(PlacedOpening $door) => $door->opening->door?->safetyGlass,
            ),
            new Attribute(
                'door.self_closing',
                AnswerType::YesNo,
                'Whether it closes by itself.',
                static fn(PlacedOpening $door) => $door->opening->door?->selfClosing,
            ),
            new Attribute(
                'door.fire_minutes',
                AnswerType::Count,
                'How many minutes it withstands fire.',
                static fn(PlacedOpening $door) => $door->opening->door?->fireMinutes === null
                    ? null
                    : Amount::of(Quantity::Count, $door->opening->door->fireMinutes),
            ),
            new Attribute(
                'door.to_outside',
                AnswerType::YesNo,
                'Whether it leads into the open air.',
                static fn(PlacedOpening $door) => $door->isToOutside(),
                $missing,
            ),
            new Attribute(
                'door.from_use',
                AnswerType::Word,
                'The use of the room that it leads out of; of an inner door that on its right.',
                static fn(PlacedOpening $door) => ($door->left->isOpenAir() === true ? $door->right : $door->left)->room?->room->use,
                $missing,
                words: [RoomUse::class],
            ),
            new Attribute(
                'door.leads',
                AnswerType::Word,
                'The uses of both its sides in the order of the alphabet: `bedroom/hall`, `garage/outside`.',
                self::leads(...),
                $missing,
                words: self::pairsOfUses(),
            ),
        ];
    }

    /** The uses of the two spaces a door joins, in the order of the alphabet: `bedroom/hall`, `garage/outside`. */
    private static function leads(PlacedOpening $door): ?string
    {
        $uses = array_map(
            static fn(Beyond $side): ?string => $side->room === null
                ? ($side->isOpenAir() === true ? 'outside' : null)
                : $side->room->room->use?->value,
            [$door->left, $door->right],
        );
        sort($uses);

        return in_array(null, $uses, true) ? null : implode('/', $uses);
    }

    /** @return list<string> the uses of both sides of a door, in the order of the alphabet */
    private static function pairsOfUses(): array
    {
        $sides = [...array_column(RoomUse::cases(), 'value'), 'outside'];
        sort($sides);
        $pairs = [];
        foreach ($sides as $number => $one) {
            foreach (array_slice($sides, $number) as $other) {
                $pairs[] = "{$one}/{$other}";
            }
        }

        return $pairs;
    }

    /** @return list<Attribute<PlacedOpening>> */
    private static function ofWindows(): array
    {
        $missing = static fn(PlacedOpening $window) => $window->missingSides();

        return [
            new Attribute(
                'window.bar_height',
                AnswerType::Length,
                'How high above the floor the window is guarded.',
                static fn(PlacedOpening $window) => self::length($window->opening->window?->barHeight),
            ),
            new Attribute(
                'window.width',
                AnswerType::Length,
                'The width of its opening in the wall.',
                static fn(PlacedOpening $window) => self::length($window->opening->width),
            ),
            new Attribute(
                'window.sill',
                AnswerType::Length,
                'The height of its sill above the floor.',
                static fn(PlacedOpening $window) => self::length($window->opening->sill),
            ),
            new Attribute(
                'window.wall_type',
                AnswerType::Word,
                'Of what type its wall is.',
                static fn(PlacedOpening $window) => $window->wall->type,
                words: [WallType::class],
            ),
            new Attribute(
                'window.operation',
                AnswerType::Word,
                'How the window opens.',
                static fn(PlacedOpening $window) => $window->opening->window?->operation,
                words: [WindowOperation::class],
            ),
            new Attribute(
                'window.to_outside',
                AnswerType::YesNo,
                'Whether it looks into the open air.',
                static fn(PlacedOpening $window) => $window->isToOutside(),
                $missing,
            ),
            new Attribute(
                'window.room_use',
                AnswerType::Word,
                'The use of the room that it lights.',
                static fn(PlacedOpening $window) => (
                    $window->left->isOpenAir() === true ? $window->right : $window->left
                )->room?->room->use,
                $missing,
                words: [RoomUse::class],
            ),
            new Attribute(
                'window.safety_glass',
                AnswerType::YesNo,
                'Whether its glass is safety glass.',
                static fn(PlacedOpening $window) => $window->opening->window?->safetyGlass,
            ),
            new Attribute(
                'window.opening_limiter',
                AnswerType::YesNo,
                'Whether a limiter keeps it from opening wide.',
                static fn(PlacedOpening $window) => $window->opening->window?->openingLimiter,
            ),
            new Attribute(
                'window.well_ladder',
                AnswerType::YesNo,
                'Whether the well before it has a ladder or steps.',
                static fn(PlacedOpening $window) => $window->opening->window?->well?->ladder,
                static fn(PlacedOpening $window) => ["{$window->id()}.well.ladder"],
            ),
            new Attribute(
                'window.well_width',
                AnswerType::Length,
                'The width of the well before it.',
                static fn(PlacedOpening $window) => self::length($window->opening->window?->well?->width),
                static fn(PlacedOpening $window) => ["{$window->id()}.well.width"],
            ),
            new Attribute(
                'window.well_projection',
                AnswerType::Length,
                'How far the well before it reaches from the wall.',
                static fn(PlacedOpening $window) => self::length($window->opening->window?->well?->projection),
                static fn(PlacedOpening $window) => ["{$window->id()}.well.projection"],
            ),
            new Attribute(
                'window.well_depth',
                AnswerType::Length,
                'How deep the well before it is below the ground.',
                static fn(PlacedOpening $window) => self::length($window->opening->window?->well?->depth),
                static fn(PlacedOpening $window) => ["{$window->id()}.well.depth"],
            ),
        ];
    }

    /** @return list<Attribute<PlacedFixture>> */
    private static function ofFixtures(): array
    {
        $lengths = [
            'width' => ['Its width.', static fn(Fixture $fixture) => $fixture->width],
            'depth' => ['Its depth.', static fn(Fixture $fixture) => $fixture->depth],
            'height' => ['Its height, from its underside.', static fn(Fixture $fixture) => $fixture->height],
            'base' => [
                'How high its underside is above the floor; 0 for what stands on it.',
                static fn(Fixture $fixture) => $fixture->base ?? ($fixture->kind->hangs() ? null : 0.0),
            ],
            'rim' => ['How high its rim is above the floor.', static fn(Fixture $fixture) => $fixture->rim],
            'seat' => ['How high its seat is above the floor.', static fn(Fixture $fixture) => $fixture->seat],
            'entry' => ['How high one steps to get into it.', static fn(Fixture $fixture) => $fixture->entry],
            'headroom' => [
                'How much clear height there is over an opening in the ceiling.',
                static fn(Fixture $fixture) => $fixture->headroom,
            ],
            'hob' => ['How high the edge of the hob is.', static fn(Fixture $fixture) => $fixture->hob],
        ];
        $facts = [];
        foreach ($lengths as $key => [$tells, $read]) {
            $facts[] = new Attribute(
                "fixture.{$key}",
                AnswerType::Length,
                $tells,
                static fn(PlacedFixture $fixture) => self::length($read($fixture->fixture)),
            );
        }

        return [
            ...$facts,
            new Attribute(
                'fixture.shorter_side',
                AnswerType::Length,
                'The smaller of its width and its depth.',
                static fn(PlacedFixture $fixture) => $fixture->fixture->width === null || $fixture->fixture->depth === null
                    ? null
                    : Amount::length(min($fixture->fixture->width, $fixture->fixture->depth)),
                self::sidesMissing(...),
            ),
            new Attribute(
                'fixture.longer_side',
                AnswerType::Length,
                'The larger of its width and its depth.',
                static fn(PlacedFixture $fixture) => $fixture->fixture->width === null || $fixture->fixture->depth === null
                    ? null
                    : Amount::length(max($fixture->fixture->width, $fixture->fixture->depth)),
                self::sidesMissing(...),
            ),
            new Attribute(
                'fixture.shower_head',
                AnswerType::YesNo,
                'Whether it has a shower head; a shower has one unless it is said otherwise.',
                static fn(PlacedFixture $fixture) => $fixture->fixture->showerHead
                    ?? in_array($fixture->fixture->kind, [FixtureKind::Shower, FixtureKind::ShowerBath], true),
            ),
            new Attribute(
                'fixture.kind',
                AnswerType::Word,
                'What kind of fixture it is.',
                static fn(PlacedFixture $fixture) => $fixture->fixture->kind,
                words: [FixtureKind::class],
            ),
            new Attribute(
                'fixture.room_use',
                AnswerType::Word,
                'The use of the room that it stands in.',
                static fn(PlacedFixture $fixture) => $fixture->room?->room->use,
                static fn(PlacedFixture $fixture) => [
                    $fixture->room === null ? "a room around {$fixture->id()}" : "{$fixture->room->id()}.use",
                ],
                words: [RoomUse::class],
            ),
        ];
    }

    /** @return list<string> */
    private static function sidesMissing(PlacedFixture $fixture): array
    {
        return [
            ...($fixture->fixture->width === null ? ["{$fixture->id()}.width"] : []),
            ...($fixture->fixture->depth === null ? ["{$fixture->id()}.depth"] : []),
        ];
    }

    /** @return list<Attribute<covariant Subject>> */
    private static function ofOthers(): array
    {
        return [
            new Attribute(
                'stair.kind',
                AnswerType::Word,
                'Of what kind the stair is.',
                static fn(PlacedStair $stair) => $stair->stair->kind,
                words: [StairKind::class],
            ),
            new Attribute(
                'stair.nosing',
                AnswerType::Length,
                'How far a tread projects over the riser below it.',
                static fn(PlacedStair $stair) => self::length($stair->stair->nosing),
            ),
            new Attribute(
                'stair.outside',
                AnswerType::YesNo,
                'Whether the stair is outdoors.',
                static fn(PlacedStair $stair) => $stair->from === null,
            ),
            new Attribute(
                'stair.risers',
                AnswerType::Count,
                'How many risers the stair has.',
                static fn(PlacedStair $stair) => Amount::count($stair->stair->risers()),
            ),
            new Attribute(
                'stair.open_risers',
                AnswerType::YesNo,
                'Whether its risers are open.',
                static fn(PlacedStair $stair) => $stair->stair->openRisers,
            ),
            new Attribute(
                'wall.type',
                AnswerType::Word,
                'Of what type the wall is.',
                static fn(PlacedWall $wall) => $wall->wall->type,
                words: [WallType::class],
            ),
            new Attribute(
                'dwelling.attic_area',
                AnswerType::Area,
                'What of the attic under the roof is at least 30 in (762 mm) high; 0 where there is none.',
                static fn(Home $home) => $home->layout->atticArea === null ? null : Amount::area($home->layout->atticArea),
                static fn(): array => ['attic_area'],
            ),
            new Attribute(
                'wall.fire_minutes',
                AnswerType::Count,
                'How many minutes it withstands fire.',
                static fn(PlacedWall $wall) => $wall->wall->fireMinutes === null
                    ? null
                    : Amount::of(Quantity::Count, $wall->wall->fireMinutes),
            ),
            new Attribute(
                'wall.thickness',
                AnswerType::Length,
                'How thick the wall is.',
                static fn(PlacedWall $wall) => self::length($wall->wall->thickness),
            ),
            new Attribute(
                'storey.ceiling',
                AnswerType::Length,
                'How high the storey’s ceiling is above its floor.',
                static fn(StoreyPlan $plan) => self::length($plan->storey->ceiling),
            ),
            new Attribute(
                'storey.floor_thickness',
                AnswerType::Length,
                'How thick the storey’s floor is.',
                static fn(StoreyPlan $plan) => self::length($plan->storey->floorThickness),
            ),
            new Attribute(
                'soffit.underside',
                AnswerType::Length,
                'How high its underside is above the floor.',
                static fn(HungSoffit $soffit) => self::length($soffit->soffit->underside),
            ),
            new Attribute(
                'soffit.room_use',
                AnswerType::Word,
                'The use of the room that it hangs in.',
                static fn(HungSoffit $soffit) => $soffit->room?->room->use,
                static fn(HungSoffit $soffit) => [$soffit->room === null ? "a room under {$soffit->id()}" : "{$soffit->room->id()}.use"],
                words: [RoomUse::class],
            ),
            new Attribute(
                'guard.height',
                AnswerType::Length,
                'How high the guard is.',
                static fn(StandingGuard $guard) => self::length($guard->guard->height),
            ),
            new Attribute(
                'guard.climbable',
                AnswerType::YesNo,
                'Whether children find footholds in the guard.',
                static fn(StandingGuard $guard) => $guard->guard->isClimbable(),
            ),
            new Attribute(
                'guard.largest_gap',
                AnswerType::Length,
                'The largest gap in the guard.',
                static fn(StandingGuard $guard) => self::length($guard->guard->gap()),
            ),
        ];
    }

    private static function length(?float $mm): ?Amount
    {
        return $mm === null ? null : Amount::length($mm);
    }
}
