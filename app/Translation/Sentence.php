<?php

declare(strict_types=1);

namespace App\Translation;

/** A sentence of a template: texts, what Blade writes into it, and marked words. */
final readonly class Sentence
{
    /** @param list<array{string, string, string}> $parts kind, as it is written, name of an element */
    public function __construct(private array $parts) {}

    /** Is there a word in it? Signs, figures and the names of keys are the same in every language. */
    public static function isText(string $text): bool
    {
        return preg_match('/\p{L}{2}/u', (string) preg_replace('/&\w+;/', '', $text)) === 1;
    }

    /** @param callable(string): string $translate */
    public function translated(callable $translate): string
    {
        $source = implode('', array_column($this->parts, 1));
        $hasText = array_filter($this->parts, static fn(array $part): bool => $part[0] === 'text' && self::isText($part[1])) !== [];
        if (!$hasText) {
            return $source;
        }
        [$sentence, $places] = $this->written();
        $translated = $translate($sentence);

        return $translated === $sentence
            ? $source
            : self::edge($source, '/^\s*/').strtr($translated, $places).self::edge($source, '/\s*$/');
    }

    /** @return array{string, array<string, string>} the sentence with its places, and what stands there */
    private function written(): array
    {
        [$sentence, $places, $open, $number] = ['', [], [], 0];
        foreach ($this->parts as [$kind, $source]) {
            if ($kind === 'text') {
                $sentence .= $source;

                continue;
            }
            $isClosing = $kind === 'tag' && str_starts_with($source, '</');
            $place = match (true) {
                $kind === 'echo' => '{'.++$number.'}',
                $isClosing => '</'.array_pop($open).'>',
                default => '<'.($open[] = ++$number).'>',
            };
            $places[$place] = $source;
            $sentence .= $place;
        }

        return [trim((string) preg_replace('/\s+/', ' ', $sentence)), $places];
    }

    private static function edge(string $source, string $pattern): string
    {
        preg_match($pattern, $source, $found);

        return $found[0] ?? '';
    }
}
