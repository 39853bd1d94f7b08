<?php

declare(strict_types=1);

namespace Heurema\Ifc\Step;

/** One entity of a file with its values by the names of its attributes; what is not given is null. */
final readonly class Instance
{
    /** @param list<mixed> $values in the order of its attributes */
    public function __construct(public int $id, public string $type, private array $values, private StepFile $file) {}

    public function is(string ...$types): bool
    {
        return in_array($this->type, $types, true);
    }

    public function get(string $attribute): mixed
    {
        $position = Attributes::position($this->type, $attribute);
        $value = $position === null ? null : $this->values[$position] ?? null;

        return $value instanceof Typed ? $value->value : $value;
    }

    public function text(string $attribute): ?string
    {
        $value = $this->get($attribute);

        return is_string($value) && trim($value) !== '' ? trim($value) : null;
    }

    public function number(string $attribute): ?float
    {
        $value = $this->get($attribute);

        return is_float($value) && is_finite($value) ? $value : null;
    }

    /** A word of an enumeration; null where none is given or it says that it is not defined. */
    public function word(string $attribute): ?string
    {
        $value = $this->get($attribute);

        return $value instanceof Enumeration && !in_array($value->word, ['NOTDEFINED', 'USERDEFINED', 'UNSET'], true) ? $value->word : null;
    }

    public function yesNo(string $attribute): ?bool
    {
        $value = $this->get($attribute);

        return $value instanceof Enumeration ? ['T' => true, 'F' => false][$value->word] ?? null : null;
    }

    /** @throws UnreadableFile when the file has no such entity */
    public function one(string $attribute): ?self
    {
        $value = $this->get($attribute);

        return $value instanceof Reference ? $this->file->get($value->id) : null;
    }

    /**
     * @return list<self>
     *
     * @throws UnreadableFile when the file has no such entity
     */
    public function many(string $attribute): array
    {
        return array_map($this->file->get(...), $this->ids($attribute));
    }

    /** @return list<int> of the entities that a list, or a single value, refers to */
    public function ids(string $attribute): array
    {
        $value = $this->get($attribute);
        $references = array_filter(is_array($value) ? $value : [$value], static fn(mixed $one): bool => $one instanceof Reference);

        return array_values(array_map(static fn(Reference $one): int => $one->id, $references));
    }

    /** @return list<float> */
    public function numbers(string $attribute): array
    {
        $value = $this->get($attribute);

        return is_array($value) ? array_values(array_filter($value, is_float(...))) : [];
    }

    /** @return list<list<float>> rows of numbers */
    public function rows(string $attribute): array
    {
        $value = $this->get($attribute);

        return array_values(array_map(
            static fn(mixed $row): array => is_array($row) ? array_values(array_filter($row, is_float(...))) : [],
            is_array($value) ? $value : [],
        ));
    }
}
