<?php

declare(strict_types=1);

namespace Heurema\Measure\Catalogue;

use Heurema\Geometry\LargestRectangle;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Segment;
use Heurema\Layout\SlopedCeiling;
use Heurema\Layout\Storey;
use Heurema\Layout\Words\DoorOperation;
use Heurema\Layout\Words\RoomUse;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Door\ClearHeight;
use Heurema\Measure\Door\ClearWidth;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\Room\FloorArea;
use Heurema\Measure\ShortMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Beyond;
use Heurema\Spatial\Home;
use Heurema\Spatial\HungSoffit;
use Heurema\Spatial\OutsideLevel;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\StoreyPlan;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** Short measures of what follows from the drawing at once. */
final class DerivedFacts
{
    private const HABITABLE = [
        RoomUse::Living, RoomUse::Dining, RoomUse::Kitchen, RoomUse::KitchenDining, RoomUse::KitchenLiving, RoomUse::Study,
        RoomUse::Bedroom,
    ];

    /** The width and height, mm, of the door that lets one out of a home: 32 in and 78 in (IRC R311.2). */
    private const EGRESS_WIDTH = 812.8;
    private const EGRESS_HEIGHT = 1981.2;

    /** A storey whose upper floor lies no higher above the ground than this, mm, is a basement: 6 ft (IRC R202). */
    private const BASEMENT = 1828.8;

    /** @return list<ShortMeasure<covariant Subject>> */
    public static function all(): array
    {
        return [...self::ofDoors(), ...self::ofStoreys(), ...self::ofOthers()];
    }

    /** @return list<ShortMeasure<PlacedOpening>> */
    private static function ofDoors(): array
    {
        return [
            new ShortMeasure(
                'door.in_party_wall',
                AnswerType::Count,
                '1 where its wall abuts a neighbour, else 0.',
                self::inPartyWall(...),
            ),
            new ShortMeasure(
                'window.in_party_wall',
                AnswerType::Count,
                '1 where its wall abuts a neighbour, else 0.',
                self::inPartyWall(...),
            ),
            new ShortMeasure(
                'door.outside_risers',
                AnswerType::Count,
                'How many risers the steps have that come up to it from outside.',
                static function (
                    PlacedOpening $door,
                    Home $home,
                ): Measurement {
                    $steps = $door->isToOutside() === true ? OutsideLevel::of($door, $home)->steps : null;

                    return $steps === null
                        ? new NotApplicable(Message::of('catalogue.derived_facts.no_steps_come_up'))
                        : new Measured(
                            Amount::count($steps->stair->risers()),
                            [],
                            [Message::of('catalogue.derived_facts.comes_up_to_it', steps: $steps->name())],
                        );
                },
            ),
            new ShortMeasure(
                'door.balcony_area',
                AnswerType::Area,
                'The area of the balcony that it opens onto.',
                static function (
                    PlacedOpening $door,
                    Home $home,
                ): Measurement {
                    foreach ([$door->left->room, $door->right->room] as $room) {
                        if ($room?->room->use === RoomUse::Balcony) {
                            return (new FloorArea())->of($room, $home, new Parameters());
                        }
                    }

                    return new NotApplicable(Message::of('catalogue.derived_facts.it_opens_onto_no'));
                },
            ),
            new ShortMeasure(
                'door.required_egress',
                AnswerType::YesNo,
                'Whether it is the only hinged door of 32 in by 78 in by which the home can be left.',
                self::isRequiredEgress(...),
            ),
        ];
    }

    private static function inPartyWall(PlacedOpening $opening, Home $home): Measurement
    {
        $is = $opening->isInPartyWall();

        return new Measured(
            Amount::count($is ? 1 : 0),
            [Witness::mark($opening->storey(), $opening->middle())],
            [
                $is
                    ? Message::of('catalogue.derived_facts.its_wall_abuts_neighbour')
                    : Message::of('catalogue.derived_facts.its_wall_abuts_no'),
            ],
        );
    }

    /** Is it the one door by which the home can be left? Of several none is required alone. */
    private static function isRequiredEgress(PlacedOpening $door, Home $home): Measurement
    {
        if ($door->isToOutside() === null) {
            return new Unknown($door->missingSides());
        }
        $others = array_filter($home->openings, static fn(PlacedOpening $other): bool => $other !== $door && self::letsOut($other, $home));

        return new Measured(
            $others === [] && $door->isToOutside() === true && $door->opening->door?->operation !== DoorOperation::Overhead,
        );
    }

