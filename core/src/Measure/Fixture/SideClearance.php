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
    'fixture.side_clearance',
    AnswerType::Length,
    'From the fixture’s centre line (a vanity’s outermost basin), at right angles to it, to the nearest wall face or other fixture '
    .'that stands beside it over some of its depth. Both sides are measured, the smaller decides. What '
    .'hangs above the fixture is no neighbour.',
)]
final class SideClearance extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $depth = $subject->fixture->depth;
        if ($depth === null) {
            return new Unknown(["{$subject->id()}.depth"]);
        }
        $around = Surroundings::of($subject, $home);
        $frame = $subject->frame;
        $sides = [];
        foreach ([
            'right' => [$frame->xAxis, max($subject->places())],
            'left' => [$frame->xAxis->times(-1), min($subject->places())],
        ] as $side => [$direction, $place]) {
            // seen along the way out, the fixture's depth lies to the left when going right, and to the right when going left
            $hit = $around->reach(new Sweep(
                $frame->toPlan(new Point($place, 0)),
                $direction,
                $side === 'right' ? 0.0 : -$depth,
                $side === 'right' ? $depth : 0.0,
            ));
            if ($hit !== null) {
                $sides[$side] = $hit;
            }
        }
        if ($sides === []) {
            return new NotApplicable(Message::of('fixture.side_clearance.nothing_stands_on_either'));
        }
        uasort($sides, static fn(Hit $a, Hit $b): int => $a->distance <=> $b->distance);
        $working = [];
        foreach ($sides as $side => $hit) {
            $working[] = Message::of(
                'fixture.side_clearance.from_centre_line_to',
                what: $hit->what,
                side: $side,
                distance: Amount::length($hit->distance),
            );
        }
        $nearest = reset($sides);

        return new Measured(
            Amount::length($nearest->distance),
            [Witness::dimension($subject->storey(), $nearest->line, Amount::length($nearest->distance))],
            $working,
            $around->assumptions,
        );
    }
}
