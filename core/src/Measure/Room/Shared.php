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
use Heurema\Words\Message;

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
            return new NotApplicable(Message::of('room.shared.it_is_open_to'));
        }
        $witness = array_map(
            static fn(Segment $gap): Witness => Witness::dimension($subject->storey(), $gap, Amount::length($gap->length())),
            $border->gaps,
        );
        if ($this->name() === 'room.shared_share') {
            $share = $border->share();

            return $share === null
                ? new Unknown($border->missing)
                : new Measured(
                    Amount::ratio($share),
                    $witness,
                    [Message::of('room.shared.of_wall_in_common', beyond: $border->beyond->name(), share: Amount::ratio($share))],
                );
        }
        if ($this->name() === 'room.shared_opening') {
            return $border->area === null
                ? new Unknown($border->missing)
                : new Measured(
                    Amount::drawnArea($border->area),
                    $witness,
                    [Message::of('room.shared.open_to', beyond: $border->beyond->name(), area: Amount::drawnArea($border->area))],
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
            $working[] = Message::of('room.shared.value', one: $one->name(), area: $area->amount());
            array_push($assumptions, ...$area->assumptions);
        }
        $working[] = Message::of('room.shared.both_together', sum: Amount::area($sum));

        return new Measured(Amount::area($sum), $witness, $working, Message::unique($assumptions));
    }
}
