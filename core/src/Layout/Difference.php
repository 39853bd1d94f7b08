<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Language\Text;
use Heurema\Layout\Schema\ElementSchema;
use Heurema\Layout\Schema\KeySchema;
use Heurema\Layout\Schema\Part;
use Heurema\Units\Amount;

/** What differs between two layouts, in words, element by element as their ids follow them. */
final readonly class Difference
{
    /** @param \Closure(string): (string|null)|null $called what the element of an id is called; null: by its kind and mark */
    public function __construct(private Layout $before, private Layout $after, private ?\Closure $called = null) {}

    /** @return list<string> empty when they are the same */
    public function words(): array
    {
        [$before, $after] = $this->both();
        $words = $this->changed(Text::of('The layout'), $this->fields($this->before), $this->fields($this->after), Layout::class);
        foreach ($before as $id => [$name, $values, $type]) {
            if (!isset($after[$id])) {
                $words[] = Text::of('{name}: removed.', name: $name);
            } else {
                array_push($words, ...$this->changed($name, $values, $after[$id][1], $type));
            }
        }
        foreach (array_diff_key($after, $before) as [$name]) {
            $words[] = Text::of('{name}: added.', name: $name);
        }

        return $words;
    }

    /** @return array{before: list<string>, after: list<string>} ids of the elements that are not in the other layout as they are */
    public function ids(): array
    {
        [$before, $after] = array_map(
            static fn(array $elements): array => array_map(
                static fn(array $element): string => (string) json_encode($element[1]),
                $elements,
            ),
            $this->both(),
        );

        return [
            'before' => array_map(strval(...), array_keys(array_diff_assoc($before, $after))),
            'after' => array_map(strval(...), array_keys(array_diff_assoc($after, $before))),
        ];
    }

    /** @return array<string, mixed> */
    private function fields(Layout $layout): array
    {
        return array_diff_key(
            $layout->bare()->toArray(),
            ['format' => 0, 'version' => 0],
            array_column(ElementList::ofDocument(), null, 'value'),
        );
    }

    /**
     * The elements of both; what both have is marked as in the one that says so.
     *
     * @return array{
     *     array<string, array{string, array<string, mixed>, class-string<Part>}>,
     *     array<string, array{string, array<string, mixed>, class-string<Part>}>,
     * }
     */
    private function both(): array
    {
        $before = new Marks($this->before, (new Marks($this->after))->all());

        return [$this->elements($this->before, $before), $this->elements($this->after, new Marks($this->after, $before->all()))];
    }

    /** @return array<string, array{string, array<string, mixed>, class-string<Part>}> name, values and type by id */
    private function elements(Layout $layout, Marks $marks): array
    {
        $elements = [];
        foreach ($layout->storeys as $storey) {
            foreach (ElementList::ofStorey() as $list) {
                foreach ($storey->elements($list) as $element) {
                    $values = ['storey' => $storey->id, ...$element->toArray(), ...self::mark($element, $marks)];
                    $elements[$element->id()] = [$this->name($element, $marks), $values, $element::class];
                }
            }
        }
        foreach (ElementList::ofDocument() as $list) {
            foreach ($layout->elements($list) as $element) {
                $own = array_diff_key($element->toArray(), array_column(ElementList::ofStorey(), null, 'value'));
                $elements[$element->id()] = [$this->name($element, $marks), [...$own, ...self::mark($element, $marks)], $element::class];
            }
        }

        return $elements;
    }

    /** @return array{mark?: string} as it is shown, whether the document says it or not */
    private static function mark(Element $element, Marks $marks): array
    {
        return $element->isMarked() ? ['mark' => $marks->of($element->id())] : [];
    }

    private function name(Element $element, Marks $marks): string
    {
        $hasKind = $element instanceof Opening || $element instanceof Fixture;
        $noun = Text::capital($hasKind ? $element->kind->words() : $element::list()->noun());
        $name = $element->toArray()['name'] ?? $element->id();
        $isNamed = is_string($name) && $name !== $element->id() && !$element instanceof Fixture;
        $words = array_filter([$noun, $isNamed ? $name : '', $marks->of($element->id())], static fn(string $word): bool => $word !== '');

        return ($this->called === null ? null : ($this->called)($element->id())) ?? implode(' ', $words);
    }

    /**
     * @param array<string, mixed> $before
     * @param array<string, mixed> $after
     * @param class-string<Part>   $type
     *
     * @return list<string>
     */
    private function changed(string $name, array $before, array $after, string $type): array
    {
        $words = [];
        foreach (array_unique([...array_keys($before), ...array_keys($after)]) as $key) {
            if (json_encode($before[$key] ?? null) !== json_encode($after[$key] ?? null)) {
                $said = Text::word($key);
                $isLength = in_array($key, self::lengths($type), true);
                $words[] = "{$name}: {$said} {$this->value($before[$key] ?? null, $isLength)} → "
                    ."{$this->value($after[$key] ?? null, $isLength)}.";
            }
        }

        return $words;
    }

    private function value(mixed $value, bool $isLength): string
    {
        return match (true) {
            $value === null => Text::of('not said'),
            is_bool($value) => Text::word($value ? 'yes' : 'no'),
            is_int($value), is_float($value) => $isLength ? $this->length((float) $value) : (string) $value,
            is_string($value) => Text::word($value),
            is_array($value) && count($value) === 2 && is_numeric($value[0] ?? null) && is_numeric($value[1] ?? null)
                => "{$this->length((float) $value[0])}, "
                ."{$this->length((float) $value[1])}",
            default => Text::of('another shape'),
        };
    }

    private function length(float $mm): string
    {
        return $this->after->units->notation()->write(Amount::length($mm));
    }

    /**
     * @param class-string<Part> $type
     *
     * @return list<string> its keys that are lengths
     */
    private static function lengths(string $type): array
    {
        $isLength = static fn(KeySchema $key): bool => $key->value->isLength();

        return array_column(array_filter(ElementSchema::of($type)->keys(), $isLength), 'key');
    }
}
