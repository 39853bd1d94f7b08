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
#[Measures('window.glass_bottom', AnswerType::Length, 'How high above the floor the glass begins.')]
#[Measures('window.glass_top', AnswerType::Length, 'How high above the floor the glass ends.')]
final class GlassHeight extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $isTop = $this->name() === 'window.glass_top';
        [$sill, $height] = [$subject->opening->sill, $isTop ? $subject->opening->height : 0.0];
        if ($sill === null || $height === null) {
            return new Unknown([
                ...($sill === null ? [$subject->sillKey()] : []),
                ...($height === null ? ["{$subject->id()}.height"] : []),
            ]);
        }
        $height = $subject->upright($height);
        $frame = $subject->upright(GlassOpening::frame($subject));
        $at = $isTop ? $sill + $height - $frame : $sill + $frame;
        $working = $isTop
            ? Message::of(
                'window.glass_height.ends',
                sill: Amount::length($sill),
                height: Amount::length($height),
                frame: Amount::length($frame),
                at: Amount::length($at),
            )
            : Message::of(
                'window.glass_height.begins',
                sill: Amount::length($sill),
                frame: Amount::length($frame),
                at: Amount::length($at),
            );

        return new Measured(
            Amount::length($at),
            [Witness::mark($subject->storey(), $subject->middle(), Amount::length($at))],
            [$working],
            GlassOpening::assumedFrame($subject),
        );
    }
}
