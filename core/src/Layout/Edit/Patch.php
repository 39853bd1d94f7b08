<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

/** What an edit did, entry by entry; turned round it undoes it exactly. It is itself an edit. */
final readonly class Patch implements Edit
{
    /** @param list<Change> $changes in the order in which they were made */
    public function __construct(public array $changes, private string $words) {}

    public function reversed(): self
    {
        $changes = array_map(static fn(Change $change): Change => $change->reversed(), array_reverse($this->changes));

        return new self($changes, "Undone: {$this->words}");
    }

    public function on(Draft $draft): void
    {
        foreach ($this->changes as $change) {
            $draft->make($change);
        }
    }

    public function words(): string
    {
        return $this->words;
    }
}
