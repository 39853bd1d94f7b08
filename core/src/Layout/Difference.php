<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Units\Amount;

/** What differs between two layouts, in words, element by element as their ids follow them. */
final readonly class Difference
{
    /** Keys whose values are no lengths. */
    private const PLAIN = ['facing', 'north', 'glass_area', 'bedspaces', 'fire_minutes', 'leaves', 'risers'];

    public function __construct(private Layout $before, private Layout $after) {}

    /** @return list<string> empty when they are the same */
    public function words(): array
    {
        $before = $this->elements($this->before);
        $after = $this->elements($this->after);
        $words = $this->changed('The layout', $this->fields($this->before), $this->fields($this->after));
        foreach ($before as $id => [$name, $values]) {
            if (!isset($after[$id])) {
                $words[] = "{$name}: removed.";
            } else {
                array_push($words, ...$this->changed($name, $values, $after[$id][1]));
            }
        }
        foreach (array_diff_key($after, $before) as [$name]) {
            $words[] = "{$name}: added.";
        }

        return $words;
    }

    /** @return array{before: list<string>, after: list<string>} ids of the elements that are not in the other layout as they are */
    public function ids(): array
    {
        $before = array_map(static fn(array $element): string => (string) json_encode($element[1]), $this->elements($this->before));
        $after = array_map(static fn(array $element): string => (string) json_encode($element[1]), $this->elements($this->after));

        return [
            'before' => array_map(strval(...), array_keys(array_diff_assoc($before, $after))),
            'after' => array_map(strval(...), array_keys(array_diff_assoc($after, $before))),
        ];
    }

    /** @return array<string, mixed> */
    private function fields(Layout $layout): array
    {
        return array_diff_key($layout->toArray(), ['format' => 0, 'version' => 0, 'storeys' => 0, 'stairs' => 0, 'survey' => 0, 'axes' => 0]);
    }

    /** @return array<string, array{string, array<string, mixed>}> name and values by id */
    private function elements(Layout $layout): array
    {
        $elements = [];
        foreach ($layout->storeys as $storey) {
            $lists = [
                'wall' => $storey->walls, 'opening' => $storey->openings, 'room' => $storey->rooms, 'fixture' => $storey->fixtures,
                'void' => $storey->voids, 'soffit' => $storey->soffits, 'guard' => $storey->guards, 'note' => $storey->notes, 'block' => $storey->blocks,
            ];
            foreach ($lists as $kind => $list) {
                foreach ($list as $element) {
                    $elements[$element->id] = [$this->name($kind, $element->toArray()), ['storey' => $storey->id, ...$element->toArray()]];
                }
            }
            $own = array_flip(['id', 'name', 'elevation', 'ceiling', 'floor_thickness']);
            $elements[$storey->id] = ["Storey {$storey->name}", array_intersect_key($storey->toArray(), $own)];
        }
        foreach ($layout->stairs as $stair) {
            $elements[$stair->id] = ["Stair {$stair->name}", $stair->toArray()];
        }
        foreach ($layout->survey as $distance) {
            $elements[$distance->id] = ["Taped distance {$distance->id}", $distance->toArray()];
        }
        foreach ($layout->axes as $axis) {
            $elements[$axis->id] = ["Axis {$axis->name}", $axis->toArray()];
        }

        return $elements;
    }

    /** @param array<string, mixed> $element */
    private function name(string $list, array $element): string
    {
        $kind = is_string($element['kind'] ?? null) ? ucfirst(str_replace('_', ' ', $element['kind'])) : ucfirst($list);
        $id = is_string($element['id'] ?? null) ? $element['id'] : '';

        return is_string($element['name'] ?? null) ? "{$kind} {$element['name']} ({$id})" : "{$kind} {$id}";
    }

    /**
     * @param array<string, mixed> $before
     * @param array<string, mixed> $after
     *
     * @return list<string>
     */
    private function changed(string $name, array $before, array $after): array
    {
        $words = [];
        foreach (array_unique([...array_keys($before), ...array_keys($after)]) as $key) {
            if (json_encode($before[$key] ?? null) !== json_encode($after[$key] ?? null)) {
                $said = str_replace('_', ' ', $key);
                $words[] = "{$name}: {$said} {$this->value($key, $before[$key] ?? null)} → {$this->value($key, $after[$key] ?? null)}.";
            }
        }

        return $words;
    }

    private function value(string $key, mixed $value): string
    {
        return match (true) {
            $value === null => 'not said',
            is_bool($value) => $value ? 'yes' : 'no',
            is_int($value), is_float($value) => in_array($key, self::PLAIN, true) ? (string) $value : $this->length((float) $value),
            is_string($value) => str_replace('_', ' ', $value),
            is_array($value) && count($value) === 2 && is_numeric($value[0] ?? null) && is_numeric($value[1] ?? null) => "{$this->length((float) $value[0])}, {$this->length((float) $value[1])}",
            default => 'another shape',
        };
    }

    private function length(float $mm): string
    {
        return $this->after->units->notation()->write(Amount::length($mm));
    }
}
