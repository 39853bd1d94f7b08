<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Segment;
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
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Run\Run;
use Heurema\Spatial\Run\Runs;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures(
    'fixture.landing',
    AnswerType::Length,
    'Worktop right beside the fixture in its run, along the fronts and around corners, 24 inches deep at the least, up to what is set '
    .'in it or stands in its way. `of`: the `longer` (or where nothing is said) or the `shorter` of its two sides; 0 where there is none.',
    with: ['of' => AnswerType::Word],
    words: ['of' => ['longer', 'shorter']],
)]
final class Landing extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if ($subject->outline === null) {
            return new Unknown(["{$subject->id()}.".($subject->fixture->width === null ? 'width' : 'depth')]);
        }
        $run = Runs::with($subject, $home);
        if ($run === null) {
            return new NotApplicable(Message::of('fixture.landing.it_stands_in_no_run'));
        }
        $landings = $run->landings($subject);
        $lengths = array_map(static fn(?array $one): float => $one === null ? 0.0 : $one[1] - $one[0], $landings);
        $chosen = ($lengths[0] >= $lengths[1]) === ($with->word('of') !== 'shorter') ? 0 : 1;

        return new Measured(
            Amount::length($lengths[$chosen]),
            self::witness($run, $landings[$chosen], $subject->storey()),
            [Message::of('fixture.landing.beside', left: Amount::length($lengths[0]), right: Amount::length($lengths[1]))],
        );
    }

    /**
     * @param array{float, float}|null $landing
     *
     * @return list<Witness>
     */
    private static function witness(Run $run, ?array $landing, string $storey): array
    {
        return array_map(
            static fn(Segment $line): Witness => Witness::dimension($storey, $line, Amount::length($line->length())),
            $landing === null ? [] : $run->lines(...$landing),
        );
    }
}
