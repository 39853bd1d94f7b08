<?php

declare(strict_types=1);

namespace Heurema\Brief;

use Heurema\Language\Text;
use Heurema\Rulebook\KnownWords;
use Heurema\Units\Quantity;

/**
 * Reads a wish as people say it: `3 bedrooms of 10 to 14 m2, each with a wardrobe`, `the kitchen beside the dining room`,
 * `a bathroom with a bath or a shower`, `circulation at most 15 %`. Who it is of comes first, then what is wished, with commas or
 * `and` between.
 */
final readonly class WishReader
{
    private const ALL_ROOMS = ['every room', 'each room', 'all rooms', 'all the rooms', 'the rooms', 'rooms'];
    private const HOME = ['the whole home', 'the home', 'the house', 'the dwelling', 'the flat', 'all rooms together', 'in all'];

    /** @throws UnreadableWish */
    public function read(string $typed): Wish
    {
        $sentence = new Sentence($typed);
        if ($sentence->isAtEnd()) {
            throw new UnreadableWish(Text::of('Nothing is wished.'));
        }
        $isOfHome = $sentence->takes(...self::HOME);
        $home = (new HomeClauses($sentence))->read();
        if ($isOfHome && $home === []) {
            throw new UnreadableWish(Text::of('Of the home one wishes an area in all, a share of circulation, storage, or storeys.'));
        }

        return $home !== [] ? Wish::ofHome(trim($typed), $home) : $this->ofRooms(trim($typed), $sentence);
    }

    private function ofRooms(string $typed, Sentence $sentence): Wish
    {
        if ($sentence->takes('no')) {
            return self::ofNone($typed, $sentence);
        }
        if ($sentence->takes(...self::ALL_ROOMS) || $sentence->comes('doors', 'ceilings', 'all doors', 'all ceilings')) {
            return Wish::ofRooms($typed, null, Quantifier::Every, null, self::wished($sentence));
        }
        $quantifier = match (true) {
            $sentence->takes('the main', 'the largest', 'the master', 'main', 'largest', 'master') => Quantifier::Largest,
            $sentence->takes('every', 'each', 'all the', 'all', 'any', 'both') => Quantifier::Every,
            $sentence->takes('the') => Quantifier::The,
            $sentence->takes('one of the', 'a', 'an', 'one') => Quantifier::One,
            default => null,
        };
        $start = $sentence->next();
        $count = $quantifier === null ? (new RangeReader($sentence))->read() : null;
        if ($count !== null && ($count->quantity !== Quantity::Count || $count->isReversed())) {
            throw new UnreadableWish(Text::of('“{word}” is no number of rooms.', word: $start));
        }
        $use = $sentence->takeOne(RoomWords::all()) ?? throw self::unknownRoom($sentence);
        $isPlural = str_ends_with($sentence->last(), 's');
        $quantifier ??= $count !== null || $isPlural ? Quantifier::Every : Quantifier::The;
        $clauses = self::clauses($sentence);
        if ($clauses === [] && $count === null && $quantifier === Quantifier::Every) {
            throw new UnreadableWish(
                Text::of(
                    'What is wished of the {rooms}? How many, how large, with what, beside which room …',
                    rooms: RoomWords::saidPlural($use),
                ),
            );
        }

        return Wish::ofRooms($typed, $use, $quantifier, $count, $clauses);
    }

    /** `no garage`, `no bathroom opening from the kitchen` */
    private static function ofNone(string $typed, Sentence $sentence): Wish
    {
        $use = $sentence->takeOne(RoomWords::all()) ?? throw self::unknownRoom($sentence);
        $clauses = (new RoomClauses($sentence, isNegated: true))->read();
        if (count($clauses) > 1) {
            throw new UnreadableWish(Text::of('One thing at a time after “no”.'));
        }

        return Wish::ofRooms($typed, $use, Quantifier::Every, $clauses === [] ? new Range(null, '0', Quantity::Count) : null, $clauses);
    }

    /** @return non-empty-list<Clause> */
    private static function wished(Sentence $sentence): array
    {
        $clauses = self::clauses($sentence);

        return $clauses === [] ? throw new UnreadableWish(
            Text::of('What is wished of all rooms? How high, how wide, with how many windows …'),
        ) : $clauses;
    }

    /** @return list<Clause> */
    private static function clauses(Sentence $sentence): array
    {
        return (new RoomClauses($sentence))->read();
    }

    private static function unknownRoom(Sentence $sentence): UnreadableWish
    {
        $word = $sentence->next();

        return new UnreadableWish(
            $word === ''
                ? Text::of('Say of which rooms, or of the home.')
                : Text::of(
                    '“{word}” is no room that can be wished for. Nearest: {nearest}.',
                    word: $word,
                    nearest: KnownWords::nearest($word, array_keys(RoomWords::all())),
                ),
        );
    }
}
