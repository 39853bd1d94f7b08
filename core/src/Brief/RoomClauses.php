<?php

declare(strict_types=1);

namespace Heurema\Brief;

use Heurema\Language\Text;
use Heurema\Language\Texts;
use Heurema\Layout\Words\RoomUse;
use Heurema\Rulebook\KnownWords;
use Heurema\Spatial\Compass;
use Heurema\Units\Notation;
use Heurema\Units\Quantity;

/** Reads what is wished of rooms, one clause after the other. */
final readonly class RoomClauses
{
    private const FILLERS = [
        ',', ';', ':', '.', 'and', 'each', 'all', 'is', 'are', 'has', 'have', 'having', 'must', 'should', 'be', 'lies', 'lie', 'lying',
        'that',
        'which', 'with', 'of', 'it', 'they', 'but', 'also', 'either', 'both',
    ];
    private const DIMENSIONS = [
        'wide' => 'side', 'across' => 'side', 'in width' => 'side', 'long' => 'length', 'deep' => 'length', 'in length' => 'length',
        'high' => 'ceiling', 'tall' => 'ceiling', 'in height' => 'ceiling',
    ];
    #[Texts]
    private const SIZES = [
        'area' => ['Area', 'room.floor_area', '{range} large'],
        'side' => ['Least side', 'room.least_width', '{range} wide'],
        'length' => ['Long side', 'room.long_side', '{range} long'],
        'ceiling' => ['Ceiling', 'room.ceiling_height', '{range} high'],
        'door' => ['Door', 'room.door_width', 'doors {range} wide'],
    ];

    /** How a relation to other rooms is read back, and that there is to be none. */
    #[Texts]
    private const RELATIONS = [
        'beside' => ['beside {rooms}', 'not beside {rooms}'],
        'opens' => ['opening from {rooms}', 'not opening from {rooms}'],
        'overlooks' => ['overlooking {rooms}', 'not overlooking {rooms}'],
    ];

    /** @param bool $isNegated what is said is not to be */
    public function __construct(private Sentence $sentence, private bool $isNegated = false) {}

    /** @return array<string, string> sides of the compass, by the words for them */
    private static function sides(): array
    {
        $words = [];
        foreach (Compass::clockwise() as $side) {
            $words[$side] = $words[str_replace('-', '', $side)] = $side;
        }

        return $words;
    }

    /** @return array<string, string> only a place within the home can be its middle */
    private static function places(): array
    {
        return [...self::sides(), 'centre' => 'centre', 'center' => 'centre', 'middle' => 'centre'];
    }

    /**
     * @return list<Clause>
     *
     * @throws UnreadableWish
     */
    public function read(): array
    {
        $clauses = [];
        for ($this->skip(); !$this->sentence->isAtEnd(); $this->skip()) {
            foreach ($this->clause() as $clause) {
                if (isset($clauses[$clause->id])) {
                    throw new UnreadableWish(Text::of('{title}: wished twice.', title: $clause->title));
                }
                $clauses[$clause->id] = $clause;
            }
        }

        return array_values($clauses);
    }

    private function skip(): void
    {
        while ($this->sentence->takes(...self::FILLERS)) {
        }
    }

    /** @return non-empty-list<Clause> */
    private function clause(): array
    {
        // "not more than" is a limit, no denial
        $isDenied = !$this->sentence->comes(...RangeReader::LOW, ...RangeReader::HIGH)
            && $this->sentence->takes('not', 'never', 'no', 'without');
        $isNot = $isDenied !== $this->isNegated;
        if ($this->sentence->takes('through', 'crossing', 'reached through')) {
            return $isNot || $this->sentence->takes('without') ? [$this->notThrough()] : throw $this->unknown();
        }
        if ($this->sentence->takes('reached without crossing', 'reached not through', 'reached without')) {
            return [$this->notThrough()];
        }

        return $this->place($isNot)
            ?? $this->size($isNot)
            ?? ($this->isOwnDoor() ? [$this->ownDoor($isNot)] : null)
            ?? $this->ownRoom($isNot)
            ?? $this->fixtures($isNot)
            ?? throw $this->unknown();
    }

    private function notThrough(): Clause
    {
        $use = $this->room();

        return new Clause(
            "not-through-{$use->value}",
            Text::of('Way in'),
            ['' => [self::need('room.reached_through', ['use' => $use->value], ['at_most' => 0])]],
            Text::of('reached without crossing {room}', room: RoomWords::saidOne($use)),
        );
    }

    /** @return non-empty-list<Clause>|null */
    private function place(bool $isNot): ?array
    {
        return match (true) {
            $this->sentence->takes('beside', 'next to', 'adjoining', 'adjacent to') => [
                $this->neighbours('beside', Text::of('Neighbours'), 'room.beside', $isNot),
            ],
            $this->sentence->takes('opening', 'opens', 'open', 'entered', 'reached') => [$this->opensFrom($isNot)],
            $this->sentence->takes('overlooking', 'overlooks', 'overlook', 'facing', 'faces', 'face', 'looking', 'looks') => [
                $this->overlooks($isNot),
            ],
            $this->sentence->takes('in the', 'to the', 'on the', 'in', 'towards the') => [$this->sector($isNot)],
            default => null,
        };
    }

    private function opensFrom(bool $isNot): Clause
    {
        if (!$this->sentence->takes('from', 'off', 'to', 'into', 'onto', 'on to', 'in to')) {
            throw new UnreadableWish(Text::of('Opens from which room?'));
        }

        return $this->neighbours('opens', Text::of('Opens from'), 'room.opens_to', $isNot);
    }

    private function overlooks(bool $isNot): Clause
    {
        $this->sentence->takes('onto', 'over', 'out over', 'out onto', 'to', 'towards', 'on');
        $place = $this->sentence->place();
        $this->sentence->takes('the', 'a', 'an');
        $sectors = $this->sentence->takeOne(self::sides()) === null ? null : $this->backAt($place)->sectors(self::sides());
        if ($sectors === null) {
            $this->sentence->goBackTo($place);

            return $this->neighbours('overlooks', Text::of('Looks onto'), 'room.overlooks', $isNot);
        }

        return new Clause(
            ($isNot ? 'not-' : '').'faces-'.implode('-', $sectors),
            Text::of('Windows to the {sides}', sides: self::either($sectors)),
            self::ways('room.windows_towards', 'side', array_combine($sectors, $sectors), $isNot),
            Text::of($isNot ? 'no window to the {sides}' : 'a window to the {sides}', sides: self::either($sectors)),
        );
    }

    private function sector(bool $isNot): Clause
    {
        $sectors = $this->sectors(self::places());
        $allowed = $isNot ? array_values(array_diff(array_unique(array_values(self::places())), $sectors)) : $sectors;

        return new Clause(
            'sector',
            Text::of('Side of the home'),
            ['' => [['measure' => 'room.orientation', 'one_of' => $allowed]]],
            Text::of($isNot ? 'not in the {sides} of the home' : 'in the {sides} of the home', sides: self::either($sectors)),
        );
    }

    /**
     * @param array<string, string> $known
     *
     * @return non-empty-list<string>
     */
    private function sectors(array $known): array
    {
        $sectors = [];
        do {
            $this->sentence->takes('the', 'in the', 'to the');
            $sectors[] = $this->sentence->takeOne($known)
                ?? throw new UnreadableWish(Text::of(
                    '“{word}” is no side of a home: {sides}.',
                    word: $this->sentence->next(),
                    sides: implode(', ', array_unique($known)),
                ));
        } while ($this->sentence->takes('or', 'nor'));
        $this->sentence->takes('side of the home', 'of the home', 'side');

        return array_values(array_unique($sectors));
    }

    /** Rooms of a relation: of several that are named with "or" one is enough, and with "not" none may be. */
    private function neighbours(string $id, string $title, string $measure, bool $isNot): Clause
    {
        $uses = [];
        do {
            $uses[] = $this->room();
        } while ($this->sentence->takes('or', 'nor'));
        $names = array_map(static fn(RoomUse $use): string => $use->value, $uses);

        return new Clause(
            ($isNot ? 'not-' : '')."{$id}-".implode('-', $names),
            $title,
            self::ways($measure, 'use', array_combine($names, array_map(RoomWords::said(...), $uses)), $isNot),
            Text::of(self::RELATIONS[$id][$isNot ? 1 : 0], rooms: implode(Text::of(' or '), array_map(RoomWords::saidOne(...), $uses))),
        );
    }

    /** @return non-empty-list<Clause>|null */
    private function size(bool $isNot): ?array
    {
        $place = $this->sentence->place();
        $of = match (true) {
            $this->sentence->takes('ceilings', 'ceiling', 'a ceiling') => 'ceiling',
            $this->sentence->takes('doors', 'a door', 'door') => 'door',
            default => null,
        };
        $this->sentence->takes('of');
        $range = (new RangeReader($this->sentence))->read();
        if ($range?->quantity === Quantity::Count && $of === null && !$isNot && $this->sentence->takes('by', 'x')) {
            return $this->rectangle($range);
        }
        if ($range === null || $range->quantity === Quantity::Count) {
            $this->sentence->goBackTo($place);

            return null;
        }
        if ($isNot) {
            throw new UnreadableWish(Text::of('Sizes are wished without “no” and “not”: at least so much, or at most so much.'));
        }
        if ($range->quantity === Quantity::Area && $of === null) {
            $this->sentence->takes('of floor', 'in area', 'large', 'each');

            return [self::sized('area', $range->fromLow())];
        }
        if ($range->quantity !== Quantity::Length) {
            throw new UnreadableWish(Text::of('A room has an area, a width, a length and a height.'));
        }
        if ($of === null && $this->sentence->takes('by', 'x')) {
            return $this->rectangle($range);
        }
        $dimension = $this->sentence->takeOne(self::DIMENSIONS);
        $of ??= $dimension ?? throw new UnreadableWish(Text::of('Is that wide, long or high? Say 3 m wide, or 3 m by 4 m.'));

        return [self::sized($of, $range->fromLow())];
    }

    /** @return non-empty-list<Clause> */
    private function rectangle(Range $first): array
    {
        $second = (new RangeReader($this->sentence))->read();
        if ($second === null || $second->quantity !== Quantity::Length) {
            throw new UnreadableWish(Text::of('By how much? Say 3 m by 4 m.'));
        }
        $sides = [$first->inUnitOf($second)->fromLow(), $second->fromLow()];
        usort($sides, static fn(Range $a, Range $b): int => $a->start() <=> $b->start());

        return [self::sized('side', $sides[0]), self::sized('length', $sides[1])];
    }

    private static function sized(string $id, Range $range): Clause
    {
        [$title, $measure, $says] = self::SIZES[$id];

        return new Clause(
            $id,
            Text::of($title),
            ['' => [['measure' => $measure, ...$range->limit()]]],
            static fn(Notation $notation): string => Text::of($says, range: $range->says($notation)),
        );
    }

    private function isOwnDoor(): bool
    {
        return $this->sentence->takes(
            'its own outside door',
            'their own outside door',
            'own outside door',
            'an outside door of its own',
            'outside door of its own',
            'an outside door',
            'outside door',
            'a door outside',
            'a door to the outside',
            'its own entrance',
            'a way outside',
        );
    }

    private function ownDoor(bool $isNot): Clause
    {
        return new Clause(
            ($isNot ? 'no-' : '').'outside-door',
            Text::of('Outside door'),
            ['' => [['measure' => 'room.outside_doors', ...self::is($isNot)]]],
            Text::of($isNot ? 'no outside door' : 'an outside door of its own'),
        );
    }

    /** @return non-empty-list<Clause>|null `its own bathroom`, `a closet of its own` */
    private function ownRoom(bool $isNot): ?array
    {
        $place = $this->sentence->place();
        $isOwn = $this->sentence->takes('its own', 'their own', 'an own', 'own', 'an attached', 'attached', 'an en-suite', 'en-suite');
        $this->sentence->takes('a', 'an', 'the');
        $use = $this->sentence->takeOne(RoomWords::all());
        $isOwn = $this->sentence->takes('of its own', 'of their own') || $isOwn;
        if ($use === null || !$isOwn) {
            $this->sentence->goBackTo($place);

            return null;
        }
        $uses = [
            $use->value => RoomWords::said($use),
            ...($use === RoomUse::Bathroom ? [RoomUse::ShowerRoom->value => RoomWords::said(RoomUse::ShowerRoom)] : []),
        ];

        return [new Clause(
            ($isNot ? 'no-' : '')."own-{$use->value}",
            Text::capital(Text::of('{room} of its own', room: RoomWords::said($use))),
            self::ways('room.opens_to', 'use', $uses, $isNot),
            Text::of($isNot ? 'no {room} of its own' : 'a {room} of its own', room: RoomWords::said($use)),
        )];
    }

    /** @return non-empty-list<Clause>|null */
    private function fixtures(bool $isNot): ?array
    {
        $kinds = [];
        do {
            $this->sentence->takes('a', 'an', 'the', 'one', 'some');
            $range = (new RangeReader($this->sentence))->read() ?? new Range('1', null, Quantity::Count);
            $kind = $range->quantity === Quantity::Count ? $this->sentence->takeOne(FixtureWords::all()) : null;
            if ($kind === null) {
                return $kinds === [] ? null : throw $this->unknown();
            }
            $kinds[$kind] = $isNot ? new Range(null, '0', Quantity::Count) : $range->fromLow();
        } while ($this->sentence->takes('or', 'nor'));
        $needs = [];
        $says = [];
        foreach ($kinds as $kind => $range) {
            $needs[FixtureWords::of($kind, 1.0)] = self::need('room.count', ['kind' => $kind], $range->limit());
            $says[] = self::count($kind, $range);
        }

        return [new Clause(
            ($isNot ? 'no-' : 'has-').implode('-', array_keys($kinds)),
            Text::capital(self::either(array_map(static fn(string $kind): string => FixtureWords::of($kind, 1.0), array_keys($kinds)))),
            self::each($needs, $isNot),
            implode(Text::of(' or '), $says),
        )];
    }

    private static function count(string $kind, Range $range): string
    {
        return match (true) {
            $range->high === '0' => Text::of('no {thing}', thing: FixtureWords::of($kind, 1.0)),
            $range->high === null => Text::of('at least {low}', low: $range->low.' '.FixtureWords::of($kind, (float) $range->low)),
            $range->low === null => Text::of('at most {high}', high: $range->high.' '.FixtureWords::of($kind, (float) $range->high)),
            default => Text::of('{low} to {high}', low: $range->low, high: $range->high.' '.FixtureWords::of($kind, 2.0)),
        };
    }

    /** @param list<string> $words */
    private static function either(array $words): string
    {
        return implode(Text::of(' or '), array_map(Text::of(...), $words));
    }

    private function room(): RoomUse
    {
        $this->sentence->takes('the', 'a', 'an', 'any');

        return $this->sentence->takeOne(RoomWords::all()) ?? throw new UnreadableWish(
            $this->sentence->isAtEnd()
                ? Text::of('Which room?')
                : Text::of(
                    '“{word}” is no room. Nearest: {nearest}.',
                    word: $this->sentence->next(),
                    nearest: KnownWords::nearest($this->sentence->next(), array_keys(RoomWords::all())),
                ),
        );
    }

    private function backAt(int $place): self
    {
        $this->sentence->goBackTo($place);

        return $this;
    }

    private function unknown(): UnreadableWish
    {
        $word = $this->sentence->next();
        if ($word === '') {
            return new UnreadableWish(Text::of('The wish ends too early.'));
        }
        if ($this->sentence->takeOne(RoomWords::all()) !== null) {
            return new UnreadableWish(Text::of(
                'Is “{word}” beside it, opening from it, its own? Other rooms have a line of their own.',
                word: $word,
            ));
        }
        $known = [
            ...array_keys(FixtureWords::all()), 'beside', 'opening from', 'overlooking', 'facing', 'in the', 'own outside door', 'wide',
            'long', 'high', 'ceilings', 'doors',
        ];

        return new UnreadableWish(Text::of(
            '“{word}” is not understood. Nearest: {nearest}.',
            word: $word,
            nearest: KnownWords::nearest($word, $known),
        ));
    }

    /** @return array<string, int> */
    private static function is(bool $isNot): array
    {
        return $isNot ? ['at_most' => 0] : ['at_least' => 1];
    }

    /**
     * @param array<string, string> $with
     * @param array<string, mixed>  $limit
     *
     * @return array<string, mixed>
     */
    private static function need(string $measure, array $with, array $limit): array
    {
        return ['measure' => $measure, 'with' => $with, ...$limit];
    }

    /**
     * A measure of each of several words.
     *
     * @param non-empty-array<string, string> $words what they are called, by themselves
     *
     * @return array<string, list<array<string, mixed>>>
     */
    private static function ways(string $measure, string $parameter, array $words, bool $isNot): array
    {
        $needs = [];
        foreach ($words as $word => $name) {
            $needs[$name] = self::need($measure, [$parameter => $word], self::is($isNot));
        }

        return self::each($needs, $isNot);
    }

    /**
     * @param array<string, array<string, mixed>> $needs by name
     *
     * @return array<string, list<array<string, mixed>>> each of them a way of its own; with "not" all together
     */
    private static function each(array $needs, bool $isNot): array
    {
        return $isNot ? ['' => array_values($needs)] : array_map(static fn(array $need): array => [$need], $needs);
    }
}
