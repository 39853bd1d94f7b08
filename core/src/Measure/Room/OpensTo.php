<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Layout\Words\RoomUse;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<RoomSpace> */
#[Measures(
    'room.opens_to',
    AnswerType::Count,
    'How many other rooms of a `use` it opens to, by a door, a bare opening or an open boundary.',
    with: ['use' => AnswerType::Word],
    words: ['use' => [RoomUse::class]],
)]
final class OpensTo extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if ($subject->sides() === []) {
            return new Unknown([(string) $subject->outlineProblem()]);
        }
        $use = (string) $with->word('use');
        $found = $unnamed = $witness = [];
        foreach ($home->openingsOf($subject) as $door) {
            $beyond = $door->type() === SubjectType::Door ? $door->across($subject) : null;
            if ($beyond?->room?->isOf($use) === true) {
                $found[$beyond->room->id()] = $beyond->room->name();
                $witness[] = Witness::mark($subject->storey(), $door->middle());
            } elseif ($beyond !== null && $beyond->isOpenAir() === null) {
                $unnamed[] = $beyond->missing();
            }
        }
        foreach ($home->plans[$subject->storey()]->neighbours($subject) as $neighbour) {
            $room = $neighbour->isOpen() ? $neighbour->beyond->room : null;
            if ($room?->isOf($use) === true && !isset($found[$room->id()])) {
                $found[$room->id()] = $room->name();
                $witness[] = Witness::mark($subject->storey(), $neighbour->stretch->middle());
            }
        }

        return $found === [] && $unnamed !== []
            ? new Unknown(array_values(array_unique($unnamed)))
            : new Measured(
                Amount::count(count($found)),
                $witness,
                [$found === [] ? Message::of('room.opens_to.none') : Message::of('room.opens_to.opens_to', names: array_values($found))],
            );
    }
}
