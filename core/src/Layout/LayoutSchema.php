<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Layout\Schema\Described;
use Heurema\Layout\Schema\ElementSchema;
use Heurema\Layout\Schema\JsonCursor;
use Heurema\Layout\Schema\KeySchema;
use Heurema\Layout\Schema\Value;
use Heurema\Layout\Words\OpeningKind;

/** The JSON Schema of a layout document, put together from what the keys of its elements say. */
final class LayoutSchema
{
    private const TITLE = 'Heurema layout document, version '.Layout::VERSION;
    private const DESCRIPTION = 'One drawn home: what the designer drew, nothing derived from it. What a schema cannot say, the '
        .'reader checks besides: ids are unique in the document, what is referred to exists, openings lie on '
        .'their walls, walls have some length, dividers have no thickness.';

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $definitions = self::common();
        foreach (ElementList::cases() as $list) {
            $definitions[$list->key()] = $list === ElementList::Openings
                ? self::openings()
                : self::described(ElementSchema::of($list->type())->keys());
        }
        $document = self::described(ElementSchema::of(Layout::class)->keys());

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => 'heurema:layout-'.Layout::VERSION,
            'title' => self::TITLE,
            'description' => self::DESCRIPTION,
            ...$document,
            'required' => ['format', 'version', ...$document['required']],
            'properties' => [
                'format' => ['const' => Layout::FORMAT],
                'version' => ['const' => Layout::VERSION],
                ...$document['properties'],
            ],
            '$defs' => $definitions,
        ];
    }

    /** As it stands in core/schema. */
    public function json(): string
    {
        return json_encode($this->toArray(), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)
            ."\n";
    }

    /** @return array<string, mixed> */
    private static function common(): array
    {
        $number = static fn(float $least, float $most, string $what): array => [
            'type' => 'number',
            'minimum' => (int) $least,
            'maximum' => (int) $most,
            'description' => $what,
        ];
        $farthest = JsonCursor::FARTHEST_MM;

        return [
            'id' => ['type' => 'string', 'pattern' => JsonCursor::IDENTIFIER],
            'length' => $number(0, $farthest, 'Millimetres.'),
            'size' => [
                'type' => 'number',
                'exclusiveMinimum' => 0,
                'maximum' => (int) $farthest,
                'description' => 'Millimetres, above zero.',
            ],
            'elevation' => $number(-$farthest, $farthest, 'Millimetres above or below a datum.'),
            'angle' => $number(-360, 360, 'Degrees counter-clockwise from +x.'),
            'point' => [
                'description' => '[x, y] in millimetres, y up.',
                ...self::list(['type' => 'number', 'minimum' => (int) -$farthest, 'maximum' => (int) $farthest], 2, 2),
            ],
            'outline' => self::list(self::ref('point'), 3, JsonCursor::MOST_POINTS),
        ];
    }

    /** @return array<string, mixed> each kind has keys of its own */
    private static function openings(): array
    {
        return ['oneOf' => array_map(static function (OpeningKind $kind): array {
            $described = self::described(ElementSchema::of(Opening::class)->keys($kind->value));

            return [...$described, 'properties' => [...$described['properties'], 'kind' => ['const' => $kind->value]]];
        }, OpeningKind::cases())];
    }

    /**
     * @param list<KeySchema> $keys
     *
     * @return array{type: string, required: list<string>, additionalProperties: false, properties: array<string, mixed>}
     */
    private static function described(array $keys): array
    {
        $required = array_values(array_filter($keys, static fn(KeySchema $key): bool => $key->required));

        return [
            'type' => 'object',
            'required' => array_column($required, 'key'),
            'additionalProperties' => false,
            'properties' => array_combine(array_column($keys, 'key'), array_map(self::value(...), $keys)),
        ];
    }

    /** @return array<string, mixed> */
    private static function value(KeySchema $key): array
    {
        return match ($key->value) {
            Value::Identifier => self::ref('id'),
            Value::Name => ['type' => 'string', 'maxLength' => JsonCursor::LONGEST_NAME],
            Value::Mark => ['type' => 'string', 'minLength' => 1, 'maxLength' => JsonCursor::LONGEST_MARK],
            Value::Text => ['type' => 'string', 'maxLength' => JsonCursor::LONGEST_TEXT],
            Value::Length => self::ref('length'),
            Value::Size => $key->part === null ? self::ref('size') : ['anyOf' => [self::ref('size'), self::part($key->part)]],
            Value::Elevation => self::ref('elevation'),
            Value::Angle => self::ref('angle'),
            Value::Number, Value::AirFlow => ['type' => 'number', 'minimum' => $key->is->least ?? 0, 'maximum' => $key->is->most],
            Value::Whole => ['type' => 'integer', 'minimum' => $key->is->least ?? 0, 'maximum' => $key->is->most],
            Value::YesNo => ['type' => 'boolean'],
            Value::Word => ['enum' => array_column($key->allowedWords(), 'value')],
            Value::Point => self::ref('point'),
            Value::Points => self::list(self::ref('point'), (int) $key->is->least, JsonCursor::MOST_POINTS),
            Value::Ring, Value::Outline => self::ref('outline'),
            Value::TwoLengths => self::list(self::ref('length'), 2, 2),
            Value::Sizes => self::list(self::ref('size'), 0, JsonCursor::MOST_ENTRIES),
            Value::Part => $key->part === null ? [] : self::part($key->part),
            Value::Parts => self::list(self::entry($key), 0, $key->mostEntries()),
            Value::Tagged => self::list(['oneOf' => self::tagged($key)], 1, $key->mostEntries()),
            Value::Untouched => ['type' => 'object'],
        };
    }

    /** @return array<string, mixed> of an element, or of a part of one */
    private static function entry(KeySchema $key): array
    {
        $list = ElementList::tryFrom($key->key);

        return match (true) {
            $list !== null => self::ref($list->key()),
            $key->part !== null => self::part($key->part),
            default => throw new \LogicException("{$key->key} is no list."),
        };
    }

    /**
     * @param class-string $class
     *
     * @return array<string, mixed>
     */
    private static function part(string $class): array
    {
        if ($class === Handrails::class) {
            $rail = self::described(ElementSchema::of(Handrail::class)->keys());
            $side = ['anyOf' => [self::ref('size'), $rail, ['type' => 'null']]];

            return [
                'type' => 'object',
                'required' => [],
                'additionalProperties' => false,
                'properties' => ['left' => $side, 'right' => $side],
            ];
        }

        return is_subclass_of($class, Described::class)
            ? self::described(ElementSchema::of($class)->keys())
            : throw new \LogicException("{$class} does not describe itself.");
    }

    /** @return list<array<string, mixed>> */
    private static function tagged(KeySchema $key): array
    {
        $tags = is_array($key->is->of) ? $key->is->of : [];

        return array_map(
            static fn(string $tag, string $class): array => [
                'type' => 'object',
                'required' => [$tag],
                'additionalProperties' => false,
                'properties' => [$tag => self::part($class)],
            ],
            array_keys($tags),
            $tags,
        );
    }

    /**
     * @param array<string, mixed> $entry
     *
     * @return array<string, mixed>
     */
    private static function list(array $entry, int $least, ?int $most): array
    {
        return ['type' => 'array', 'items' => $entry, ...($least === 0 ? [] : ['minItems' => $least]), 'maxItems' => $most];
    }

    /** @return array{'$ref': string} */
    private static function ref(string $name): array
    {
        return ['$ref' => '#/$defs/'.$name];
    }
}
