<?php

declare(strict_types=1);

namespace Heurema\Measure\Door;

use Heurema\Layout\Words\DoorOperation;
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
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures(
    'door.frame_play',
    AnswerType::Length,
    'What its opening leaves beside the leaf and the frame that are bought, both sides together; below 0 where they do not fit. Of a door '
    .'whose leaf and frame are not both said, nothing.',
)]
final class FramePlay extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $door = $subject->opening->door;
        if ($door?->operation !== DoorOperation::Hinged || $door->leafWidth === null || $door->frame === null) {
            return new NotApplicable(Message::of('door.frame_play.leaf_and_frame_are_not_said'));
        }
        if ($subject->opening->width === null) {
            return new Unknown(["{$subject->id()}.width"]);
        }
        $play = $subject->opening->width - $door->leafWidth - 2 * $door->frame;
        $span = $subject->span();

        return new Measured(
            Amount::length($play),
            [Witness::dimension($subject->storey(), $span, Amount::length($span->length()))],
            [Message::of(
                'door.frame_play.opening_less_both',
                width: Amount::length($subject->opening->width),
                leaf: Amount::length($door->leafWidth),
                frame: Amount::length($door->frame),
            )],
        );
    }
}
