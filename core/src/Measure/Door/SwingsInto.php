<?php

declare(strict_types=1);

namespace Heurema\Measure\Door;

use Heurema\Layout\Words\DoorOperation;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Layout\Words\RoomUse;
use Heurema\Layout\Words\WallSide;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measure;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures(
    'door.swings_into',
    AnswerType::Word,
    'What the room is used for that the leaf swings into; `outside` in the open, `none` where no leaf swings.',
    words: [Measure::ANSWER => [RoomUse::class, 'outside', 'none']],
)]
final class SwingsInto extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $details = $subject->opening->door;
        $kind = $subject->opening->kind;
        if (
            $kind === OpeningKind::Bare
            || ($details?->operation !== null && !in_array($details->operation, [DoorOperation::Hinged, DoorOperation::DoubleHinged], true))
        ) {
            return new Measured('none');
        }
        if ($details?->operation === null || $details->opens === null) {
            return new Unknown([
                ...($details?->operation === null ? ["{$subject->id()}.operation"] : []),
                ...($details?->opens === null ? ["{$subject->id()}.opens"] : []),
            ]);
        }
        $beyond = $details->opens === WallSide::Left ? $subject->left : $subject->right;
        $use = $beyond->room->room->use->value ?? ($beyond->isOpenAir() === true ? 'outside' : null);

        return $use === null ? new Unknown([$beyond->missing()]) : new Measured($use);
    }
}
