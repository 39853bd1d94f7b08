<?php

declare(strict_types=1);

namespace Heurema\Layout\Schema;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Language\Text;

/**
 * A value in a document being read, with the JSON pointer to it. Every reading method checks what it reads.
 *
 * Lengths keep four decimals. A coordinate may be 10 km from the origin, a length 10 km, a text 500 characters, a name 200.
 */
final readonly class JsonCursor
{
    public const FARTHEST_MM = 10_000_000.0;
    public const LONGEST_TEXT = 500;
    public const LONGEST_NAME = 200;
    public const LONGEST_MARK = 16;
    public const MOST_ENTRIES = 20_000;
    public const MOST_POINTS = 1000;
    public const IDENTIFIER = '^[A-Za-z0-9_-]{1,40}$';

    /** Control characters but tabs and line breaks, and code points that are no characters. */
    private const NO_TEXT = '/[\x{00}-\x{08}\x{0B}\x{0C}\x{0E}-\x{1F}\x{7F}-\x{9F}\x{FDD0}-\x{FDEF}'
        .'\x{FFFE}\x{FFFF}\x{1FFFE}\x{1FFFF}\x{2FFFE}\x{2FFFF}\x{10FFFE}\x{10FFFF}]/u';

    public function __construct(private mixed $value, public string $pointer = '') {}

    /**
     * This place as an object with no other keys than the ones named.
     *
     * @param list<string> $keys
     *
     * @throws UnreadableLayout
     */
    public function object(array $keys): self
    {
        if (!$this->value instanceof \stdClass) {
            throw $this->refuse(Text::of('expected an object, {found}', found: $this->found()));
        }
        foreach (array_keys(get_object_vars($this->value)) as $key) {
            if (!in_array((string) $key, $keys, true)) {
                throw $this->child((string) $key)->refuse(Text::of('unknown key; expected one of {keys}', keys: implode(', ', $keys)));
            }
        }

        return $this;
    }

    public function has(string $key): bool
    {
        return $this->value instanceof \stdClass && property_exists($this->value, $key);
    }

    /** @throws UnreadableLayout when the key is missing */
    public function get(string $key): self
    {
        if (!$this->has($key)) {
            throw $this->child($key)->refuse(Text::of('missing'));
        }

        return $this->child($key);
    }

    public function optional(string $key): ?self
    {
        return $this->has($key) ? $this->child($key) : null;
    }

    /**
     * @return list<self>
     *
     * @throws UnreadableLayout
     */
    public function items(int $most = self::MOST_ENTRIES): array
    {
        if (!is_array($this->value)) {
            throw $this->refuse(Text::of('expected a list, {found}', found: $this->found()));
        }
        if (count($this->value) > $most) {
            throw $this->refuse(Text::of('expected at most {most} entries, found {count}', most: $most, count: count($this->value)));
        }

        return array_map(
            fn(mixed $item, int|string $i): self => new self($item, "{$this->pointer}/{$i}"),
            $this->value,
            array_keys($this->value),
        );
    }

    public function number(float $least, float $most): float
    {
        if (!is_int($this->value) && !is_float($this->value)) {
            throw $this->refuse(Text::of('expected a number, {found}', found: $this->found()));
        }
        if (!($this->value >= $least && $this->value <= $most)) {
            throw $this->refuse(
                Text::of(
                    'expected a number from {plain} to {plain2}, found {it}',
                    plain: self::plain($least),
                    plain2: self::plain($most),
                    it: json_encode(is_finite((float) $this->value) ? $this->value : 'infinity', JSON_THROW_ON_ERROR),
                ),
            );
        }

        return round((float) $this->value, 4) + 0.0;
    }

    /** A length of zero or more, in mm. */
    public function length(): float
    {
        return $this->number(0, self::FARTHEST_MM);
    }

    /** A length above zero, in mm. */
    public function size(): float
    {
        $size = $this->number(0, self::FARTHEST_MM);
        if ($size <= 0.0) {
            throw $this->refuse(Text::of('expected a length above 0'));
        }

        return $size;
    }

    /** A height above or below a datum, in mm. */
    public function elevation(): float
    {
        return $this->number(-self::FARTHEST_MM, self::FARTHEST_MM);
    }

    public function angle(): float
    {
        return $this->number(-360, 360);
    }

    public function integer(int $least, int $most): int
    {
        if (!is_int($this->value) || $this->value < $least || $this->value > $most) {
            throw $this->refuse(Text::of(
                'expected a whole number from {least} to {most}, {found}',
                least: $least,
                most: $most,
                found: $this->found(),
            ));
        }

        return $this->value;
    }

    public function boolean(): bool
    {
        if (!is_bool($this->value)) {
            throw $this->refuse(Text::of('expected true or false, {found}', found: $this->found()));
        }

        return $this->value;
    }

    /** What something is called. */
    public function name(): string
    {
        return $this->text(self::LONGEST_NAME);
    }

    /** @throws UnreadableLayout unless it is a text of 1 to 16 characters that can be seen */
    public function mark(): string
    {
        $mark = $this->text(self::LONGEST_MARK);

        return trim($mark) === $mark && preg_match('/^[^\p{C}]+$/u', $mark) === 1
            ? $mark
            : throw $this->refuse(Text::of('expected a mark of 1 to {longestMark} characters', longestMark: self::LONGEST_MARK));
    }

    public function text(int $longest = self::LONGEST_TEXT): string
    {
        if (!is_string($this->value)) {
            throw $this->refuse(Text::of('expected a text, {found}', found: $this->found()));
        }
        if (mb_strlen($this->value) > $longest) {
            throw $this->refuse(Text::of(
                'expected a text of at most {longest} characters, found {it}',
                longest: $longest,
                it: mb_strlen($this->value),
            ));
        }
        if (preg_match(self::NO_TEXT, $this->value, $found) === 1) {
            throw $this->refuse(Text::of(
                'expected a text without control characters, found U+{code}',
                code: sprintf('%04X', mb_ord($found[0])),
            ));
        }

        return $this->value;
    }

    public function identifier(): string
    {
        if (!is_string($this->value) || preg_match('/'.self::IDENTIFIER.'/D', $this->value) !== 1) {
            throw $this->refuse(Text::of('expected an id of 1 to 40 letters, digits, _ or -, {found}', found: $this->found()));
        }

        return $this->value;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $words
     *
     * @return T
     */
    public function word(string $words): \BackedEnum
    {
        return $this->oneOf($words::cases());
    }

    /**
     * @template T of \BackedEnum
     *
     * @param array<T> $words
     *
     * @return T
     */
    public function oneOf(array $words): \BackedEnum
    {
        foreach ($words as $word) {
            if ($word->value === $this->value) {
                return $word;
            }
        }

        throw $this->refuse(Text::of(
            'expected one of {list}, {found}',
            list: implode(', ', array_column($words, 'value')),
            found: $this->found(),
        ));
    }

    /** The one value that is allowed here. */
    public function exactly(int|string $value): void
    {
        if ($this->value !== $value) {
            throw $this->refuse(Text::of('expected {it}, {found}', it: json_encode($value, JSON_THROW_ON_ERROR), found: $this->found()));
        }
    }

    public function point(): Point
    {
        $pair = $this->pair();

        return new Point(
            $pair[0]->number(-self::FARTHEST_MM, self::FARTHEST_MM),
            $pair[1]->number(-self::FARTHEST_MM, self::FARTHEST_MM),
        );
    }

    /** @return list<Point> */
    public function points(int $least): array
    {
        $points = array_map(static fn(self $item): Point => $item->point(), $this->items(self::MOST_POINTS));
        if (count($points) < $least) {
            throw $this->refuse(Text::of('expected at least {least} points', least: $least));
        }

        return $points;
    }

    /** An outline of three or more points that encloses some area. */
    public function ring(): Ring
    {
        $points = $this->points(3);
        if ($points === [] || (new Ring($points))->area() < 1.0) {
            throw $this->refuse(Text::of('expected an outline that encloses some area'));
        }
        $ring = new Ring($points);

        return $ring->isSimple() ? $ring : throw $this->refuse(Text::of('expected an outline that does not cross or touch itself'));
    }

    /** @return array{self, self} */
    public function pair(): array
    {
        $items = $this->items();
        if (count($items) !== 2) {
            throw $this->refuse(Text::of('expected two values, found {count}', count: count($items)));
        }

        return [$items[0], $items[1]];
    }

    public function isNull(): bool
    {
        return $this->value === null;
    }

    public function isObject(): bool
    {
        return $this->value instanceof \stdClass;
    }

    /** The value untouched, of a place whose content is nobody's business but the writer's. */
    public function raw(): mixed
    {
        return $this->value;
    }

    public function refuse(string $expected): UnreadableLayout
    {
        return new UnreadableLayout($this->pointer, $expected);
    }

    private function child(string $key): self
    {
        $value = $this->value instanceof \stdClass ? ($this->value->{$key} ?? null) : null;

        return new self($value, $this->pointer.'/'.str_replace(['~', '/'], ['~0', '~1'], mb_strimwidth($key, 0, 60, '…')));
    }

    private function found(): string
    {
        return match (true) {
            is_array($this->value) => Text::of('found a list'),
            $this->value instanceof \stdClass => Text::of('found an object'),
            default => Text::of('found {it}', it: mb_strimwidth(
                (string) json_encode($this->value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PARTIAL_OUTPUT_ON_ERROR),
                0,
                60,
                '…',
            )),
        };
    }

    private static function plain(float $number): string
    {
        return number_format($number, 0, '.', '');
    }
}
