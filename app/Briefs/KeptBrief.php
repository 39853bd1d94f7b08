<?php

declare(strict_types=1);

namespace App\Briefs;

use Heurema\Brief\Brief;
use Heurema\Brief\UnreadableWish;

/** A brief as a project keeps it: its sentences, and the rules of its own. Those of before sentences are read too. */
final class KeptBrief
{
    /**
     * @param array<array-key, mixed>|null $kept
     *
     * @throws UnreadableWish
     */
    public static function read(?array $kept): Brief
    {
        $free = $kept['free'] ?? null;

        return Brief::of(self::sentences($kept), is_string($free) ? $free : '');
    }

    /** @return array{wishes: list<string>, free: string}|null null: nothing is wished */
    public static function write(Brief $brief): ?array
    {
        return $brief->isEmpty() ? null : ['wishes' => $brief->sentences(), 'free' => $brief->free];
    }

    /**
     * @param array<array-key, mixed>|null $kept
     *
     * @return list<string>
     */
    public static function sentences(?array $kept): array
    {
        $wishes = $kept['wishes'] ?? null;

        return is_array($wishes)
            ? array_values(array_filter($wishes, is_string(...)))
            : (new FormerBrief($kept ?? []))->sentences();
    }
}
