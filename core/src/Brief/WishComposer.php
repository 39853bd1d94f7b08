<?php

declare(strict_types=1);

namespace Heurema\Brief;

use Heurema\Layout\Words\RoomUse;
use Heurema\Units\UnitSystem;

/** Puts a wish together from choices, as a sentence that `WishReader` reads. */
final readonly class WishComposer
{
    public const HOME = 'home';
    public const EVERY_ROOM = 'every';

    /** What can be wished of rooms, in the words of a list to choose from. */
    public const OF_ROOMS = [
        'count' => 'how many', 'area' => 'area', 'side' => 'width', 'length' => 'length', 'ceiling' => 'height of the ceiling',
        'windows' => 'windows', 'door' => 'width of its doors', 'has' => 'what stands in it', 'own' => 'a room of its own',
        'opens' => 'opens from', 'beside' => 'beside', 'through' => 'reached without crossing', 'outside' => 'an outside door of its own',
        'overlooks' => 'overlooks', 'faces' => 'windows to the', 'sector' => 'side of the home',
    ];
    public const OF_HOME = ['total' => 'area of all rooms', 'circulation' => 'circulation', 'storage' => 'storage', 'storeys' => 'storeys'];

    private const SIZES = ['area' => '', 'side' => ' wide', 'length' => ' long', 'ceiling' => ' high', 'windows' => ' windows'];
    private const AREAS = ['area', 'total', 'storage'];
    private const LENGTHS = ['side', 'length', 'ceiling', 'door'];

    public function __construct(private UnitSystem $units) {}

    /**
     * @param string $of    a use of rooms, `every` or `home`
     * @param string $which of rooms of a use: `every`, `one` or `largest`
     * @param string $about a key of OF_ROOMS or OF_HOME
     * @param string $from  amounts as typed; without a unit they are in m2 and m, or sq ft and ft
     * @param string $other the use, kind of fixture or side of the compass that it is about
     * @param string $or    another one that would do as well; empty: none
     *
     * @throws UnreadableWish when something is missing
     */
    public function compose(
        string $of,
        string $which,
        string $about,
        bool $isNot,
        string $from,
        string $to,
        string $other,
        string $or,
    ): string {
        if ($of === self::HOME) {
            return match ($about) {
                'circulation' => 'circulation '.$this->range($about, $from, $to),
                'storage' => 'storage '.$this->range($about, $from, $to),
                'storeys' => 'the home: '.$this->range($about, $from, $to).' storeys',
                'total' => 'all rooms together '.$this->range($about, $from, $to),
                default => throw new UnreadableWish('Choose what is wished of the home.'),
            };
        }
        $use = RoomUse::tryFrom($of);
        if ($about === 'count') {
            return $use === null
                ? throw new UnreadableWish('How many of which rooms?')
                : $this->range($about, $from, $to).' '.($to === '1' ? RoomWords::of($use) : RoomWords::plural($use));
        }

        return $this->who($use, $which).' '.$this->clause($about, $isNot, $from, $to, $other, $or);
    }

    private function who(?RoomUse $use, string $which): string
    {
        $name = $use === null ? 'room' : RoomWords::of($use);

        return match (true) {
            $use === null => 'every room',
            $which === 'one' => (in_array($name[0], ['a', 'e', 'i', 'o', 'u'], true) ? 'an ' : 'a ').$name,
            $which === 'largest' => "the largest {$name}",
            default => "every {$name}",
        };
    }

    private function clause(string $about, bool $isNot, string $from, string $to, string $other, string $or): string
    {
        $not = $isNot ? 'not ' : '';

        return match ($about) {
            'area', 'side', 'length', 'ceiling', 'windows' => 'with '.$this->range($about, $from, $to).self::SIZES[$about],
            'door' => 'with doors '.$this->range($about, $from, $to).' wide',
            'has' => ($isNot ? 'without ' : 'with ').$this->fixtures($isNot, $from, $other, $or),
            'own' => $isNot ? 'with no '.self::room($other).' of its own' : 'with its own '.self::room($other),
            'opens' => "{$not}opening from the ".$this->either(self::room(...), $other, $or),
            'beside' => "{$not}beside the ".$this->either(self::room(...), $other, $or),
            'through' => 'reached without crossing the '.self::room($other),
            'outside' => $isNot ? 'with no outside door' : 'with its own outside door',
            'overlooks' => "{$not}overlooking the ".$this->either(self::room(...), $other, $or),
            'faces' => "{$not}facing ".$this->either(self::side(...), $other, $or),
            'sector' => "{$not}in the ".$this->either(self::side(...), $other, $or),
            default => throw new UnreadableWish('Choose what is wished.'),
        };
    }

    private function fixtures(bool $isNot, string $from, string $kind, string $or): string
    {
        $count = $isNot || $from === '' ? '' : "{$from} ";

        return $this->either(
            static fn(string $one): string => isset(FixtureWords::choices()[$one])
                ? ($count === '' ? 'a ' : $count).str_replace('_', ' ', $one)
                : throw new UnreadableWish('Choose what stands in it.'),
            $kind,
            $or,
        );
    }

    /** @param \Closure(string): string $say */
    private function either(\Closure $say, string $one, string $or): string
    {
        return $say($one).($or === '' || $or === $one ? '' : ' or '.$say($or));
    }

    private static function room(string $use): string
    {
        $found = RoomUse::tryFrom($use) ?? throw new UnreadableWish('Choose the other room.');

        return in_array($found, RoomWords::uses(), true) ? RoomWords::of($found) : throw new UnreadableWish('Choose the other room.');
    }

    private static function side(string $side): string
    {
        return in_array($side, RoomClauses::sides(), true) ? $side : throw new UnreadableWish('Choose a side.');
    }

    private function range(string $about, string $from, string $to): string
    {
        [$low, $high] = [$this->amount($about, $from), $this->amount($about, $to)];

        return match (true) {
            $low === '' && $high === '' => throw new UnreadableWish('From how much, or to how much?'),
            $high === '' => "at least {$low}",
            $low === '' => "at most {$high}",
            default => "{$low} to {$high}",
        };
    }

    private function amount(string $about, string $typed): string
    {
        $isBare = is_numeric($typed);

        return match (true) {
            $isBare && in_array($about, self::AREAS, true) => $typed.($this->units === UnitSystem::Imperial ? ' sq ft' : ' m2'),
            $isBare && in_array($about, self::LENGTHS, true) => $typed.($this->units === UnitSystem::Imperial ? ' ft' : ' m'),
            $isBare && $about === 'circulation' => "{$typed} %",
            default => $typed,
        };
    }
}
