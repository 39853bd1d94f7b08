<?php

declare(strict_types=1);

namespace Heurema\Measure\Ramp;

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
#[Measures('ramp.slope', AnswerType::Ratio, 'The steepest of its runs: rise over length on plan.')]
final class Slope extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $runs = Runs::of($subject);
        if ($runs instanceof Unknown) {
            return $runs;
        }
        usort($runs, static fn(array $a, array $b): int => $b[1] / $b[0]->way->length() <=> $a[1] / $a[0]->way->length());
        [$steepest, $rise] = $runs[0];
        $slope = Amount::ratio($rise / $steepest->way->length());

        return new Measured(
            $slope,
            [Witness::dimension($subject->storey(), $steepest->way, $slope)],
            [Message::of(
                'ramp.slope.rise_over_length',
                rise: Amount::length($rise),
                length: Amount::length($steepest->way->length()),
                slope: $slope,
                one: $steepest->way->length() / $rise,
            )],
        );
    }
}
