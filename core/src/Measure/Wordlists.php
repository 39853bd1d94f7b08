<?php

declare(strict_types=1);

namespace Heurema\Measure;

use Heurema\Layout\Words\DoorOperation;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Layout\Words\RoomUse;

/** The words of the layout document that measures answer with or are asked about. */
final class Wordlists
{
    /** @return list<string> */
    public static function uses(): array
    {
        return array_column(RoomUse::cases(), 'value');
    }

    /** @return list<string> what may lie on either side of a door */
    public static function usesOrOutside(): array
    {
        return [...self::uses(), 'outside'];
    }

    /** @return list<string> of both sides of a door, in the order of the alphabet */
    public static function pairsOfUses(): array
    {
        $sides = self::usesOrOutside();
        sort($sides);
        $pairs = [];
        foreach ($sides as $number => $one) {
            foreach (array_slice($sides, $number) as $other) {
                $pairs[] = "{$one}/{$other}";
            }
        }

        return $pairs;
    }

    /** @return list<string> */
    public static function kinds(): array
    {
        return array_column(FixtureKind::cases(), 'value');
    }

    /** @return list<string> */
    public static function doorOperations(): array
    {
        return [...array_column(DoorOperation::cases(), 'value'), 'gap'];
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return list<string>
     */
    public static function of(string $enum): array
    {
        return array_map(static fn(\BackedEnum $case): string => (string) $case->value, $enum::cases());
    }
}
