<?php

declare(strict_types=1);

namespace Heurema\Measure\Dwelling;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Witness;
use Heurema\Measure\Wordlists;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;

/**
 * How many rooms of a `use` have no thing of a `kind` in them.
 *
 * @extends SubjectMeasure<Home>
 */
final class RoomsLacking extends SubjectMeasure
{
    public function name(): string
    {
        return 'dwelling.rooms_lacking';
    }

    public function answer(): AnswerType
    {
        return AnswerType::Count;
    }

    public function parameters(): array
    {
        return ['use' => AnswerType::Word, 'kind' => AnswerType::Word];
    }

    public function words(): array
    {
        return ['use' => Wordlists::uses(), 'kind' => Wordlists::kinds()];
    }

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $lacking = array_values(array_filter(
            $home->rooms,
            static fn(RoomSpace $room): bool => $room->room->use?->value === $with->word('use') && !$home->hasThing($room, (string) $with->word('kind')),
        ));
        $names = implode(', ', array_map(static fn(RoomSpace $room): string => $room->name(), $lacking));

        return new Measured(
            Amount::count(count($lacking)),
            array_map(static fn(RoomSpace $room): Witness => Witness::mark($room->storey(), $room->room->at, $room->name()), $lacking),
            [$lacking === [] ? 'None is without.' : Lack::words(count($lacking), (string) $with->word('use'), (string) $with->word('kind'), '').": {$names}."],
            parties: array_map(static fn(RoomSpace $room): string => $room->id(), $lacking),
        );
    }
}
