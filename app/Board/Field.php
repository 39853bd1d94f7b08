<?php

declare(strict_types=1);

namespace App\Board;

use Heurema\Language\Text;
use Heurema\Language\Texts;
use Heurema\Layout\Schema\KeySchema;
use Heurema\Layout\Schema\Value;
use Heurema\Units\ExpectedLength;

/** One value of an element that can be typed or chosen on the board, by the document's own key. */
final readonly class Field
{
    public const LENGTH = 'length';
    public const TEXT = 'text';
    public const CHOICE = 'choice';
    public const YES_NO = 'yes_no';
    public const NUMBER = 'number';
    public const AIR_FLOW = 'air_flow';
    public const MARK = 'mark';

    /** Two lengths with a semicolon between them. */
    public const PAIR = 'pair';

    /** Where the document's word is not what one would say. */
    #[Texts]
    private const SAID = [
        'hinge from' => 'start',
        'hinge to' => 'end',
        'opens left' => 'left of its direction',
        'opens right' => 'right of its direction',
        'leads from' => 'the one at the wall’s start', 'leads to' => 'the one at the wall’s end',
    ];

    /** @param list<string> $choices */
    private function __construct(
        public string $key,
        public string $label,
        public string $kind,
        public ?ExpectedLength $expected = null,
        public array $choices = [],
        public bool $required = false,
        public string $default = '',
        public bool $isSigned = false,
    ) {}

    /** A length that is no key of the document but follows from such. */
    public static function length(string $key, string $label): self
    {
        return new self($key, $label, self::LENGTH);
    }

    /** A word of the document as people say it. */
    public function words(string $choice): string
    {
        $said = self::SAID["{$this->key} {$choice}"] ?? null;

        return $said === null ? Text::word($choice) : __($said);
    }

    /**
     * @param string|null $kind of its element
     * @param string|null $part the key of the object in the element that has it
     */
    public static function of(KeySchema $key, ?string $kind = null, ?string $part = null): self
    {
        $value = $key->value;

        return new self(
            key: $part === null ? $key->key : "{$part}.{$key->key}",
            label: $key->is->label === null ? '' : Text::of($key->is->label),
            kind: match (true) {
                $value === Value::TwoLengths => self::PAIR,
                $value->isLength() => self::LENGTH,
                $value === Value::AirFlow => self::AIR_FLOW,
                $value === Value::Mark => self::MARK,
                $value->isNumber() => self::NUMBER,
                $value === Value::Word => self::CHOICE,
                $value === Value::YesNo => self::YES_NO,
                default => self::TEXT,
            },
            expected: is_array($key->is->expected) ? $key->is->expected[$kind ?? ''] ?? null : $key->is->expected,
            choices: array_map(
                static fn(\BackedEnum $word): string => (string) $word->value,
                $key->words === null ? [] : $key->words::cases(),
            ),
            required: $key->isAlwaysKnown(),
            default: match (true) {
                $key->default instanceof \BackedEnum => (string) $key->default->value,
                $key->default === false => 'no',
                default => '',
            },
            isSigned: $value === Value::Elevation,
        );
    }
}
