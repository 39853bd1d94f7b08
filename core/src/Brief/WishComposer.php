<?php

declare(strict_types=1);

namespace Heurema\Brief;

use Heurema\Language\Text;
use Heurema\Language\Texts;
use Heurema\Layout\Words\RoomUse;
use Heurema\Spatial\Compass;
use Heurema\Units\UnitSystem;

/** Puts a wish together from choices, as a sentence that `WishReader` reads. */
final readonly class WishComposer
{
    public const HOME = 'home';
    public const EVERY_ROOM = 'every';

    /** What can be wished of rooms, and what else has to be said then. */
    public const OF_ROOMS = [
        'count' => 'range', 'area' => 'which range', 'side' => 'which range', 'length' => 'which range', 'ceiling' => 'which range',
        'windows' => 'which range', 'door' => 'which range', 'has' => 'which fixture or not', 'own' => 'which room not',
        'opens' => 'which room or not', 'beside' => 'which room or not', 'through' => 'which room', 'outside' => 'which not',
        'overlooks' => 'which room or not', 'faces' => 'which side or not', 'sector' => 'which place or not',
    ];
    public const OF_HOME = ['total' => 'range', 'circulation' => 'range', 'storage' => 'range', 'storeys' => 'range'];

    #[Texts]
    private const WORDS = [
        'count' => 'how many', 'area' => 'area', 'side' => 'width', 'length' => 'length', 'ceiling' => 'height of the ceiling',
        'windows' => 'windows', 'door' => 'width of its doors', 'has' => 'what stands in it', 'own' => 'a room of its own',
        'opens' => 'opens from', 'beside' => 'beside', 'through' => 'reached without crossing', 'outside' => 'an outside door of its own',
        'overlooks' => 'overlooks', 'faces' => 'windows to the', 'sector' => 'side of the home',
        'total' => 'area of all rooms', 'circulation' => 'circulation', 'storage' => 'storage', 'storeys' => 'storeys',
    ];

    private const SIZES = ['area' => '', 'side' => ' wide', 'length' => ' long', 'ceiling' => ' high', 'windows' => ' windows'];
    private const AREAS = ['area', 'total', 'storage'];
    private const LENGTHS = ['side', 'length', 'ceiling', 'door'];

    public function __construct(private UnitSystem $units) {}

    /** What is wished, as a list to choose from says it. */
    public static function words(string $about): string
    {
        return Text::of(self::WORDS[$about] ?? $about);
    }

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
                default => throw new UnreadableWish(Text::of('Choose what is wished of the home.')),
            };
        }
        $use = RoomUse::tryFrom($of);
        if ($about === 'count') {
            return $use === null
                ? throw new UnreadableWish(Text::of('How many of which rooms?'))
                : $this->range($about, $from, $to).' '.($to === '1' ? RoomWords::of($use) : RoomWords::plural($use));
        }

        return $this->who($use, $which).' '.$this->clause($about, $isNot, $from, $to, $other, $or);
    }

    private function who(?RoomUse $use, string $which): string
    {
        return match (true) {
            $use === null => 'every room',
            $which === 'one' => RoomWords::one($use),
            $which === 'largest' => 'the largest '.RoomWords::of($use),
            default => 'every '.RoomWords::of($use),
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
            'faces' => "{$not}facing ".$this->either(static fn(string $side): string => self::among(Compass::SIDES, $side), $other, $or),
            'sector' => "{$not}in the ".$this->either(static fn(string $place): string => self::among(self::places(), $place), $other, $or),
            default => throw new UnreadableWish(Text::of('Choose what is wished.')),
        };
    }

    private function fixtures(bool $isNot, string $from, string $kind, string $or): string
    {
        $count = $isNot || $from === '' ? '' : "{$from} ";

        return $this->either(
            static fn(string $one): string => isset(FixtureWords::choices()[$one])
                ? ($count === '' ? 'a ' : $count).str_replace('_', ' ', $one)
                : throw new UnreadableWish(Text::of('Choose what stands in it.')),
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
        return RoomWords::of(RoomUse::tryFrom($use) ?? throw new UnreadableWish(Text::of('Choose the other room.')));
    }

    /** @return list<string> where in a home a room can lie */
    public static function places(): array
    {
        return [...Compass::clockwise(), 'centre'];
    }

    /**
     * @param list<string> $places
     *
     * @return array<string, string> as a list to choose from says them
     */
    public static function choices(array $places): array
    {
        return array_combine($places, array_map(Text::of(...), $places));
    }

    /** @param list<string> $sides */
    private static function among(array $sides, string $side): string
    {
        return in_array($side, $sides, true) ? $side : throw new UnreadableWish(Text::of('Choose a side.'));
    }

    private function range(string $about, string $from, string $to): string
    {
        [$low, $high] = [$this->amount($about, $from), $this->amount($about, $to)];

        return match (true) {
            $low === '' && $high === '' => throw new UnreadableWish(Text::of('From how much, or to how much?')),
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
