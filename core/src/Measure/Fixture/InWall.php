<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\LargestRectangle;
use Heurema\Geometry\Tolerance;
use Heurema\Geometry\Vertices;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
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
    'fixture.in_wall',
    AnswerType::Length,
    'How deep the fixture’s outline reaches into a wall: the side of the largest square, set as the fixture is, that lies in both.',
)]
final class InWall extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $outline = $subject->outline;
        if ($outline === null) {
            return new Unknown([
                ...($subject->fixture->width === null ? ["{$subject->id()}.width"] : []),
                ...($subject->fixture->depth === null ? ["{$subject->id()}.depth"] : []),
            ]);
        }
        $deepest = 0.0;
        $witness = [];
        foreach ($subject->plan->mass->in($outline->counterClockwise(), $subject->extent($outline), Vertices::SNAP) as $part) {
            $depth = LargestRectangle::squareIn($part, $subject->frame->xAxis);
            if ($depth > Tolerance::TOUCH) {
                $deepest = max($deepest, $depth);
                $witness[] = Witness::outline($subject->storey(), $part);
            }
        }

        return new Measured(
            Amount::length($deepest),
            $witness,
            [
                $witness === []
                    ? Message::of('fixture.in_wall.it_stands_clear_of')
                    : Message::of('fixture.in_wall.it_reaches_into_wall', deepest: Amount::length($deepest)),
            ],
        );
    }
}
