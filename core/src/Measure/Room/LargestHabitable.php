<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Layout\Words\RoomUse;
use Heurema\Measure\Answer;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject;

/**
 * Is it the largest of the rooms to live, eat, work or sleep in?
 *
 * @extends SubjectMeasure<RoomSpace>
 */
final class LargestHabitable extends SubjectMeasure
{
    public function name(): string
    {
        return 'room.largest_habitable';
    }

    public function answer(): Answer
    {
        return Answer::YesNo;
    }

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $own = (new FloorArea())->of($subject, $home, new Parameters());
        if (!$own instanceof Measured) {
            return $own;
        }
        foreach ($home->rooms as $other) {
            $area = $other !== $subject && in_array($other->room->use, self::HABITABLE, true) ? (new FloorArea())->of($other, $home, new Parameters()) : null;
            if ($area instanceof Measured && self::isLarger($area, $own, $other, $subject)) {
                return new Measured(false, [], ["{$other->name()} is larger."]);
            }
        }

        return new Measured(true, [], ['It is the largest.']);
    }

    private const HABITABLE = [RoomUse::Living, RoomUse::Dining, RoomUse::Study, RoomUse::Bedroom, RoomUse::KitchenLiving];

    /** Of two that are as large the first in the drawing counts. */
    private static function isLarger(Measured $area, Measured $own, RoomSpace $other, RoomSpace $subject): bool
    {
        return $area->amount()->equals($own->amount()) ? strcmp($other->id(), $subject->id()) < 0 : $area->amount()->number > $own->amount()->number;
    }
}