    private static function letsOut(PlacedOpening $door, Home $home): bool
    {
        $isHinged = in_array($door->opening->door?->operation, [DoorOperation::Hinged, DoorOperation::DoubleHinged], true);
        $from = $door->left->isOpenAir() === true ? $door->right : $door->left;
        if (
            $door->type() !== SubjectType::Door
            || !$isHinged
            || $door->isToOutside() !== true
            || $from->room?->room->use === RoomUse::Garage
        ) {
            return false;
        }
        $width = (new ClearWidth())->of($door, $home, new Parameters());
        $height = (new ClearHeight())->of($door, $home, new Parameters());

        return $width instanceof Measured && $width->amount()->isAtLeast(Amount::length(self::EGRESS_WIDTH))
            && $height instanceof Measured && $height->amount()->isAtLeast(Amount::length(self::EGRESS_HEIGHT));
    }

    /** @return list<ShortMeasure<covariant Subject>> */
    private static function ofStoreys(): array
    {
        return [
            new ShortMeasure(
                'storey.basement',
                AnswerType::YesNo,
                'Whether the storey lies below ground: the floor above it no higher than 6 ft above the ground.',
                self::isBasement(...),
            ),
            new ShortMeasure(
                'storey.habitable_attic',
                AnswerType::YesNo,
                'Whether all its rooms to live in lie under slopes.',
                static function (StoreyPlan $plan): Measurement {
                    $habitable = array_filter(
                        $plan->rooms,
                        static fn(RoomSpace $room): bool => $room->room->use?->isAmong(...self::HABITABLE) === true,
                    );

                    return new Measured(
                        $habitable !== []
                            && array_filter(
                                $habitable,
                                static fn(RoomSpace $room): bool => !$room->ceiling() instanceof SlopedCeiling,
                            ) === [],
                    );
                },
            ),
            new ShortMeasure(
                'storey.only_plant',
                AnswerType::YesNo,
                'Whether all its rooms are for plant or utilities.',
                static fn(StoreyPlan $plan): Measurement
                => new Measured(
                    $plan->rooms !== []
                    && array_filter(
                        $plan->rooms,
                        static fn(RoomSpace $room): bool => !in_array($room->room->use, [RoomUse::Plant, RoomUse::Utility], true),
                    ) === [],
                ),
            ),
            new ShortMeasure(
                'storey.internal_area',
                AnswerType::Area,
                'The area of the storey inside its outer walls.',
                static function (
                    StoreyPlan $plan,
                    Home $home,
                ): Measurement {
                    $area = Amount::drawnArea(array_sum(array_map(
                        static fn(Polygon $floor): float => $floor->area(),
                        $plan->innerFloor(),
                    )));

                    return new Measured($area, [], [Message::of('catalogue.derived_facts.inside_outer_walls', area: $area)]);
                },
            ),
            new ShortMeasure(
                'dwelling.garage_openings',
                AnswerType::Count,
                'How many doors join the garage and the home.',
                static function (Home $home): Measurement {
                    $found = array_values(array_filter(
                        $home->openings,
                        static fn(PlacedOpening $opening): bool => $opening->type() === SubjectType::Door && self::joinsGarage($opening),
                    ));

                    return new Measured(
                        Amount::count(count($found)),
                        array_map(static fn(PlacedOpening $door): Witness => Witness::mark($door->storey(), $door->middle()), $found),
                        [
                            $found === []
                                ? Message::of('catalogue.derived_facts.no_door_joins_garage')
                                : Message::of('catalogue.derived_facts.door_joins_garage_and'),
                        ],
                    );
                },
            ),
        ];
    }

    private static function joinsGarage(PlacedOpening $door): bool
    {
        $isGarage = static fn(Beyond $side): bool => $side->room?->room->use === RoomUse::Garage;
        $isHome = static fn(Beyond $side): bool => $side->room !== null && $side->isOpenAir() === false && !$isGarage($side);

        return ($isGarage($door->left) && $isHome($door->right)) || ($isGarage($door->right) && $isHome($door->left));
    }

