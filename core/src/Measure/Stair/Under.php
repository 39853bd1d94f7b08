<?php

declare(strict_types=1);

namespace Heurema\Measure\Stair;

use Heurema\Geometry\Overlap;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Language\Text;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\StairCovers;
use Heurema\Spatial\StairEnd;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedStair> */
#[Measures(
    'stair.under',
    AnswerType::Length,
    'The least clear height where another room, or the way through a door, passes below it.',
)]
final class Under extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $climb = Climb::of($subject);
        if (!$climb instanceof Climb) {
            return new Unknown($climb);
        }
        $lowest = null;
        $own = StairEnd::foot($subject, $home)?->room();
        foreach ($subject->from === null ? [] : self::ways($home, $subject, $own) as [$name, $way]) {
            foreach ($subject->shape->steps as $step) {
                foreach (Overlap::parts($way, $step->outline) as $part) {
                    foreach ($part->outer->points as $point) {
                        $height = $climb->nosingLine($step, $point) - StairCovers::STAIR_DEPTH;
                        $lowest = $lowest === null || $height < $lowest[0] ? [$height, $point, $name] : $lowest;
                    }
                }
            }
        }
        if ($lowest === null) {
            return new NotApplicable(Message::of('stair.under.nothing_passes_below_it'));
        }

        return new Measured(
            Amount::length(max(0.0, $lowest[0])),
            [Witness::mark($subject->storey(), $lowest[1], Amount::length(max(0.0, $lowest[0])))],
            [Message::of('stair.under.lowest_over', lowest: $lowest[2])],
            [Message::of('stair.under.is_taken_to_be', subject: $subject->name(), stairDepth: Amount::length(StairCovers::STAIR_DEPTH))],
        );
    }

    /** @return list<array{string, Polygon}> */
    private static function ways(Home $home, PlacedStair $stair, ?RoomSpace $own): array
    {
        $ways = [];
        foreach ($home->plans[$stair->storey()]->rooms as $room) {
            if ($room !== $own && $room->outline() !== null) {
                $ways[] = [$room->name(), $room->outline()];
            }
        }
        foreach ($home->openingsOn($stair->storey()) as $door) {
            if ($door->type() === SubjectType::Door) {
                $across = $door->wall->line()->direction()->left()->times($door->wall->thickness + 2 * self::STEP);
                $ways[] = [
                    Text::of('the way through {door}', door: $door->name()),
                    new Polygon(
                        Ring::rectangle(
                            $door->span()->from->minus($across->times(0.5)),
                            $door->span()->vector(),
                            $across,
                        )->counterClockwise(),
                    ),
                ];
            }
        }

        return $ways;
    }

    /** So far before and behind a door one still walks through it, mm. */
    private const STEP = 300.0;
}
