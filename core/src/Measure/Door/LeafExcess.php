<?php

declare(strict_types=1);

namespace Heurema\Measure\Door;

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
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures(
    'door.leaf_excess',
    AnswerType::Length,
    'By how much the clear way that the door is said to leave is more than its opening, the larger of width and height.',
)]
final class LeafExcess extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $opening = $subject->opening;
        [$excess, $missing, $isSaid] = [0.0, [], false];
        foreach ([
            'width' => [$opening->clearWidth, $opening->width],
            'height' => [$opening->clearHeight, $opening->height],
        ] as $side => [$clear, $whole]) {
            $isSaid = $isSaid || $clear !== null;
            if ($clear !== null && $whole === null) {
                $missing[] = "{$subject->id()}.{$side}";
            }
            $excess = $clear !== null && $whole !== null ? max($excess, $clear - $whole) : $excess;
        }
        if (!$isSaid) {
            return new NotApplicable(Message::of('door.leaf_excess.nobody_said_how_much'));
        }
        if ($missing !== []) {
            return new Unknown($missing);
        }
        $span = $subject->span();

        return new Measured(
            Amount::length($excess),
            [Witness::dimension($subject->storey(), new Segment($span->from, $span->to), Amount::length($span->length()))],
            [
                $excess > 0
                    ? Message::of('door.leaf_excess.clear_way_is_said', excess: Amount::length($excess))
                    : Message::of('door.leaf_excess.it_fits_its_opening'),
            ],
        );
    }
}
