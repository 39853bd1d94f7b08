<?php

declare(strict_types=1);

namespace Heurema\Measure\Dwelling;

use Heurema\Language\Text;
use Heurema\Layout\Words\FixtureKind;

/** Says what is lacking: `2 bedrooms without a smoke alarm`. */
final class Lack
{
    /**
     * @param string $what  a word of the format in the singular, `walk_in_closet`
     * @param string $kind  of fixture, a word of the format
     * @param string $where it is lacking, after a space; empty: in them
     */
    public static function words(int $count, string $what, string $kind, string $where): string
    {
        $of = $count === 1 ? Text::word($what) : Text::word("{$what}s");
        $fixture = FixtureKind::tryFrom($kind)?->words() ?? Text::word($kind);

        return Text::of(
            preg_match('/^[aeiou]/', $fixture) === 1
                ? '{count} {room} without an {fixture}{where}'
                : '{count} {room} without a {fixture}{where}',
            count: $count,
            room: $of,
            fixture: $fixture,
            where: $where,
        );
    }
}
