<?php

declare(strict_types=1);

namespace Heurema\Measure\Ramp;

use Heurema\Layout\RampRun;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedRamp;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedRamp> */
#[Measures('ramp.run_rise', AnswerType::Length, 'The most that it climbs between two landings.')]
#[Measures('ramp.total_rise', AnswerType::Length, 'How much it climbs in all.')]
final class RunRise extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $runs = Runs::of($subject);
        if ($runs instanceof Unknown) {
            return $runs;
        }
        $isTotal = $this->name() === 'ramp.total_rise';
        [$rise, $highest, $decides] = [0.0, 0.0, $runs[0][0]];
        foreach ($subject->shape->parts as $placed) {
            $rise = $placed->part instanceof RampRun ? $rise + ($placed->part->rise ?? 0.0) : ($isTotal ? $rise : 0.0);
            if ($rise > $highest) {
                [$highest, $decides] = [$rise, $placed];
            }
        }

        return new Measured(
            Amount::length($highest),
            [Witness::dimension($subject->storey(), $decides->way, Amount::length($highest))],
            [$isTotal
                ? Message::of('ramp.run_rise.in_all', rise: Amount::length($highest))
                : Message::of('ramp.run_rise.between_landings', rise: Amount::length($highest))],
        );
    }
}
