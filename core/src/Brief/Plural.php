<?php

declare(strict_types=1);

namespace Heurema\Brief;

/** The plural of what rooms and fixtures are called, in English. */
final class Plural
{
    /** The first ending that fits: what is taken off, and what takes its place. */
    private const ENDINGS = ['/shelf$/' => 'shelves', '/([^aeiou])y$/' => '$1ies', '/(s|x|ch|sh)$/' => '$1es', '/$/' => 's'];

    public static function of(string $word): string
    {
        foreach (self::ENDINGS as $ending => $instead) {
            if (preg_match($ending, $word) === 1) {
                return (string) preg_replace($ending, $instead, $word, 1);
            }
        }

        return $word;
    }
}
