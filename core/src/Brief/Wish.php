<?php

declare(strict_types=1);

namespace Heurema\Brief;

use Heurema\Language\Text;
use Heurema\Layout\Words\RoomUse;
use Heurema\Units\Notation;
use Heurema\Units\UnitSystem;

/** What a sentence of a brief wishes, and the rules that it comes to. */
final readonly class Wish
{
    /**
     * @param string       $typed   the sentence
     * @param RoomUse|null $use     null: of every room, or of the home
     * @param Range|null   $count   how many rooms of the use
     * @param list<Clause> $clauses
     */
    private function __construct(
        public string $typed,
        private bool $isOfHome,
        private ?RoomUse $use,
        private Quantifier $quantifier,
        private ?Range $count,
        private array $clauses,
    ) {}

    /** @param non-empty-list<Clause> $clauses */
    public static function ofHome(string $typed, array $clauses): self
    {
        return new self($typed, true, null, Quantifier::Every, null, $clauses);
    }

    /** @param list<Clause> $clauses */
    public static function ofRooms(string $typed, ?RoomUse $use, Quantifier $quantifier, ?Range $count, array $clauses): self
    {
        return new self($typed, false, $use, $quantifier, $count, $clauses);
    }

    /** @return list<string> as it was understood, amounts in the units of the home: who it is of, then each thing that is wished */
    public function says(UnitSystem $units): array
    {
        $notation = $units->notation();
        $wished = array_map(static fn(Clause $clause): string => $clause->says($notation), $this->clauses);
        if ($this->isOfHome) {
            return $wished;
        }
        $room = $this->use === null ? Text::of('room') : RoomWords::said($this->use);
        [$of, $each] = match (true) {
            $this->count !== null && $this->use !== null => [$this->counts($this->count, $this->use, $notation), Text::of('each: ')],
            $this->quantifier === Quantifier::One => [Text::of('at least one {room}', room: $room), Text::of('with all of this: ')],
            $this->quantifier === Quantifier::The => [Text::of('at least one {room}', room: $room), Text::of('each: ')],
            $this->quantifier === Quantifier::Largest => [Text::of('at least one {room}', room: $room), Text::of('the largest: ')],
            default => [null, Text::of('every {room}: ', room: $room)],
        };

        return [...($of === null ? [] : [$of]), ...($wished === [] ? [] : [$each.$wished[0]]), ...array_slice($wished, 1)];
    }

    private function counts(Range $count, RoomUse $use, Notation $notation): string
    {
        return match (true) {
            $count->high === '0' => Text::of('no {rooms}', rooms: RoomWords::saidPlural($use)),
            ($count->high ?? $count->low) === '1' => $count->says($notation).' '.RoomWords::said($use),
            default => $count->says($notation).' '.RoomWords::saidPlural($use),
        };
    }

    /** @return list<array{id: string, ...}> rules of a book */
    public function rules(): array
    {
        return [...$this->implied(), ...$this->told()];
    }

    /**
     * What it says itself: no other wish of a brief has a rule of the same id.
     *
     * @return list<array{id: string, ...}>
     */
    public function told(): array
    {
        return match (true) {
            $this->isOfHome => array_map(
                fn(Clause $clause): array => $this->rule($clause->id, $clause->title, 'dwelling', $clause->requirement()),
                $this->clauses,
            ),
            $this->quantifier === Quantifier::One && $this->clauses !== [] => [$this->oneOfThem()],
            default => [
                ...($this->count === null ? [] : [$this->number('count', $this->count->limit())]),
                ...array_map($this->ofEvery(...), $this->clauses),
            ],
        };
    }

    /**
     * That there is one, which several wishes may take for granted.
     *
     * @return list<array{id: string, ...}>
     */
    private function implied(): array
    {
        $isTaken = match ($this->quantifier) {
            Quantifier::The, Quantifier::Largest => true,
            Quantifier::One => $this->clauses === [],
            Quantifier::Every => false,
        };

        return $isTaken ? [$this->number('one', ['at_least' => 1])] : [];
    }

    /**
     * @param array<string, mixed> $limit
     *
     * @return array{id: string, ...}
     */
    private function number(string $id, array $limit): array
    {
        $use = $this->use ?? RoomUse::Other;

        return $this->rule(
            $id,
            Text::of('How many: {room}', room: RoomWords::said($use)),
            'dwelling',
            ['measure' => 'dwelling.room_count', 'with' => ['use' => $use->value], ...$limit],
        );
    }

    /** @return array{id: string, ...} */
    private function ofEvery(Clause $clause): array
    {
        return $this->rule(
            ($this->quantifier === Quantifier::Largest ? 'largest-' : '').$clause->id,
            "{$clause->title}: ".match (true) {
                $this->use === null => Text::of('every room'),
                $this->quantifier === Quantifier::Largest => Text::of('largest {room}', room: RoomWords::said($this->use)),
                default => RoomWords::said($this->use),
            },
            'room',
            [...($this->use === null ? [] : ['when' => $this->condition($this->use)]), ...$clause->requirement()],
        );
    }

    private function condition(RoomUse $use): string
    {
        return "room.use == '{$use->value}'".($this->quantifier === Quantifier::Largest ? ' and room.largest_of_its_use' : '');
    }

    /** @return array{id: string, ...} */
    private function oneOfThem(): array
    {
        $ways = [[]];
        foreach ($this->clauses as $clause) {
            $ways = array_merge(...array_map(
                static fn(array $way): array => array_map(
                    static fn(array $needs): array => [...$way, ...self::single($needs)],
                    array_values($clause->alternatives),
                ),
                $ways,
            ));
        }
        $use = $this->use ?? RoomUse::Other;

        return $this->rule(
            'one-'.implode('-', array_map(static fn(Clause $clause): string => $clause->id, $this->clauses)),
            Text::of('One {room}: {clauses}', room: RoomWords::said($use), clauses: Text::small(
                implode(', ', array_map(static fn(Clause $clause): string => $clause->title, $this->clauses)),
            )),
            'dwelling',
            ['exists' => array_map(
                static fn(array $needs): array => ['among' => 'rooms', 'where' => "room.use == '{$use->value}'", 'needs' => $needs],
                $ways,
            )],
        );
    }

    /**
     * A range as two limits, as related things need them.
     *
     * @param list<array<string, mixed>> $needs
     *
     * @return list<array<string, mixed>>
     */
    private static function single(array $needs): array
    {
        $single = [];
        foreach ($needs as $need) {
            $range = $need['between'] ?? null;
            unset($need['between']);
            if (is_array($range)) {
                array_push($single, [...$need, 'at_least' => $range['low']], [...$need, 'at_most' => $range['high']]);
            } else {
                $single[] = $need;
            }
        }

        return $single;
    }

    /**
     * @param array<string, mixed> $requirement
     *
     * @return array{id: string, ...}
     */
    private function rule(string $id, string $title, string $subject, array $requirement): array
    {
        $of = $this->isOfHome ? '' : ($this->use->value ?? 'every').'-';

        return [
            'id' => str_replace('_', '-', $of.$id),
            'clause' => 'brief',
            'title' => $title,
            'subject' => $subject,
            'why' => Text::of('The client wishes it.'),
            'source' => Text::of('the client'),
        ] + $requirement;
    }
}
