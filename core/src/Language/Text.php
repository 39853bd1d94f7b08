<?php

declare(strict_types=1);

namespace Heurema\Language;

/**
 * What is said at once, in the language that is spoken: the English sentence is its own key. What is kept is a message instead, and is put
 * into words when it is shown.
 */
final class Text
{
    private static Language $language = Language::English;

    /** @var array<string, array<string, string>> translations by the English sentence, by language */
    private static array $texts = [];

    /** From now on. */
    public static function speak(Language $language): void
    {
        self::$language = $language;
    }

    public static function language(): Language
    {
        return self::$language;
    }

    /**
     * `Text::of('{first} and {second}', first: 'north', second: 'west')`; in English where there is no translation.
     *
     * @param string $english with places in braces
     */
    public static function of(string $english, string|int|float ...$values): string
    {
        $text = self::$language === Language::English ? $english : self::texts()[$english] ?? $english;
        if ($values === []) {
            return $text;
        }
        $places = [];
        foreach ($values as $name => $value) {
            $places["{{$name}}"] = (string) $value;
        }

        return strtr($text, $places);
    }

    /** A word of a document or a rule book, such as `base_cabinet`, as it is said; several with a stroke between, each by itself. */
    public static function word(string $key): string
    {
        return implode('/', array_map(self::of(...), explode('/', str_replace('_', ' ', $key))));
    }

    /** With a capital at its beginning. */
    public static function capital(string $text): string
    {
        return mb_strtoupper(mb_substr($text, 0, 1)).mb_substr($text, 1);
    }

    /** With a small letter at its beginning. */
    public static function small(string $text): string
    {
        return mb_strtolower(mb_substr($text, 0, 1)).mb_substr($text, 1);
    }

    /** @return array<string, string> */
    private static function texts(): array
    {
        if (!isset(self::$texts[self::$language->value])) {
            /** @var array<string, string> $texts */
            $texts = require __DIR__.'/'.self::$language->value.'.php';
            self::$texts[self::$language->value] = $texts;
        }

        return self::$texts[self::$language->value];
    }
}