    private static function isBasement(StoreyPlan $plan, Home $home): Measurement
    {
        $storeys = $home->layout->storeys;
        $above = $storeys[(int) array_search($plan->storey, $storeys, true) + 1] ?? null;
        [$floor, $grade] = [$plan->storey->elevation, $home->ground()->plane() ?? 0.0];
        if ($floor === null) {
            return new Unknown(["{$plan->id()}.elevation"]);
        }
        if ($floor >= $grade) {
            return new Measured(false);
        }
        $upper = $above instanceof Storey ? $above->elevation : ($plan->storey->ceiling === null ? null : $floor + $plan->storey->ceiling);

        return $upper === null
            ? new Unknown([$above instanceof Storey ? "{$above->id}.elevation" : "{$plan->id()}.ceiling"])
            : new Measured(
                $upper - $grade <= self::BASEMENT,
                [],
                [Message::of('catalogue.derived_facts.floor_above_it_lies', upper: Amount::length($upper - $grade))],
                $home->ground()->isSaid() ? [] : [Message::of('catalogue.derived_facts.ground_is_taken_to')],
            );
    }

    /** @return list<ShortMeasure<covariant Subject>> */
    private static function ofOthers(): array
    {
        return [
            new ShortMeasure(
                'room.ways_out',
                AnswerType::Count,
                '1 where a way leads from the room outside, else 0.',
                static function (
                    RoomSpace $room,
                    Home $home,
                ): Measurement {
                    $ways = $home->waysIn();
                    if ($ways->reach($room)) {
                        return new Measured(Amount::count(1), [], [Message::of('catalogue.derived_facts.way_leads_outside')]);
                    }

                    return $ways->missing === []
                        ? new Measured(
                            Amount::count(0),
                            [Witness::mark($room->storey(), $room->room->at)],
                            [Message::of('catalogue.derived_facts.no_way_leads_outside')],
                        )
                        : new Unknown(array_values(array_unique($ways->missing)));
                },
            ),
            new ShortMeasure(
                'soffit.width',
                AnswerType::Length,
                'The width of the soffit, the shorter side of the largest rectangle in it.',
                static function (
                    HungSoffit $soffit,
                    Home $home,
                ): Measurement {
                    $width = LargestRectangle::breadth($soffit->soffit->outline);

                    return new Measured(
                        Amount::length($width),
                        [Witness::outline($soffit->storey(), $soffit->soffit->outline, Amount::length($width))],
                        [Message::of('catalogue.derived_facts.it_is_wide', width: Amount::length($width))],
                    );
                },
            ),
            new ShortMeasure(
                'stair.total_rise',
                AnswerType::Length,
                'How high the stair climbs from foot to head.',
                static function (
                    PlacedStair $stair,
                    Home $home,
                ): Measurement {
                    $climb = Climb::of($stair);

                    return $climb instanceof Climb
                        ? new Measured(
                            Amount::length($climb->top()),
                            [Witness::mark($stair->storey(), $stair->stair->start, Amount::length($climb->top()))],
                            [Message::of('catalogue.derived_facts.from_its_foot_to', top: Amount::length($climb->top()))],
                        )
                        : new Unknown($climb);
                },
            ),
            new ShortMeasure(
                'fixture.top',
                AnswerType::Length,
                'How high its top is above the floor.',
                static function (
                    PlacedFixture $fixture,
                    Home $home,
                ): Measurement {
                    $top = $fixture->top();

                    return $top === null
                        ? new Unknown($fixture->missingForTop())
                        : new Measured(
                            Amount::length($top),
                            [Witness::mark($fixture->storey(), $fixture->fixture->at, Amount::length($top))],
                            [Message::of('catalogue.derived_facts.its_top_is_above', top: Amount::length($top))],
                        );
                },
            ),
            new ShortMeasure(
                'fixture.length',
                AnswerType::Length,
                'Its longer side.',
                static function (
                    PlacedFixture $fixture,
                    Home $home,
                ): Measurement {
                    [$width, $depth] = [$fixture->fixture->width, $fixture->fixture->depth];
                    if ($width === null || $depth === null) {
                        return new Unknown([
                            ...($width === null ? ["{$fixture->id()}.width"] : []),
                            ...($depth === null ? ["{$fixture->id()}.depth"] : []),
                        ]);
                    }
                    $side = $width >= $depth
                        ? new Segment(new Point(-$width / 2, $depth / 2), new Point($width / 2, $depth / 2))
                        : new Segment(new Point(0, 0), new Point(0, $depth));

                    return new Measured(
                        Amount::length(max($width, $depth)),
                        [Witness::dimension(
                            $fixture->storey(),
                            new Segment($fixture->frame->toPlan($side->from), $fixture->frame->toPlan($side->to)),
                            Amount::length(max($width, $depth)),
                        )],
                        [Message::of('catalogue.derived_facts.its_longer_side', width: Amount::length(max($width, $depth)))],
                    );
                },
            ),
        ];
    }
}
