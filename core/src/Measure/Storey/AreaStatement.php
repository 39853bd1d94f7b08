<?php

declare(strict_types=1);

namespace Heurema\Measure\Storey;

use Heurema\Geometry\Polygon;
use Heurema\Layout\FloorOpening;
use Heurema\Layout\Words\RoomUse;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Space;
use Heurema\Spatial\StoreyPlan;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/**
 * What a storey measures, part by part: the outside is what its rooms, its walls and nothing else make up.
 *
 * @extends SubjectMeasure<StoreyPlan>
 */
#[Measures(
    'storey.gross_area',
    AnswerType::Area,
    'The area of the storey to the outer faces of its outer walls; courts and open air are no part of it.',
)]
#[Measures('storey.room_area', AnswerType::Area, 'The floors of all its rooms indoors together, between finished faces.')]
#[Measures('storey.wall_area', AnswerType::Area, 'What walls and partitions stand on: the gross area less all spaces indoors.')]
#[Measures('storey.circulation_area', AnswerType::Area, 'The floors of its halls, entries and stairs.')]
#[Measures('storey.opening_area', AnswerType::Area, 'The openings in its floor, for stairs and for spaces two storeys high.')]
final class AreaStatement extends SubjectMeasure
{
    private const CIRCULATION = [RoomUse::Hall, RoomUse::Entry, RoomUse::Stair];

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $area = Amount::drawnArea(match ($this->name()) {
            'storey.gross_area' => self::gross($subject),
            'storey.wall_area' => self::gross($subject) - self::indoors($subject),
            'storey.opening_area' => array_sum(array_map(
                static fn(FloorOpening $void): float => $void->outline->counterClockwise()->area(),
                $subject->storey->voids,
            )),
            'storey.circulation_area' => self::rooms($subject, self::CIRCULATION),
            default => self::rooms($subject, RoomUse::cases()),
        });

        return new Measured($area, [], [Message::of('storey.area_statement.measured', area: $area)]);
    }

    /** In square millimetres. */
    private static function gross(StoreyPlan $plan): float
    {
        $outside = array_sum(array_map(static fn(Polygon $slab): float => $slab->outer->area(), $plan->mass->slab()));

        return $outside - self::areas(array_filter($plan->spaces, static fn(Space $space): bool => self::isOpen($plan, $space)));
    }

    private static function indoors(StoreyPlan $plan): float
    {
        return self::areas(array_filter($plan->spaces, static fn(Space $space): bool => !self::isOpen($plan, $space)));
    }

    /** A balcony, a porch or a terrace with walls around it. */
    private static function isOpen(StoreyPlan $plan, Space $space): bool
    {
        return $space->rooms !== [] && $plan->at($space->rooms[0]->at)?->isOpenAir() === true;
    }

    /** @param array<Space> $spaces */
    private static function areas(array $spaces): float
    {
        return array_sum(array_map(static fn(Space $space): float => $space->outline->area(), $spaces));
    }

    /** @param list<RoomUse> $uses */
    private static function rooms(StoreyPlan $plan, array $uses): float
    {
        $counted = array_filter(
            $plan->rooms,
            static fn(RoomSpace $room): bool => in_array($room->room->use ?? RoomUse::Other, $uses, true)
                && $plan->at($room->room->at)?->isOpenAir() === false,
        );

        return array_sum(array_map(static fn(RoomSpace $room): float => $room->outline()?->area() ?? 0.0, $counted));
    }
}
