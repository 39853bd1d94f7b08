<?php

declare(strict_types=1);

namespace Tests\Feature\Language;

use Heurema\Language\Language;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Measure\Catalogue\Sentences;
use Heurema\Measure\Measure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Translation\TextsInCode;

/** Every text of pages, of the core, of measures and of scripts is in Spanish too, with the same places; no translation is left over. */
final class TranslationTest extends TestCase
{
    private const ROOT = __DIR__.'/../../..';

    /** @return iterable<string, array{list<string>, array<string, string>, string}> texts, translations, what a place looks like */
    public static function catalogues(): iterable
    {
        /** @var array<string, string> $pages */
        $pages = json_decode((string) file_get_contents(self::ROOT.'/lang/es.json'), true, flags: JSON_THROW_ON_ERROR);
        yield 'pages' => [TextsInCode::ofPages(), $pages, '~:[a-z]\w*|\{\d\}|</?\d>~'];

        /** @var array<string, string> $core */
        $core = require self::ROOT.'/core/src/Language/es.php';
        yield 'the core' => [TextsInCode::ofCore(), $core, '~\{\w+\}~'];

        /** @var array<string, string> $english */
        $english = require self::ROOT.'/core/src/Words/en.php';
        /** @var array<string, string> $messages */
        $messages = require self::ROOT.'/core/src/Words/es.php';
        $told = array_map(static fn(Measure $measure): string => $measure->is()->tells, Catalogue::standard()->all());
        yield 'measures' => [$told, Sentences::in(Language::Spanish), '~`[^`]+`~'];

        yield 'messages of the core' => [array_keys($english), $messages, '~$^~'];
    }

    /**
     * @param list<string>          $texts
     * @param array<string, string> $translations
     */
    #[DataProvider('catalogues')]
    public function test_every_text_is_translated_once(array $texts, array $translations, string $place): void
    {
        self::assertSame([], array_values(array_diff($texts, array_map(strval(...), array_keys($translations)))), 'not translated');
        self::assertSame([], array_values(array_diff(array_map(strval(...), array_keys($translations)), $texts)), 'nobody says it');
        foreach ($translations as $english => $translated) {
            self::assertSame(self::places($english, $place), self::places($translated, $place), $english);
        }
    }

    public function test_messages_say_the_same_values_in_both_languages(): void
    {
        /** @var array<string, string> $english */
        $english = require self::ROOT.'/core/src/Words/en.php';
        /** @var array<string, string> $spanish */
        $spanish = require self::ROOT.'/core/src/Words/es.php';
        foreach ($english as $key => $sentence) {
            self::assertSame(self::places($sentence, '~\{\w+~'), self::places($spanish[$key] ?? '', '~\{\w+~'), $key);
        }
    }

    /** The scripts' own: what they look up by a literal, and what snapping calls places. */
    public function test_scripts_are_translated(): void
    {
        $scripts = self::scripts();
        preg_match_all("/\\btext\\(\\s*(?:'((?:[^'\\\\]|\\\\.)*)'|\"([^\"]*)\")/", $scripts, $found);
        $caught = '(?:corner|middle|end|edge)(?: of [a-z ’]+)?|square to a wall|straight [a-z]+|where two lines cross';
        preg_match_all("/'({$caught})'/u", $scripts, $places);
        $texts = array_unique([...array_filter($found[1], static fn(string $text): bool => $text !== ''), ...$places[1]]);
        self::assertGreaterThan(50, count($texts));
        $spanish = (string) file_get_contents(self::ROOT.'/resources/js/lang/es.js');
        preg_match_all("/^    (?:'((?:[^'\\\\]|\\\\.)*)'|(\\w+)):/m", $spanish, $keys);
        $translated = array_filter([...$keys[1], ...$keys[2]], static fn(string $key): bool => $key !== '');
        self::assertSame([], array_values(array_diff($texts, $translated)));
        foreach ($translated as $key) {
            self::assertTrue(str_contains($scripts, $key), "nobody says it: {$key}");
        }
    }

    private static function scripts(): string
    {
        $scripts = '';
        $all = new \RecursiveIteratorIterator(
            new \RecursiveDirectoryIterator(self::ROOT.'/resources/js', \FilesystemIterator::SKIP_DOTS),
        );
        foreach ($all as $file) {
            $path = $file instanceof \SplFileInfo ? $file->getPathname() : '';
            $scripts .= preg_match('~resources/js/(lang|tests)/~', $path) === 1 ? '' : (string) file_get_contents($path);
        }

        return $scripts.(string) file_get_contents(self::ROOT.'/app/Drawing/Catches.php');
    }

    /** @return list<string> each once */
    private static function places(string $text, string $pattern): array
    {
        preg_match_all($pattern, $text, $found);
        $places = array_values(array_unique($found[0]));
        sort($places);

        return $places;
    }
}
