<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Tolerance;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\ClearFloor;
use Heurema\Spatial\Doorway;
use Heurema\Spatial\FreeZone;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures(
    'fixture.step_out',
    AnswerType::Length,
    'How deep the floor before a stretch of the fixture’s front is free, where one steps in: `along`, '
    .'how long the stretch is (`entry` for the width of the entry, the whole front where that is not '
    .'known); of all such stretches the best.',
    with: ['along' => AnswerType::Length, 'of' => AnswerType::Word],
    words: ['of' => ['entry']],
)]
final class StepOut extends SubjectMeasure
{
    private const LOOK = 1600.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        [$width, $depth] = [$subject->fixture->width, $subject->fixture->depth];
        if ($width === null || $depth === null) {
            return new Unknown([
                ...($width === null ? ["{$subject->id()}.width"] : []),
                ...($depth === null ? ["{$subject->id()}.depth"] : []),
            ]);
        }
        $along = min($width, $with->word('of') === 'entry' ? $subject->fixture->entry ?? $width : $with->number('along') ?? $width);
        $floor = ClearFloor::before($subject, $width, self::LOOK);
        $zone = FreeZone::of($floor, $subject->plan, $home, [$subject]);
        $taken = array_map(
            static fn(Polygon $part): Box => Box::around(array_map($subject->frame->fromPlan(...), $part->outer->points)),
            $zone->taken,
        );
        [$free, $from] = self::best($taken, $width, $along, $depth);
        $frame = $subject->frame;
        $stretch = Ring::rectangle(
            $frame->toPlan(new Point($from, $depth)),
            $frame->xAxis->times($along),
            $frame->yAxis->times(max(1.0, $free)),
        );

        return new Measured(
            Amount::length($free),
            [Witness::outline($subject->storey(), $stretch, Amount::length($free))],
            [
                $free >= self::LOOK
                    ? Message::of('fixture.step_out.at_least', along: Amount::length($along), free: Amount::length($free))
                    : Message::of('fixture.step_out.free', along: Amount::length($along), free: Amount::length($free)),
            ],
        );
    }

    /**
     * Where a stretch begins that has most before it.
     *
     * @param list<Box> $taken in the fixture's frame
     *
     * @return array{float, float} how deep it is free, and from where
     */
    private static function best(array $taken, float $width, float $along, float $front): array
    {
        $starts = [-$width / 2, $width / 2 - $along];
        foreach ($taken as $box) {
            array_push($starts, $box->right, $box->left - $along);
        }
        $best = [-1.0, -$width / 2];
        foreach ($starts as $start) {
            if ($start < -$width / 2 - Tolerance::GRAZE || $start + $along > $width / 2 + Tolerance::GRAZE) {
                continue;
            }
            $free = self::LOOK;
            foreach ($taken as $box) {
                $isBefore = $box->right > $start + Tolerance::GRAZE && $box->left < $start + $along - Tolerance::GRAZE;
                $free = $isBefore ? min($free, Doorway::fromStart($box->bottom - $front)) : $free;
            }
            $best = $free > $best[0] ? [$free, $start] : $best;
        }

        return [max(0.0, $best[0]), $best[1]];
    }
}
