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
#[Measures('window.glass_area', AnswerType::Area, 'The glass: as given, else the size less the frame on each side.')]
final class GlassArea extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $given = $subject->opening->window?->glassArea;
        if ($given !== null) {
            return new Measured(
                Amount::area($given),
                self::witness($subject),
                [Message::of('window.glass_area.glass_given_as', given: Amount::area($given))],
            );
        }
        $size = GlassOpening::of($subject);
        if ($size instanceof Unknown) {
            return $size;
        }
        $glass = Amount::drawnArea($size->width * $size->height);

        return new Measured(
            $glass,
            self::witness($subject),
            [Message::of('window.glass_area.of_glass', working: $size->working, glass: $glass)],
            $size->assumptions,
        );
    }

    /** @return list<Witness> */
    private static function witness(PlacedOpening $window): array
    {
        return [Witness::mark($window->storey(), $window->middle())];
    }
}
