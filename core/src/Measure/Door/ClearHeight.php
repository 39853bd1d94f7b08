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
use Heurema\Words\Message;

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
                self::witness($subject, $opening->clearHeight),
                [Message::of('door.clear_height.given_on_drawing')],
            );
        }
        if ($opening->height === null) {
            return new Unknown(["{$opening->id}.height"]);
        }
        $isGap = $opening->kind === OpeningKind::Bare;
        $stop = $isGap ? 0.0 : self::STOP;
        $threshold = $opening->door?->threshold;
        $clear = max(0.0, $opening->height - $stop - ($threshold ?? 0.0));
        [$height, $left, $step] = [Amount::length($opening->height), Amount::length($clear), Amount::length($threshold ?? 0.0)];
        $working = match (true) {
            $isGap && $threshold > 0.0 => Message::of('door.clear_height.less_threshold', height: $height, threshold: $step, clear: $left),
            $isGap => Message::of('door.clear_height.whole', height: $height, clear: $left),
            $threshold > 0.0 => Message::of('door.clear_height.less_both', height: $height, threshold: $step, clear: $left),
            default => Message::of('door.clear_height.less_stop', height: $height, clear: $left),
        };
        $assumptions = [
            ...($isGap ? [] : [Message::of('door.clear_height.stop_of_frame_taken', stop: Amount::length(self::STOP))]),
            ...($threshold === null ? [Message::of('door.clear_height.no_threshold_is_drawn', subject: $subject->spoken())] : []),
        ];

        return new Measured(Amount::length($clear), self::witness($subject, $clear), [$working], $assumptions);
    }

    /** @return list<Witness> */
    private static function witness(PlacedOpening $door, float $clear): array
    {
        return [Witness::mark($door->storey(), $door->middle(), Message::of('door.clear_height.high', clear: Amount::length($clear)))];
    }
}
