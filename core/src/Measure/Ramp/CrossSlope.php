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
use Heurema\Spatial\RampPart;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedRamp> */
#[Measures(
    'ramp.cross_slope',
    AnswerType::Ratio,
    'How much the worst of its runs falls to one side: the difference of its edges over the width between them.',
)]
final class CrossSlope extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $width = $subject->ramp->width;
        $runs = array_values(array_filter($subject->shape->parts, static fn(RampPart $part): bool => self::edges($part) !== null));
        $assumed = count($runs) === count(self::runs($subject)) ? [] : [Message::of('ramp.cross_slope.level_across')];
        usort($runs, static fn(RampPart $a, RampPart $b): int => self::fall($b) <=> self::fall($a));
        if ($runs === []) {
            return new Measured(Amount::ratio(0.0), [], [], $assumed);
        }
        if ($width === null) {
            return new Unknown(["{$subject->id()}.width"]);
        }
        $fall = self::fall($runs[0]);
        $slope = Amount::ratio($fall / $width);

        return new Measured(
            $slope,
            [Witness::dimension($subject->storey(), $runs[0]->end, $slope)],
            [Message::of(
                'ramp.cross_slope.fall_over_width',
                fall: Amount::length($fall),
                width: Amount::length($width),
                slope: $slope,
            )],
            $assumed,
        );
    }

    /** @return list<RampPart> */
    private static function runs(PlacedRamp $ramp): array
    {
        return array_values(array_filter($ramp->shape->parts, static fn(RampPart $part): bool => $part->part instanceof RampRun));
    }

    /** @return array{float, float}|null */
    private static function edges(RampPart $part): ?array
    {
        return $part->part instanceof RampRun ? $part->part->edges : null;
    }

    private static function fall(RampPart $part): float
    {
        [$left, $right] = self::edges($part) ?? [0.0, 0.0];

        return abs($left - $right);
    }
}
