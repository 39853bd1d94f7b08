<?php

declare(strict_types=1);

namespace Heurema\Measure\Window;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
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
    'window.clear_sill',
    AnswerType::Length,
    'From the floor to the lowest point of the clear opening: the sill and the frame standing on it.',
)]
final class ClearSill extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $sill = $subject->opening->sill;
        if ($sill === null) {
            return new Unknown([$subject->sillKey()]);
        }
        $frame = $subject->upright(GlassOpening::frame($subject));
        $height = $sill + $frame;

        return new Measured(
            Amount::length($height),
            [Witness::mark(
                $subject->storey(),
                $subject->middle(),
                Message::of('window.clear_sill.above_floor', height: Amount::length($height)),
            )],
            [Message::of(
                'window.clear_sill.sill_and_frame_on',
                sill: Amount::length($sill),
                frame: Amount::length($frame),
                height: Amount::length($height),
            )],
            GlassOpening::assumedFrame($subject),
        );
    }
}
