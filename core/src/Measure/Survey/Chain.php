<?php

declare(strict_types=1);

namespace Heurema\Measure\Survey;

use Heurema\Geometry\Tolerance;
use Heurema\Layout\TapedDistance;
use Heurema\Layout\Words\TapedRole;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedTapedDistance;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedTapedDistance> */
#[Measures(
    'survey.chain',
    AnswerType::Length,
    'How far the parts of a group, with the walls drawn between and beside them, are from adding up to their overall, either way; '
    .'asked of the overall.',
)]
final class Chain extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $overall = $subject->distance;
        $parts = array_filter(
            $home->layout->survey,
            static fn(TapedDistance $one): bool => $one->role === TapedRole::Part
                && $one->group !== null
                && $one->group === $overall->group,
        );
        if ($overall->role !== TapedRole::Overall || $parts === []) {
            return new NotApplicable(Message::of('survey.chain.it_is_no_overall'));
        }
        $walls = self::walls($subject, array_values($parts));
        $sum = $walls + array_sum(array_map(static fn(TapedDistance $part): float => $part->measured, $parts));
        $working = [Message::of(
            'survey.chain.parts_add_up_to',
            count: count($parts),
            sum: Amount::length($sum),
            measured: Amount::length($overall->measured),
        )];
        if ($walls > 0.0) {
            $working[] = Message::of('survey.chain.walls_between', walls: Amount::length($walls));
        }
        $slip = TapeSlip::behind($sum - $overall->measured, $sum, $overall->measured);

        return new Measured(
            Amount::length(abs($sum - $overall->measured)),
            [Witness::dimension($subject->storey(), $subject->drawn(), Amount::length($overall->measured))],
            $slip === null ? $working : [...$working, $slip],
        );
    }

    /**
     * How much of the overall runs through walls where no part was taped, mm; parts that do not lie along it leave nothing between them.
     *
     * @param list<TapedDistance> $parts
     */
    private static function walls(PlacedTapedDistance $overall, array $parts): float
    {
        $line = $overall->drawn();
        if ($line->length() < Tolerance::TOUCH) {
            return 0.0;
        }
        $stretches = array_map(static fn(TapedDistance $part): array => [
            min($line->along($part->from), $line->along($part->to)),
            max($line->along($part->from), $line->along($part->to)),
        ], $parts);
        usort($stretches, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $walls = $end = 0.0;
        foreach ([...$stretches, [$line->length(), $line->length()]] as [$from, $to]) {
            $gap = $from - $end;
            $walls += $gap > Tolerance::TOUCH && $overall->plan->mass->contains($line->at($end + $gap / 2)) ? $gap : 0.0;
            $end = max($end, $to);
        }

        return $walls;
    }
}
