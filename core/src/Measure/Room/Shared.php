<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

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
use Heurema\Spatial\OpenBorder;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;

/**
 * What a room has through the adjoining room that it is most open to.
 *
 * @extends SubjectMeasure<RoomSpace>
 */
#[Measures(
    'room.shared_share',
    AnswerType::Ratio,
    'The share of the wall in common with the adjoining room to which it is most open that is open, by area.',
)]
#[Measures('room.shared_opening', AnswerType::Area, 'What is open between it and the adjoining room to which it is most open.')]
#[Measures('room.shared_floor', AnswerType::Area, 'The floor of it and the adjoining room to which it is most open, together.')]
#[Measures('room.shared_glass', AnswerType::Area, 'The glass of it and the adjoining room to which it is most open, together.')]
#[Measures('room.shared_vent', AnswerType::Area, 'What opens to the air in it and the adjoining room to which it is most open, together.')]
final class Shared extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if ($subject->outline() === null) {
            return new Unknown([(string) $subject->outlineProblem()]);
        }
        $border = OpenBorder::widest($subject, $home);
        if ($border === null) {
            return new NotApplicable('It is open to no other room.');
        }
        $witness = array_map(
            static fn(Segment $gap): Witness => Witness::dimension($subject->storey(), $gap, $home->length($gap->length())),
            $border->gaps,
        );
        if ($this->name() === 'room.shared_share') {
            $share = $border->share();

            return $share === null
                ? new Unknown($border->missing)
                : new Measured(
                    Amount::ratio($share),
                    $witness,
                    ["Of the wall in common with {$border->beyond->name()}, {$home->write(Amount::ratio($share))} is open."],
                );
        }
        if ($this->name() === 'room.shared_opening') {
            return $border->area === null
                ? new Unknown($border->missing)
                : new Measured(
                    Amount::drawnArea($border->area),
                    $witness,
                    ["Open to {$border->beyond->name()}: {$home->write(Amount::drawnArea($border->area))}."],
                );
        }

        return $this->together($subject, $border->beyond, $home, $witness);
    }

    /** @param list<Witness> $witness */
    private function together(RoomSpace $room, RoomSpace $beyond, Home $home, array $witness): Measurement
    {
        $measure = match ($this->name()) {
            'room.shared_glass' => new GlassArea(),
            'room.shared_vent' => new VentArea(),
            default => new FloorArea(),
        };
        $sum = 0.0;
        $working = $assumptions = [];
        foreach ([$room, $beyond] as $one) {
            $area = $measure->of($one, $home, new Parameters());
            if (!$area instanceof Measured) {
                return $area;
            }
            $sum += $area->amount()->number;
            $working[] = "{$one->name()}: {$home->write($area->amount())}.";
            array_push($assumptions, ...$area->assumptions);
        }
        $working[] = 'Both together: '.$home->write(Amount::area($sum)).'.';

        return new Measured(Amount::area($sum), $witness, $working, array_values(array_unique($assumptions)));
    }
}
