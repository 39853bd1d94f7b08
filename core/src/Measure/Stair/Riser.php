<?php

declare(strict_types=1);

namespace Heurema\Measure\Stair;

use Heurema\Layout\Flight;
use Heurema\Layout\Stair;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedStair> */
#[Measures(
    'stair.riser',
    AnswerType::Length,
    'The highest riser, or with `of: least` the lowest: each as measured, the others an even share of the rise that is left.',
    with: ['of' => AnswerType::Word],
    words: ['of' => ['least', 'highest']],
)]
final class Riser extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $measured = self::measuredRises($subject->stair);
        $others = $subject->stair->risers() - count($measured);
        $total = $subject->totalRise();
        $working = $measured === [] ? [] : [Message::of('stair.riser.measured_risers', all: array_map(Amount::length(...), $measured))];
        $risers = $measured;
        if ($others > 0) {
            if ($total === null) {
                return new Unknown($subject->missingForRise());
            }
            $left = $total - array_sum($measured);
            $risers[] = $left / $others;
            $working[] = Message::of(
                'stair.riser.rise_of_over_risers',
                left: Amount::length($left),
                others: $others,
                left2: Amount::length($left / $others),
            );
        }
        if ($risers === []) {
            return new NotApplicable(Message::of('stair.riser.stair_has_no_risers'));
        }
        $riser = $with->word('of') === 'least' ? min($risers) : max($risers);

        return new Measured(
            Amount::length($riser),
            [Witness::mark($subject->storey(), $subject->stair->start, Message::of('stair.riser.riser', riser: Amount::length($riser)))],
            $working,
        );
    }

    /** @return list<float> */
    private static function measuredRises(Stair $stair): array
    {
        $rises = [];
        foreach ($stair->parts as $part) {
            array_push($rises, ...($part instanceof Flight ? $part->rises ?? [] : []));
        }

        return $rises;
    }
}
