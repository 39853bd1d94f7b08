<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Words\Message;

/**
 * Is no other room of a kind greater than this one? Of two that are as great the one whose id comes first counts.
 *
 * @extends SubjectMeasure<RoomSpace>
 */
abstract class GreatestRoom extends SubjectMeasure
{
    final protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $own = $this->size($subject, $home);
        if (!$own instanceof Measured) {
            return $own;
        }
        $greatest = $home->once(
            "greatest by {$this->name()} {$this->kind($subject)}",
            fn(): ?array => $this->greatest($home, $subject),
        );
        if ($greatest !== null && self::isGreater($greatest[1], $own, $greatest[0], $subject)) {
            return new Measured(false, [], [Message::of('room.greatest_room.is_greater', greatest: $greatest[0]->name())]);
        }

        return new Measured(true, [], [Message::of('room.greatest_room.no_other_is_greater')]);
    }

    /** @return array{RoomSpace, Measured}|null */
    private function greatest(Home $home, RoomSpace $subject): ?array
    {
        $greatest = null;
        foreach ($home->rooms as $room) {
            $size = $this->counts($room, $subject) ? $this->size($room, $home) : null;
            if ($size instanceof Measured && ($greatest === null || self::isGreater($size, $greatest[1], $room, $greatest[0]))) {
                $greatest = [$room, $size];
            }
        }

        return $greatest;
    }

    /** Is a room of the kind that the subject is compared with? */
    abstract protected function counts(RoomSpace $room, RoomSpace $subject): bool;

    /** Subjects of one kind are compared with the same rooms. */
    protected function kind(RoomSpace $subject): string
    {
        return '';
    }

    abstract protected function size(RoomSpace $room, Home $home): Measurement;

    private static function isGreater(Measured $size, Measured $own, RoomSpace $other, RoomSpace $subject): bool
    {
        return $size->amount()->equals($own->amount())
            ? strcmp($other->id(), $subject->id()) < 0
            : $size->amount()->number > $own->amount()->number;
    }
}
