<?php

declare(strict_types=1);

namespace App\Board;

use Heurema\Units\ExpectedLength;

/** One value of an element that can be typed or chosen on the board, by the document's own key. */
final readonly class Field
{
    public const LENGTH = 'length';
    public const TEXT = 'text';
    public const CHOICE = 'choice';
    public const YES_NO = 'yes_no';
    public const NUMBER = 'number';

    /** Where the document's word is not what one would say. */
    private const SAID = ['hinge from' => 'start', 'hinge to' => 'end', 'opens left' => 'left of its direction', 'opens right' => 'right of its direction'];

    /** @param list<string> $choices */
    private function __construct(
        public string $key,
        public string $label,
        public string $kind,
        public ?ExpectedLength $expected = null,
        public array $choices = [],
        public bool $required = false,
        public string $default = '',
    ) {}

    /** A word of the document as people say it. */
    public function words(string $choice): string
    {
        return self::SAID["{$this->key} {$choice}"] ?? str_replace('_', ' ', $choice);
    }

    public static function length(string $key, string $label, ?ExpectedLength $expected = null, bool $required = false): self
    {
        return new self($key, $label, self::LENGTH, $expected, [], $required);
    }

    public static function text(string $key, string $label, bool $required = true): self
    {
        return new self($key, $label, self::TEXT, null, [], $required);
    }

    public static function yesNo(string $key, string $label): self
    {
        return new self($key, $label, self::YES_NO);
    }

    public static function number(string $key, string $label, bool $required = false): self
    {
        return new self($key, $label, self::NUMBER, null, [], $required);
    }

    /**
     * @param class-string<\BackedEnum> $words
     * @param string                    $default what it is where nobody said
     */
    public static function choice(string $key, string $label, string $words, bool $required = false, string $default = ''): self
    {
        return new self($key, $label, self::CHOICE, null, array_map(static fn(\BackedEnum $word): string => (string) $word->value, $words::cases()), $required, $default);
    }
}
