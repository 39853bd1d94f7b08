<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

/** Several edits that are made, and undone, as one: all of them or none. */
final readonly class EditGroup implements Edit
{
    /** @param list<Edit> $edits */
    public function __construct(private array $edits, private string $words) {}

    public function on(Draft $draft): void
    {
        foreach ($this->edits as $edit) {
            $edit->on($draft);
        }
    }

    public function words(): string
    {
        return $this->words;
    }
}
