<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Point;
use Heurema\Geometry\Sweep;
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
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures(
    'fixture.edge_gap',
    AnswerType::Length,
    'From the fixture’s side edge to the nearest wall face or fixture beside it. `side`: `nearer` or '
    .'`farther`, seen from the edges; the nearer one where nothing is said.',
    with: ['side' => AnswerType::Word],
    words: ['side' => ['nearer', 'farther']],
)]
final class EdgeGap extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        [$width, $depth] = [$subject->fixture->width, $subject->fixture->depth];
        if ($width === null || $depth === null) {
            return new Unknown([
                ...($width === null ? ["{$subject->id()}.width"] : []),
                ...($depth === null ? ["{$subject->id()}.depth"] : []),
            ]);
        }
        $around = Surroundings::of($subject, $home);
        $frame = $subject->frame;
        $hits = [
            $around->reach(new Sweep($frame->toPlan(new Point($width / 2, 0)), $frame->xAxis, 0.0, $depth)),
            $around->reach(new Sweep($frame->toPlan(new Point(-$width / 2, 0)), $frame->xAxis->times(-1), -$depth, 0.0)),
        ];
        $met = array_values(array_filter($hits));
        usort($met, static fn(Hit $a, Hit $b): int => $a->distance <=> $b->distance);
        $isFarther = $with->word('side') === 'farther';
        $hit = $isFarther && count($met) < 2 ? null : ($met[$isFarther ? 1 : 0] ?? null);

        return $hit === null
            ? new NotApplicable(Message::of('fixture.edge_gap.nothing_stands_on_that'))
            : new Measured(
                Amount::length($hit->distance),
                [Witness::dimension($subject->storey(), $hit->line, Amount::length($hit->distance))],
                [Message::of('fixture.edge_gap.from_its_side_to', what: $hit->what, distance: Amount::length($hit->distance))],
                $around->assumptions,
            );
    }
}
