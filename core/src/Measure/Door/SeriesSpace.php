<?php

declare(strict_types=1);

namespace Heurema\Measure\Door;

use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Layout\Words\DoorOperation;
use Heurema\Layout\Words\WallSide;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Witness;
use Heurema\Spatial\DoorLeaf;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures(
    'door.series_space',
    AnswerType::Length,
    'Between this hinged door and another hinged one that one walks up to straight through it, less the '
    .'leaves that swing into the space between, where that leaves least.',
)]
final class SeriesSpace extends SubjectMeasure
{
    private const SERIES = 3000.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $nearest = null;
        if (!self::isHinged($subject)) {
            return new NotApplicable(Message::of('door.series_space.no_leaf_of_it'));
        }
        $rooms = array_values(array_filter([$subject->left->room, $subject->right->room]));
        foreach ($rooms as $room) {
            foreach ($home->openingsOf($room) as $other) {
                if ($other === $subject || !self::isHinged($other)) {
                    continue;
                }
                $line = self::way($subject, $other, $room);
                $space = $line === null ? INF : $line->length() - self::leafInto($subject, $room) - self::leafInto($other, $room);
                if ($line !== null && $line->length() <= self::SERIES + Tolerance::TOUCH && ($nearest === null || $space < $nearest[3])) {
                    $nearest = [$line, $other, $room, $space];
                }
            }
        }
        if ($nearest === null) {
            return new NotApplicable(Message::of('door.series_space.no_other_door_follows'));
        }
        [$line, $other, $room] = $nearest;
        $leaves = self::leafInto($subject, $room) + self::leafInto($other, $room);
        $space = max(0.0, $line->length() - $leaves);

        return new Measured(
            Amount::length($space),
            [Witness::dimension($subject->storey(), $line, Amount::length($line->length()))],
            [
                Message::of(
                    'door.series_space.to_it_is_less',
                    other: $other->name(),
                    line: Amount::length($line->length()),
                    leaves: Amount::length($leaves),
                    space: Amount::length($space),
                ),
            ],
        );
    }

    private static function isHinged(PlacedOpening $door): bool
    {
        return in_array($door->opening->door?->operation, [DoorOperation::Hinged, DoorOperation::DoubleHinged], true);
    }

    /** Straight from face to face, where the one door stands before the other. */
    private static function way(PlacedOpening $one, PlacedOpening $other, RoomSpace $room): ?Segment
    {
        $along = $one->wall->line()->direction();
        $out = $along->left()->times($one->left->isRoom($room) ? 1 : -1);
        $apart = $other->middle()->minus($one->middle());
        $ahead = $apart->dot($out) - ($one->wall->thickness + $other->wall->thickness) / 2;
        $isAhead = $ahead > 0 && abs($along->cross($other->wall->line()->direction())) < 0.02;
        if (!$isAhead || abs($apart->dot($along)) >= (($one->opening->width ?? 0.0) + ($other->opening->width ?? 0.0)) / 2) {
            return null;
        }
        $start = $one->middle()->plus($out->times($one->wall->thickness / 2));

        return new Segment($start, $start->plus($out->times($ahead)));
    }

    private static function leafInto(PlacedOpening $door, RoomSpace $room): float
    {
        $side = $door->left->isRoom($room) ? WallSide::Left : WallSide::Right;
        $leaves = $door->opening->door?->opens === $side ? DoorLeaf::of($door) : [];

        return array_reduce($leaves, static fn(float $widest, DoorLeaf $leaf): float => max($widest, $leaf->width()), 0.0);
    }
}
