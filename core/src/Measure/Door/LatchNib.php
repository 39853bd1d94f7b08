<?php

declare(strict_types=1);

namespace Heurema\Measure\Door;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\Words\DoorOperation;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Doorway;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures(
    'door.latch_nib',
    AnswerType::Length,
    'How long the wall runs on beside the latch edge, on the pull side or the `side` named, before '
    .'anything stands in the first `depth` before it.',
    with: ['side' => AnswerType::Word, 'depth' => AnswerType::Length],
    words: ['side' => Doorway::SIDES],
)]
final class LatchNib extends SubjectMeasure
{
    private const REACH = 1500.0;
    private const DEPTH = 100.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $doorway = Doorway::of($subject, $with->word('side') ?? Doorway::PULL);
        if (!$doorway instanceof Doorway) {
            return new Unknown($doorway);
        }
        if ($subject->opening->door?->operation === DoorOperation::Hinged && $subject->opening->door->hinge === null) {
            return new Unknown(["{$subject->id()}.hinge"]);
        }
        $zone = $doorway->zone($doorway->besideLatch(self::REACH, $with->number('depth') ?? self::DEPTH), $home);
        $nib = $doorway->freeWidth($zone->taken, self::REACH);
        $edge = $doorway->frame->toPlan(new Point($doorway->latch * $doorway->halfWidth, 0));
        $end = $doorway->frame->toPlan(new Point($doorway->latch * ($doorway->halfWidth + $nib), 0));

        return new Measured(
            Amount::length($nib),
            [Witness::dimension($subject->storey(), new Segment($edge, $end), Amount::length($nib))],
            [Message::of('door.latch_nib.beside_latch_of_wall', nib: Amount::length($nib))],
        );
    }
}
