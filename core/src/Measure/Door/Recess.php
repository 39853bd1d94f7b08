<?php

declare(strict_types=1);

namespace Heurema\Measure\Door;

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
    'door.recess',
    AnswerType::Length,
    'How far what stands within 18 inches of the latch edge stands out beyond the face of the closed '
    .'leaf, on either side: on the push side the wall itself does.',
)]
final class Recess extends SubjectMeasure
{
    private const BESIDE = 457.2;
    private const LOOK = 1000.0;
    private const LEAF = 35.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $deepest = 0.0;
        $working = [];
        foreach ([Doorway::PULL, Doorway::PUSH] as $side) {
            $doorway = Doorway::of($subject, $side);
            if (!$doorway instanceof Doorway) {
                return new Unknown($doorway);
            }
            $inWall = $side === Doorway::PUSH
                ? max(0.0, $subject->wall->thickness - ($subject->opening->door->leafThickness ?? self::LEAF))
                : 0.0;
            $out = $inWall + $this->standsOut($doorway, $home);
            $deepest = max($deepest, $out);
            $working[] = Message::of('door.recess.on_side_stand_out', side: $side, out: Amount::length($out));
        }

        return new Measured(
            Amount::length($deepest),
            [Witness::mark($subject->storey(), $subject->middle(), Amount::length($deepest))],
            $working,
            $subject->opening->door?->leafThickness === null
                ? [Message::of('door.recess.leaf_of_is_taken', subject: $subject->spoken(), leaf: Amount::length(self::LEAF))]
                : [],
        );
    }

    private function standsOut(Doorway $doorway, Home $home): float
    {
        $out = 0.0;
        foreach ($doorway->zone($doorway->besideLatch(self::BESIDE, self::LOOK), $home)->taken as $part) {
            foreach ($part->outer->points as $point) {
                $out = max($out, $doorway->frame->fromPlan($point)->y);
            }
        }

        return $out;
    }
}
