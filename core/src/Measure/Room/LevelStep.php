<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<RoomSpace> */
#[Measures(
    'room.level_step',
    AnswerType::Length,
    'The highest step between its finished floor and that of another room, at a door, a bare opening or an open border; a floor of which '
    .'nobody said otherwise lies at the level of its storey.',
)]
final class LevelStep extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $level = $subject->level();
        $highest = ['step' => 0.0, 'to' => null];
        foreach (self::neighbours($subject, $home) as $neighbour) {
            $step = abs($neighbour->level() - $level);
            if ($step > $highest['step']) {
                $highest = ['step' => $step, 'to' => $neighbour];
            }
        }

        return new Measured(
            Amount::length($highest['step']),
            [Witness::mark($subject->storey(), $subject->room->at, Amount::length($highest['step']))],
            [$highest['to'] === null
                ? Message::of('room.level_step.none')
                : Message::of('room.level_step.to', room: $highest['to']->name(), step: Amount::length($highest['step']))],
        );
    }

    /** @return list<RoomSpace> those that one can walk to */
    private static function neighbours(RoomSpace $room, Home $home): array
    {
        $found = [];
        foreach ($home->openingsOf($room) as $opening) {
            array_push($found, ...($opening->opening->window === null ? array_filter([$opening->left->room, $opening->right->room]) : []));
        }
        foreach ($room->sides() as $side) {
            $line = $side->segment;
            // a little beyond the border, on the side that is not the room's
            $beyond = $side->isOpen() ? $home->plans[$room->storey()]->roomAt($line->offset(-1.0)->middle()) : null;
            array_push($found, ...($beyond === null ? [] : [$beyond]));
        }

        return array_values(array_filter($found, static fn(RoomSpace $other): bool => $other !== $room));
    }
}
