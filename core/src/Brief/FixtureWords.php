<?php

declare(strict_types=1);

namespace Heurema\Brief;

use Heurema\Language\Text;
use Heurema\Layout\Words\FixtureKind;

/** What people call what stands in rooms. */
final class FixtureWords
{
    private const OTHERWISE = [
        'water_closet' => ['toilet', 'wc pan'],
        'lavatory' => ['basin', 'washbasin', 'wash basin'],
        'bath' => ['bathtub', 'tub'],
        'shower_bath' => ['bath with a shower'],
        'cooktop' => ['hob'],
        'range' => ['stove', 'cooker'],
        'refrigerator' => ['fridge'],
        'washer' => ['washing machine'],
        'dryer' => ['tumble dryer'],
        'island' => ['kitchen island'],
        'wardrobe' => ['cupboard'],
        'sofa' => ['couch'],
        'shelf' => ['bookshelf'],
        'television' => ['tv'],
        'smoke_alarm' => ['smoke detector'],
        'co_alarm' => ['carbon monoxide alarm'],
    ];

    /** @return array<string, string> kinds as measures count them, `window` among them, by words in the singular and the plural */
    public static function all(): array
    {
        $words = ['window' => 'window', 'windows' => 'window'];
        foreach (FixtureKind::cases() as $kind) {
            foreach ([str_replace('_', ' ', $kind->value), ...self::OTHERWISE[$kind->value] ?? []] as $word) {
                $words[$word] = $words[Plural::of($word)] = $kind->value;
            }
        }

        return $words;
    }

    /** @return array<string, string> to choose from, by kind */
    public static function choices(): array
    {
        $kinds = FixtureKind::cases();

        return array_combine(array_column($kinds, 'value'), array_map(static fn(FixtureKind $kind): string => $kind->words(), $kinds));
    }

    /** In the language that is spoken. */
    public static function of(string $kind, float $count): string
    {
        return $count === 1.0 ? FixtureKind::tryFrom($kind)?->words() ?? Text::word($kind) : Text::of(self::plural($kind));
    }

    /** In English. */
    public static function plural(string $kind): string
    {
        return Plural::of(str_replace('_', ' ', $kind));
    }
}
