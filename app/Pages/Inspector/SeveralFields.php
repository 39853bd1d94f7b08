<?php

declare(strict_types=1);

namespace App\Pages\Inspector;

use App\Board\Field;
use App\Board\Fields;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\DraftElement;
use Heurema\Layout\Element;
use Heurema\Layout\Layout;

/** What several chosen elements share. */
final readonly class SeveralFields
{
    /** @param list<DraftElement> $several */
    public function __construct(private Layout $layout, private array $several) {}

    /** @return list<Field> that all of them have */
    public function shared(): array
    {
        $shared = array_map(static fn(DraftElement $one): array => Fields::shared($one->element), $this->several);
        $isOf = static fn(Field $field, array $fields): bool => in_array($field->key, array_column($fields, 'key'), true);

        return array_values(array_filter(
            $shared[0] ?? [],
            static fn(Field $field): bool => array_filter($shared, static fn(array $fields): bool => !$isOf($field, $fields)) === [],
        ));
    }

    /** @return list<DraftElement> elements of the storey that they can take their values of */
    public function like(): array
    {
        $first = $this->several[0] ?? null;
        $all = $first === null ? [] : (new Draft($this->layout))->elements($first->storey, $first->list);
        $like = array_filter($all, static fn(Element $one): bool => ($one->toArray()['kind'] ?? null) === $first?->value('kind'));

        return array_values(array_filter(array_map(fn(Element $one): ?DraftElement => Chosen::of($this->layout, $one->id()), $like)));
    }
}
