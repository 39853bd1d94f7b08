<?php

declare(strict_types=1);

namespace Heurema\Measure\Door;

use Heurema\Layout\Words\OpeningKind;
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

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures(
    'door.clear_height',
    AnswerType::Length,
    'How high the open door is clear: as given, else its height less the stop of the frame, above the threshold’s top.',
)]
final class ClearHeight extends SubjectMeasure
{
    private const STOP = 13.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $opening = $subject->opening;
        if ($opening->clearHeight !== null) {
            return new Measured(
                Amount::length($opening->clearHeight),
                self::witness($subject, $home, $opening->clearHeight),
                ['Given on the drawing.'],
            );
        }
        if ($opening->height === null) {
            return new Unknown(["{$opening->id}.height"]);
        }
        $isGap = $opening->kind === OpeningKind::Gap;
        $stop = $isGap ? 0.0 : self::STOP;
        $threshold = $opening->door?->threshold;
        $clear = max(0.0, $opening->height - $stop - ($threshold ?? 0.0));
        $working = "Height {$home->length($opening->height)}".($isGap ? '' : ' less the stop')
            .($threshold > 0.0 ? " and the threshold {$home->length($threshold)}" : '').": {$home->length($clear)}.";
        $assumptions = [
            ...($isGap ? [] : ['Stop of the frame taken as '.$home->length(self::STOP).'.']),
            ...($threshold === null ? ["No threshold is drawn at {$subject->spoken()}; it is taken as flush."] : []),
        ];

        return new Measured(Amount::length($clear), self::witness($subject, $home, $clear), [$working], $assumptions);
    }

    /** @return list<Witness> */
    private static function witness(PlacedOpening $door, Home $home, float $clear): array
    {
        return [Witness::mark($door->storey(), $door->middle(), $home->length($clear).' high')];
    }
}
