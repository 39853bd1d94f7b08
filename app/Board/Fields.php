<?php

declare(strict_types=1);

namespace App\Board;

use Heurema\Layout\Element;
use Heurema\Layout\Schema\Described;
use Heurema\Layout\Schema\ElementSchema;
use Heurema\Layout\Schema\KeySchema;
use Heurema\Layout\Schema\Value;

/** Which values of an element the board offers: those that its keys have a label for. */
final class Fields
{
    /** What is thought of first, and last; the rest as the document writes it. */
    private const FIRST = ['name', 'mark', 'type', 'operation', 'use'];
    private const LAST = ['trim', 'clear_width', 'clear_height', 'facing', 'status', 'locked'];

    /** @return list<Field> those of its kind, and those that it has a value of */
    public static function of(Element $element): array
    {
        $fields = array_map(static fn(KeySchema $key): Field => Field::of($key, self::kind($element)), self::keys($element));

        return [...self::withTop($element, $fields), ...self::ofParts($element)];
    }

    /** @return list<Field> those that several elements can have the same value of */
    public static function shared(Element $element): array
    {
        $shared = array_filter(self::keys($element), static fn(KeySchema $key): bool => !$key->is->own);

        return self::withTop(
            $element,
            array_map(static fn(KeySchema $key): Field => Field::of($key, self::kind($element)), array_values($shared)),
        );
    }

    /**
     * The top comes after the height that it goes with.
     *
     * @param list<Field> $fields
     *
     * @return list<Field>
     */
    private static function withTop(Element $element, array $fields): array
    {
        $top = TopHeight::of($element);
        $height = array_search('height', array_column($fields, 'key'), true);
        if ($top !== null && $height !== false) {
            array_splice($fields, $height + 1, 0, [$top->field()]);
        }

        return $fields;
    }

    /** @return list<Field> those of the objects that stand in an element, `well.depth` */
    private static function ofParts(Element $element): array
    {
        $fields = [];
        foreach (ElementSchema::of($element::class)->keys(self::kind($element)) as $key) {
            $part = $key->value === Value::Part ? $key->part : null;
            foreach ($part !== null && is_subclass_of($part, Described::class) ? ElementSchema::of($part)->keys() : [] as $own) {
                if ($own->is->label !== null) {
                    $fields[] = Field::of($own, self::kind($element), $key->key);
                }
            }
        }

        return $fields;
    }

    /** @return list<KeySchema> */
    private static function keys(Element $element): array
    {
        $written = $element->toArray();
        $words = array_values(array_filter($written, is_string(...)));
        $isOffered = static fn(KeySchema $key): bool => $key->is->label !== null && ($key->suits($words) || isset($written[$key->key]));
        $keys = array_filter(ElementSchema::of($element::class)->keys(self::kind($element)), $isOffered);
        usort($keys, static fn(KeySchema $a, KeySchema $b): int => self::rank($a) <=> self::rank($b));

        return $keys;
    }

    private static function kind(Element $element): ?string
    {
        $kind = $element->toArray()['kind'] ?? null;

        return is_string($kind) ? $kind : null;
    }

    private static function rank(KeySchema $key): int
    {
        $first = array_search($key->key, self::FIRST, true);
        $last = array_search($key->key, self::LAST, true);

        return match (true) {
            $first !== false => $first,
            $last !== false => count(self::FIRST) + 1 + $last,
            default => count(self::FIRST),
        };
    }
}
