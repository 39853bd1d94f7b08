<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\SpaceSide;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures(
    'fixture.tile_height',
    AnswerType::Length,
    'How high the walls that it stands at are tiled: the lowest of them; where it stands free, as its room is.',
)]
final class TileHeight extends SubjectMeasure
{
    /** What is farther off a wall, mm, does not stand at it. */
    private const OFF = 60.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $room = $subject->room;
        if ($room === null) {
            return new Unknown(["a room around {$subject->id()}"]);
        }
        $heights = array_map(
            static fn(SpaceSide $side): ?float => $room->tilesUpTo($side->wall, $side->isLeftOfWall()),
            self::wallsAt($subject, $room),
        );
        $heights = $heights === [] ? [$room->room->tileHeight] : $heights;
        if (in_array(null, $heights, true)) {
            return new Unknown(["{$room->id()}.tile_height"]);
        }
        $height = Amount::length(min($heights));

        return new Measured(
            $height,
            [Witness::mark($subject->storey(), $subject->fixture->at, $height)],
            [Message::of('attribute.drawn_as', value: $height)],
        );
    }

    /** @return list<SpaceSide> */
    private static function wallsAt(PlacedFixture $fixture, RoomSpace $room): array
    {
        $outline = $fixture->outline;

        return array_values(array_filter(
            $room->sides(),
            static fn(SpaceSide $side): bool => !$side->isOpen()
                && $outline !== null
                && $side->segment->length() > 2 * self::OFF
                && self::isAlong($outline, $side->segment),
        ));
    }

    /** Not at its corner alone: the wall without its ends comes as near. */
    private static function isAlong(Ring $outline, Segment $wall): bool
    {
        $within = new Segment($wall->at(self::OFF), $wall->at($wall->length() - self::OFF));

        return array_filter(
            $outline->edges(),
            static fn(Segment $edge): bool => $edge->shortestTo($within)->length() <= self::OFF + Tolerance::TOUCH,
        ) !== [];
    }
}
