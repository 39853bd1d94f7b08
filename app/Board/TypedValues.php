<?php

declare(strict_types=1);

namespace App\Board;

use Heurema\Language\Text;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Element;
use Heurema\Layout\Layout;
use Heurema\Layout\Marks;
use Heurema\Layout\Schema\JsonCursor;
use Heurema\Units\AirFlowReader;
use Heurema\Units\Amount;
use Heurema\Units\UnreadableLength;
use Illuminate\Support\Arr;

/** What was typed into an element's fields, as the document's own values. Only what differs from what stands there counts. */
final readonly class TypedValues
{
    public function __construct(private Layout $layout) {}

    /**
     * @param array<string, string> $typed by key; an empty text takes the value away
     *
     * @return array<string, mixed>
     *
     * @throws RefusedValue with the key of the field that cannot be read
     */
    public function read(Element $element, array $typed): array
    {
        $values = $parts = [];
        $wanted = null;
        $top = TopHeight::of($element);
        foreach (Fields::of($element) as $field) {
            $text = isset($typed[$field->key]) ? trim($typed[$field->key]) : null;
            if ($text === null || $text === $this->write($element, $field)) {
                continue;
            }
            if ($text === '' && $field->required) {
                throw new RefusedValue($field->key, __(':label is needed.', ['label' => $field->label]));
            }
            $value = match (true) {
                $text === '' => null,
                $field->kind === Field::MARK => $this->mark($element, $text),
                default => $this->value($field, $text),
            };
            if ($field->key === $top?->key) {
                $wanted = $value;

                continue;
            }
            [$key, $own] = [...explode('.', $field->key), null];
            if ($own === null) {
                $values[$key] = $value;
            } else {
                $parts[$key][$own] = $value;
            }
        }

        return [...$values, ...self::wholeParts($element, $parts), ...is_float($wanted) ? $top?->at($wanted, $values) ?? [] : []];
    }

    /**
     * An object in an element is said as a whole: with what else stands in it, and not at all when nothing is left.
     *
     * @param array<string, array<string, mixed>> $parts by key
     *
     * @return array<string, array<mixed>|null> by key
     */
    private static function wholeParts(Element $element, array $parts): array
    {
        $whole = [];
        foreach ($parts as $key => $part) {
            $stands = $element->toArray()[$key] ?? [];
            $said = array_filter([...is_array($stands) ? $stands : [], ...$part], static fn(mixed $value): bool => $value !== null);
            $whole[$key] = $said === [] ? null : $said;
        }

        return $whole;
    }

    private static function number(Field $field, string $text): float
    {
        $number = str_replace(Text::language()->decimalMark(), '.', $text);

        return is_numeric($number) ? (float) $number : throw new RefusedValue($field->key, __('Type a number.'));
    }

    /** The value that stands there, as it would be typed. */
    public function write(Element $element, Field $field): string
    {
        $top = TopHeight::of($element);
        $value = $field->key === $top?->key ? $top->value() : Arr::get($element->toArray(), $field->key);

        return match (true) {
            $field->kind === Field::MARK => $element->mark() ?? (new Marks($this->layout))->of($element->id()),
            is_bool($value) => $value ? 'yes' : 'no',
            $field->kind === Field::LENGTH && (is_int($value) || is_float($value)) => $field->isSigned
                ? SignedLength::write((float) $value, $this->layout)
                : LengthField::write((float) $value, $this->layout),
            $field->kind === Field::PAIR && is_array($value) => implode('; ', array_map(
                fn(mixed $length): string => LengthField::write(is_numeric($length) ? (float) $length : 0.0, $this->layout),
                $value,
            )),
            $field->kind === Field::AIR_FLOW && is_numeric($value) => $this->airFlow((float) $value),
            is_int($value), is_float($value), is_string($value) => (string) $value,
            default => $field->default,
        };
    }

    private function airFlow(float $litresPerSecond): string
    {
        return $this->layout->units->notation()->write(Amount::airFlow($litresPerSecond));
    }

    /**
     * @return list<float>
     *
     * @throws UnreadableLength
     */
    private function pair(Field $field, string $text): array
    {
        $parts = explode(';', $text);
        if (count($parts) !== 2) {
            throw new RefusedValue($field->key, __('Type two lengths with a semicolon between them.'));
        }

        return array_map(fn(string $part): float => $this->layout->lengths()->read(trim($part))->mm, $parts);
    }

    /** @throws RefusedValue when it is too long, or another of its list has it */
    private function mark(Element $element, string $text): string
    {
        if (mb_strlen($text) > JsonCursor::LONGEST_MARK) {
            throw new RefusedValue(Field::MARK, __('A mark has at most :most characters.', ['most' => JsonCursor::LONGEST_MARK]));
        }
        $draft = new Draft($this->layout);
        foreach ((new Marks($this->layout))->all() as $id => $mark) {
            $other = mb_strtolower($mark) === mb_strtolower($text) ? $draft->find((string) $id)->element : $element;
            if ($other->id() !== $element->id() && $other::list() === $element::list()) {
                throw new RefusedValue(Field::MARK, __('“:mark” is taken: choose another, or change the other one first.', [
                    'mark' => $mark,
                ]));
            }
        }

        return $text;
    }

    private function value(Field $field, string $text): mixed
    {
        try {
            return match ($field->kind) {
                Field::LENGTH => $field->isSigned
                    ? SignedLength::read($text, $this->layout, $field->key)
                    : $this->layout->lengths()->read($text)->mm,
                Field::PAIR => $this->pair($field, $text),
                Field::AIR_FLOW => round((new AirFlowReader($this->layout->units))->read($text)->number, 4),
                Field::NUMBER => self::number($field, $text),
                Field::YES_NO => $text === 'yes',
                Field::CHOICE => in_array($text, $field->choices, true)
                    ? $text
                    : throw new RefusedValue($field->key, __('Choose one of the list.')),
                default => $text,
            };
        } catch (UnreadableLength $e) {
            throw new RefusedValue($field->key, $e->getMessage());
        }
    }
}
