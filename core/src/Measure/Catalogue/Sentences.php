<?php

declare(strict_types=1);

namespace Heurema\Measure\Catalogue;

use Heurema\Language\Language;
use Heurema\Language\Text;
use Heurema\Measure\Measures;

/** What measures tell, in the language that is spoken. Kept apart from other texts: only their list shows them. */
final class Sentences
{
    /** @var array<string, array<string, string>> by language, by the English sentence */
    private static array $read = [];

    /** In English where there is no translation. */
    public static function of(Measures $measure): string
    {
        return Text::language() === Language::English
            ? $measure->tells
            : self::in(Text::language())[$measure->tells] ?? $measure->tells;
    }

    /** @return array<string, string> by the English sentence */
    public static function in(Language $language): array
    {
        if (!isset(self::$read[$language->value])) {
            /** @var array<string, string> $read */
            $read = json_decode((string) file_get_contents(__DIR__."/{$language->value}.json"), true, flags: JSON_THROW_ON_ERROR);
            self::$read[$language->value] = $read;
        }

        return self::$read[$language->value];
    }
}
