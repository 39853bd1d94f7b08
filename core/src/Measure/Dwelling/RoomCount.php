<?php

declare(strict_types=1);

namespace Heurema\Measure\Dwelling;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Measure\Wordlists;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;

/**
 * How many rooms of a `use` the dwelling has; of any use where none is named.
 *
 * @extends SubjectMeasure<Home>
 */
final class RoomCount extends SubjectMeasure
{
    public function name(): string
    {
        return 'dwelling.room_count';
    }

    public function answer(): AnswerType
    {
        return AnswerType::Count;
    }

    public function parameters(): array
    {
        return ['use' => AnswerType::Word];
    }

    public function words(): array
    {
        return ['use' => Wordlists::uses()];
    }

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $use = $with->word('use');
        $unnamed = array_values(array_filter($home->rooms, static fn(RoomSpace $room): bool => $use !== null && $room->room->use === null));
        if ($unnamed !== []) {
            return new Unknown(array_map(static fn(RoomSpace $room): string => "{$room->id()}.use", $unnamed));
        }
        $found = array_values(array_filter($home->rooms, static fn(RoomSpace $room): bool => $use === null || $room->room->use?->value === $use));
        $names = implode(', ', array_map(static fn(RoomSpace $room): string => $room->name(), $found));

        return new Measured(
            Amount::count(count($found)),
            array_map(static fn(RoomSpace $room): Witness => Witness::mark($room->storey(), $room->room->at), $found),
            [$found === [] ? 'There is none.' : "Counted: {$names}."],
        );
    }
}
