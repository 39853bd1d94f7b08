<?php

declare(strict_types=1);

namespace Heurema\Measure\BeyondOpening;

use Heurema\Layout\Words\WallSide;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\Room\ClearBox;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures(
    'door.box_beyond_swing',
    AnswerType::Length,
    'How deep a rectangle of a wanted `width` finds room on the free floor of the room that the leaf swings into, clear of all leaves.',
    with: ['width' => AnswerType::Length],
)]
final class BoxBeyondSwing extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $details = $subject->opening->door;
        if ($details?->opens === null) {
            return new Unknown(["{$subject->id()}.opens"]);
        }
        $room = $details->opens === WallSide::Left ? $subject->left->room : $subject->right->room;

        return $room === null
            ? new NotApplicable(Message::of('beyond_opening.box_beyond_swing.it_swings_into_no'))
            : (new ClearBox())->of(
                $room,
                $home,
                new Parameters(['width' => Amount::length($with->number('width') ?? 0.0), 'clear_of' => 'swings']),
            );
    }
}
