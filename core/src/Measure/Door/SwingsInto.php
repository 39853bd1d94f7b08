<?php

declare(strict_types=1);

namespace Heurema\Measure\Door;

use Heurema\Layout\Words\DoorOperation;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Layout\Words\WallSide;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Wordlists;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;

/**
 * What the room is used for that the leaf swings into; `outside` in the open, `none` where no leaf swings.
 *
 * @extends SubjectMeasure<PlacedOpening>
 */
final class SwingsInto extends SubjectMeasure
{
    public function name(): string
    {
        return 'door.swings_into';
    }

    public function answer(): AnswerType
    {
        return AnswerType::Word;
    }

    public function words(): array
    {
        return [self::ANSWER => [...Wordlists::usesOrOutside(), 'none']];
    }

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $details = $subject->opening->door;
        $kind = $subject->opening->kind;
        if ($kind === OpeningKind::Gap || ($details?->operation !== null && !in_array($details->operation, [DoorOperation::Hinged, DoorOperation::DoubleHinged], true))) {
            return new Measured('none');
        }
        if ($details?->operation === null || $details->opens === null) {
            return new Unknown([...($details?->operation === null ? ["{$subject->id()}.operation"] : []), ...($details?->opens === null ? ["{$subject->id()}.opens"] : [])]);
        }
        $beyond = $details->opens === WallSide::Left ? $subject->left : $subject->right;
        $use = $beyond->room->room->use->value ?? ($beyond->isOpenAir() === true ? 'outside' : null);

        return $use === null ? new Unknown([$beyond->missing()]) : new Measured($use);
    }
}
