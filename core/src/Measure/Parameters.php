<?php

declare(strict_types=1);

namespace Heurema\Measure;

use Heurema\Units\Amount;

/** What a rule asks a measure to take into account. */
final readonly class Parameters
{
    private string $key;

    /** @param array<string, Amount|string> $values */
    public function __construct(private array $values = [])
    {
        $this->key = $values === [] ? '' : serialize($values);
    }

    /** In the amount's own unit; null when not given. */
    public function number(string $name): ?float
    {
        $value = $this->values[$name] ?? null;

        return $value instanceof Amount ? $value->number : null;
    }

    public function word(string $name): ?string
    {
        $value = $this->values[$name] ?? null;

        return is_string($value) ? $value : null;
    }

    /** @return list<string> those that are words */
    public function words(): array
    {
        return array_values(array_filter($this->values, is_string(...)));
    }

    /** Equal parameters have equal keys. */
    public function key(): string
    {
        return $this->key;
    }
}
