<?php

declare(strict_types=1);

namespace Heurema\Brief;

use Heurema\Rulebook\Figure;

/** A sentence read from left to right: words, figures with their units, commas. */
final class Sentence
{
    private const NUMBERS = [
        'two' => '2', 'three' => '3', 'four' => '4', 'five' => '5', 'six' => '6', 'seven' => '7', 'eight' => '8', 'nine' => '9',
        'ten' => '10',
    ];

    private const SIGNS = ['’' => "'", '′' => "'", '″' => '"', '”' => '"', '–' => '-', '—' => '-', '×' => ' x '];

    /** @var list<string> */
    private readonly array $tokens;

    private int $at = 0;

    public function __construct(string $typed)
    {
        $text = strtr(mb_strtolower(trim($typed)), self::SIGNS);
        // a hyphen before a figure is a "to"
        $text = (string) preg_replace('/(?<=[\da-z])\s*-\s*(?=\d)/', ' to ', self::withPlainUnits($text));
        $pattern = '~'.Figure::PATTERN.'|\d+(?:\.\d+)?(?![\d.])|[a-z]+(?:[-\'][a-z]+)*|[,;:.]|\S~';
        preg_match_all($pattern, $text, $found);
        $this->tokens = array_map(static fn(string $token): string => self::NUMBERS[$token] ?? $token, $found[0]);
    }

    /** Is one of these next? It is passed then. */
    public function takes(string ...$phrases): bool
    {
        $place = $this->at;
        foreach ($phrases as $phrase) {
            if ($this->comes($phrase)) {
                $this->at += count(explode(' ', $phrase));

                break;
            }
        }

        return $this->at > $place;
    }

    /** Is one of these next? */
    public function comes(string ...$phrases): bool
    {
        foreach ($phrases as $phrase) {
            $words = explode(' ', $phrase);
            if (array_slice($this->tokens, $this->at, count($words)) === $words) {
                return true;
            }
        }

        return false;
    }

    /**
     * What the longest of some phrases that comes next stands for; null: none of them does.
     *
     * @template T
     *
     * @param array<string, T> $phrases
     *
     * @return T|null
     */
    public function takeOne(array $phrases): mixed
    {
        for ($length = 4; $length > 0; --$length) {
            $words = array_slice($this->tokens, $this->at, $length);
            $found = count($words) === $length ? ($phrases[implode(' ', $words)] ?? null) : null;
            if ($found !== null) {
                $this->at += $length;

                return $found;
            }
        }

        return null;
    }

    /** A figure with its unit, or a plain number. */
    public function takeFigure(): ?string
    {
        $token = $this->tokens[$this->at] ?? '';
        if ($token === '' || !ctype_digit($token[0])) {
            return null;
        }
        ++$this->at;

        return $token;
    }

    public function isAtEnd(): bool
    {
        return $this->at >= count($this->tokens);
    }

    /** The next word or sign, empty at the end. */
    public function next(): string
    {
        return $this->tokens[$this->at] ?? '';
    }

    /** The word or sign that was passed last, empty at the beginning. */
    public function last(): string
    {
        return $this->tokens[$this->at - 1] ?? '';
    }

    public function place(): int
    {
        return $this->at;
    }

    public function goBackTo(int $place): void
    {
        $this->at = $place;
    }

    private static function withPlainUnits(string $text): string
    {
        $text = (string) preg_replace('/(\d)\s*\'\s*-?\s*(\d+(?:\.\d+)?(?:\s+\d+\/\d+)?)\s*"/', '$1 ft $2 in', $text);
        $text = (string) preg_replace(
            ['/(?<=\d)\s*\'/', '/(?<=\d)\s*"/', '/(?<=\d)\s*(?:per ?cent|percent)\b/'],
            [' ft', ' in', ' %'],
            $text,
        );

        return Figure::plainly($text);
    }
}
