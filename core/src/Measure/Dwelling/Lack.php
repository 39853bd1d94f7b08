<?php

declare(strict_types=1);

namespace Heurema\Measure\Dwelling;

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
        $of = str_replace('_', ' ', $what);
        $fixture = FixtureKind::tryFrom($kind)?->words() ?? str_replace('_', ' ', $kind);
        $article = preg_match('/^[aeiou]/', $fixture) === 1 ? 'an' : 'a';

        return ($count === 1 ? "1 {$of}" : "{$count} {$of}s")." without {$article} {$fixture}{$where}";
    }
}
