<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Language\Text;

/** The words that something may be, and the nearest of them to a word that it cannot be. */
final class KnownWords
{
    /**
     * @param list<string> $known empty: any
     * @param string       $what  what is one of them
     *
     * @throws UnreadableExpression
     */
    public static function check(string $word, array $known, string $what): void
    {
        if ($known !== [] && !in_array($word, $known, true)) {
            throw new UnreadableExpression(Text::of(
                '{what} is never "{word}"; did you mean "{nearest}"?',
                what: $what,
                word: $word,
                nearest: self::nearest($word, $known),
            ));
        }
    }

    /** @param non-empty-list<string> $known */
    public static function nearest(string $word, array $known): string
    {
        $distances = array_map(static fn(string $one): float => self::distance(mb_strimwidth($word, 0, 60), $one), $known);

        return $known[(int) array_search(min($distances), $distances, true)];
    }

    /** In letters; a word that has the other in it is nearer. */
    private static function distance(string $word, string $known): float
    {
        return levenshtein($word, $known) - (str_contains($known, $word) || str_contains($word, $known) ? 2.5 : 0.0);
    }
}
