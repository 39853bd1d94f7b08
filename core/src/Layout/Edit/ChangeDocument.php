<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

/** Other values for the document's own fields: name, units, north, grade, attic; null takes a key away. */
final readonly class ChangeDocument implements Edit
{
    private const FIELDS = ['name', 'units', 'typing', 'scope', 'north', 'grade', 'ground', 'attic_area', 'extra'];

    /** @param array<string, mixed> $values */
    public function __construct(private array $values) {}

    public function on(Draft $draft): void
    {
        $other = array_diff(array_keys($this->values), self::FIELDS);
        if ($other !== []) {
            throw new RefusedEdit('Expected one of '.implode(', ', self::FIELDS).', found '.implode(', ', $other).'.');
        }
        $draft->replaceHead(Draft::document([...$draft->head()->toArray(), ...$this->values]));
    }

    public function words(): string
    {
        return ucfirst(implode(', ', array_keys($this->values))).' of the layout changed';
    }
}
