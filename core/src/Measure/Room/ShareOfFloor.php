<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<RoomSpace> */
#[Measures('room.glazing_ratio', AnswerType::Ratio, 'The glass between a room and the open air as a share of its floor.')]
#[Measures(
    'room.vent_ratio',
    AnswerType::Ratio,
    'What windows and doors between a room and the open air open up, as a share of its floor.',
)]
final class ShareOfFloor extends SubjectMeasure
{
    private readonly OutsideOpenings $area;

    public function __construct(string $name)
    {
        parent::__construct($name);
        $this->area = $name === 'room.glazing_ratio' ? new GlassArea() : new VentArea();
    }

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $area = $this->area->of($subject, $home, $with);
        $floor = (new FloorArea())->of($subject, $home, $with);
        if (!$area instanceof Measured || !$floor instanceof Measured) {
            return $area instanceof Measured ? $floor : $area;
        }
        $share = Amount::ratio($area->amount()->number / max(1e-9, $floor->amount()->number));

        return new Measured(
            $share,
            $area->witness,
            [...$area->working, Message::of('room.share_of_floor.of_of_floor', floor: $floor->amount(), share: $share)],
            [...$area->assumptions, ...$floor->assumptions],
        );
    }
}
