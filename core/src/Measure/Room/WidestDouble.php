<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Measure\Answer;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject;

/**
 * Is it the widest of the bedrooms that hold two bed spaces or more?
 *
 * @extends SubjectMeasure<RoomSpace>
 */
final class WidestDouble extends SubjectMeasure
{
    public function name(): string
    {
        return 'room.widest_double';
    }

    public function answer(): Answer
    {
        return Answer::YesNo;
    }

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $own = (new LeastWidth())->of($subject, $home, new Parameters());
        if (!$own instanceof Measured) {
            return $own;
        }
        foreach ($home->bedrooms() as $other) {
            $width = (new LeastWidth())->of($other, $home, new Parameters());
            if ($other !== $subject && ($other->room->bedspaces ?? 0) >= 2 && $width instanceof Measured && self::isWider($width, $own, $other, $subject)) {
                return new Measured(false, [], ["{$other->name()} is wider."]);
            }
        }

        return new Measured(true, [], ['It is the widest double bedroom.']);
    }

    /** Of two that are as wide the first in the drawing counts. */
    private static function isWider(Measured $width, Measured $own, RoomSpace $other, RoomSpace $subject): bool
    {
        return $width->amount()->equals($own->amount()) ? strcmp($other->id(), $subject->id()) < 0 : $width->amount()->number > $own->amount()->number;
    }
}
