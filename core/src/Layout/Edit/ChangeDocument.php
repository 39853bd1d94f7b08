<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Language\Text;

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
            throw new RefusedEdit(Text::of(
                'Expected one of {fields}, found {other}.',
                fields: implode(', ', self::FIELDS),
                other: implode(', ', $other),
            ));
        }
        $draft->replaceHead(Draft::document([...$draft->head()->toArray(), ...$this->values]));
    }

    public function words(): string
    {
        return Text::of('{list} of the layout changed', list: Text::capital(implode(', ', array_keys($this->values))));
    }
}
