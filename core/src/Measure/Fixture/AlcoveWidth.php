<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\ClearFloor;
use Heurema\Spatial\FreeZone;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures(
    'fixture.alcove_width',
    AnswerType::Length,
    'How wide the floor before the fixture is between what stands on both sides of it, where both go '
    .'along it for more than `deeper_than` within the first 48 inches.',
    with: ['deeper_than' => AnswerType::Length],
)]
final class AlcoveWidth extends SubjectMeasure
{
    private const DEPTH = 1219.2;
    private const LOOK = 1600.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if ($subject->fixture->depth === null) {
            return new Unknown(["{$subject->id()}.depth"]);
        }
        $frame = $subject->frame;
        $floor = ClearFloor::before($subject, self::LOOK, self::DEPTH);
        $sides = ['left' => [], 'right' => []];
        foreach (FreeZone::of($floor, $subject->plan, $home, [$subject])->taken as $part) {
            $box = Box::around(array_map($frame->fromPlan(...), $part->outer->points));
            if ($box->right <= 0 || $box->left >= 0) {
                $sides[$box->right <= 0 ? 'left' : 'right'][] = $box;
            }
        }
        $narrowest = null;
        foreach ($sides['left'] as $left) {
            foreach ($sides['right'] as $right) {
                $along = min($left->top, $right->top) - max($left->bottom, $right->bottom);
                if (
                    $along > ($with->number('deeper_than') ?? 0.0) + Tolerance::TOUCH
                    && ($narrowest === null || $right->left - $left->right < $narrowest[1] - $narrowest[0])
                ) {
                    $narrowest = [$left->right, $right->left, max($left->bottom, $right->bottom) + $along / 2];
                }
            }
        }
        if ($narrowest === null) {
            return new NotApplicable(Message::of('fixture.alcove_width.its_floor_lies_in'));
        }
        $line = new Segment(
            $frame->toPlan(new Point($narrowest[0], $narrowest[2])),
            $frame->toPlan(new Point($narrowest[1], $narrowest[2])),
        );

        return new Measured(
            Amount::length($line->length()),
            [Witness::dimension($subject->storey(), $line, Amount::length($line->length()))],
            [Message::of('fixture.alcove_width.between_what_stands_on', line: Amount::length($line->length()))],
        );
    }
}
