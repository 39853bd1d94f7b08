<?php

declare(strict_types=1);

namespace Tests\Feature\Language;

use App\Translation\Template;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Texts are taken out of templates as sentences, and put back where they stood. */
final class TemplateTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> template, its texts */
    public static function templates(): iterable
    {
        yield 'a text' => ['<p>Nothing yet.</p>', ['Nothing yet.']];
        yield 'what Blade writes' => ['<p>By {{ $user->name }}, {!! $when !!}.</p>', ['By {1}, {2}.']];
        yield 'marked words' => ['<p>Press <kbd>w</kbd> or <a href="{{ route(\'x\') }}">read</a>.</p>', ['Press <1>w</1> or <2>read</2>.']];
        yield 'words in words' => ['<p>See <a href="#"><b>this</b> one</a> now</p>', ['See <1><2>this</2> one</1> now']];
        yield 'marks alone' => ['<p><a href="#">Desk</a> <a href="#">Board</a></p>', ['Desk', 'Board']];
        yield 'blocks part sentences' => ['<li>One</li><li>Two <input> three</li>', ['One', 'Two', 'three']];
        yield 'directives part sentences' => [
            '@if ($a > 1)Some @elseif (in_array($b, [1, (2)]))Other @else None @endif',
            ['Some', 'Other', 'None'],
        ];
        yield 'attributes' => [
            '<input placeholder="width, Enter" name="width" aria-label="Width of {{ $n }}">',
            ['width, Enter', 'Width of {1}'],
        ];
        yield 'attributes of marked words' => ['<p>Go <a title="to the desk" href="/">there</a>.</p>', ['to the desk', 'Go <1>there</1>.']];
        yield 'lines' => ["<p>\n    One\n    sentence.\n</p>", ['One sentence.']];
        yield 'signs and keys' => ['<kbd>w</kbd> × 12 {{ $a }} &times; · <b>?</b>', []];
        yield 'code' => [
            '{{-- A comment --}}<!-- one --><script>const a = "say so";</script>@php($a = "no text")@php $b = "none"; @endphp',
            [],
        ];
        yield 'signs of Blade in attributes' => [
            '<a href="{{ $a > 1 ? "x>y" : route("b") }}" @if ($c > 2) hidden @endif>Text</a>',
            ['Text'],
        ];
        yield 'an address' => ['<p>Write to nobody@example.test now</p>', ['Write to nobody@example.test now']];
        yield 'smaller than' => ['<p>less < more</p>', ['less < more']];
    }

    /** @param list<string> $texts */
    #[DataProvider('templates')]
    public function test_texts_are_found_and_stay_where_they_are(string $source, array $texts): void
    {
        $template = new Template($source);
        self::assertSame($texts, $template->texts());
        self::assertSame($source, $template->translated(static fn(string $text): string => $text));
    }

    public function test_a_translation_may_turn_a_sentence_round(): void
    {
        $template = new Template("<p>\n  {{ \$a }} of <b class=\"x\">{{ \$b }}</b>, <a href=\"/\">read</a>\n</p>");
        self::assertSame(
            "<p>\n  <a href=\"/\">leer</a>: <b class=\"x\">{{ \$b }}</b> de {{ \$a }}\n</p>",
            $template->translated(static fn(string $text): string => $text === '{1} of <2>{3}</2>, <4>read</4>'
                ? '<4>leer</4>: <2>{3}</2> de {1}'
                : $text),
        );
    }

    /** All templates there are, put together from their texts again, are what they were. */
    public function test_every_template_is_the_same_without_a_translation(): void
    {
        $all = new \RecursiveIteratorIterator(
            new \RecursiveDirectoryIterator(__DIR__.'/../../../resources/views', \FilesystemIterator::SKIP_DOTS),
        );
        foreach ($all as $file) {
            $source = $file instanceof \SplFileInfo ? (string) file_get_contents($file->getPathname()) : '';
            self::assertSame($source, (new Template($source))->translated(static fn(string $text): string => $text));
        }
    }
}
