<?php

declare(strict_types=1);

namespace App\Translation;

/**
 * A Blade template as texts and what stands between them. Templates are written in English; what a reader sees of them is taken out as
 * sentences and put back in another language before Blade compiles the template, so that no page looks up a word while it is drawn.
 *
 * A sentence runs from one block to the next. What Blade writes into it stands as `{1}`, `{2}`, marked words as `<1>so</1>`, an element
 * without content as `<1/>`: a translation may put them in another order.
 */
final readonly class Template
{
    /** Elements that stand within a sentence; all others end it. */
    private const WITHIN = ['a', 'abbr', 'b', 'cite', 'code', 'em', 'i', 'kbd', 'q', 'small', 'strong', 'sub', 'sup', 'time'];

    /** Attributes that are read or read out. */
    private const SPOKEN = ['alt', 'aria-label', 'data-words', 'data-refused', 'placeholder', 'title'];

    private const PARTS = <<<'PATTERN'
        ~(?<comment>\{\{--.*?--\}\}|<!--.*?-->|@php\b(?!\s*\().*?@endphp|<(?<raw>script|style)\b.*?</\g{raw}>|<\?php.*?\?>|<!DOCTYPE[^>]*>)
        |(?<echo>\{!!.*?!!\}|\{\{.*?\}\})
        |(?<directive>(?<!\w)@[a-zA-Z]\w*(?:[ \t]*(?<brackets>\((?:"[^"]*"|'(?:[^'\\]|\\.)*'|[^()"']++|(?&brackets))*\)))?)
        |(?<tag></?(?<name>[a-zA-Z][\w.:-]*)
            (?:(?<code>\{!!.*?!!\}|\{\{.*?\}\}|@\w+[ \t]*(?&brackets))|"(?:(?&code)|[^"])*"|'[^']*'|[^"'>])*>)
        |(?<text>(?:[^<{@]|\{(?![{!])|@(?![a-zA-Z])|(?<=\w)@|<(?![a-zA-Z/!?]))+|.)~sx
        PATTERN;

    private const ATTRIBUTE = '~(?<=\s)(%s)="((?:\{!!.*?!!\}|\{\{.*?\}\}|[^"])*)"~s';

    /** @var list<array{string, string, string}> kind, as it is written, name of an element */
    private array $parts;

    public function __construct(string $source)
    {
        preg_match_all(self::PARTS, $source, $found, PREG_SET_ORDER | PREG_UNMATCHED_AS_NULL);
        $this->parts = array_map(
            static fn(array $part): array => [
                match (true) {
                    isset($part['echo']) => 'echo',
                    isset($part['tag']) => 'tag',
                    isset($part['text']) => 'text',
                    default => 'code',
                },
                (string) $part[0],
                strtolower((string) $part['name']),
            ],
            $found,
        );
    }

    /** @return list<string> the sentences, in the order that they stand in */
    public function texts(): array
    {
        $texts = [];
        $this->translated(static function (string $text) use (&$texts): string {
            $texts[] = $text;

            return $text;
        });

        return $texts;
    }

    /** @param callable(string): string $translate */
    public function translated(callable $translate): string
    {
        [$written, $run] = ['', []];
        foreach ($this->parts as $part) {
            if ($part[0] === 'text' || $part[0] === 'echo' || $part[0] === 'tag' && in_array($part[2], self::WITHIN, true)) {
                $run[] = $part;

                continue;
            }
            $written .= self::run($run, $translate).self::boundary($part, $translate);
            $run = [];
        }

        return $written.self::run($run, $translate);
    }

    /**
     * What stands between two blocks: one sentence if there is text outside of its marked words, else each text by itself.
     *
     * @param list<array{string, string, string}> $run
     * @param callable(string): string            $translate
     */
    private static function run(array $run, callable $translate): string
    {
        [$depth, $lowest, $isOne] = [0, 0, false];
        foreach ($run as [$kind, $source]) {
            $depth += $kind !== 'tag' ? 0 : (str_starts_with($source, '</') ? -1 : 1);
            $lowest = min($lowest, $depth);
            $isOne = $isOne || $kind === 'text' && $depth === 0 && Sentence::isText($source);
        }
        if ($isOne && $depth === 0 && $lowest === 0) {
            return (new Sentence(self::withSpoken($run, $translate)))->translated($translate);
        }
        [$written, $between] = ['', []];
        foreach ([...$run, ['tag', '', '']] as $part) {
            if ($part[0] !== 'tag') {
                $between[] = $part;

                continue;
            }
            $written .= (new Sentence($between))->translated($translate).self::boundary($part, $translate);
            $between = [];
        }

        return $written;
    }

    /**
     * @param list<array{string, string, string}> $run
     * @param callable(string): string            $translate
     *
     * @return list<array{string, string, string}>
     */
    private static function withSpoken(array $run, callable $translate): array
    {
        return array_map(static fn(array $part): array => [$part[0], self::boundary($part, $translate), $part[2]], $run);
    }

    /**
     * @param array{string, string, string} $part
     * @param callable(string): string      $translate
     */
    private static function boundary(array $part, callable $translate): string
    {
        if ($part[0] !== 'tag') {
            return $part[1];
        }

        return (string) preg_replace_callback(
            sprintf(self::ATTRIBUTE, implode('|', self::SPOKEN)),
            static fn(array $found): string => sprintf('%s="%s"', $found[1], self::attribute($found[2], $translate)),
            $part[1],
        );
    }

    /** @param callable(string): string $translate */
    private static function attribute(string $value, callable $translate): string
    {
        preg_match_all('~\{!!.*?!!\}|\{\{.*?\}\}|(?:[^{]|\{(?![{!]))+~s', $value, $found);

        return (new Sentence(array_map(
            static fn(string $part): array => [str_starts_with($part, '{{') || str_starts_with($part, '{!!') ? 'echo' : 'text', $part, ''],
            $found[0],
        )))->translated($translate);
    }
}
