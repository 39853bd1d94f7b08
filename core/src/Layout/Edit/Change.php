<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

/**
 * One entry of the document as it was and as it is.
 *
 * The place is a list (`walls` of a storey, `stairs`, `survey`, `axes`, `storeys`) and a position in it, or the document's own
 * fields. Before is null where the entry was not there, after where it is gone.
 */
final readonly class Change
{
    /**
     * @param string|null               $storey   id of the storey whose list it is; null for lists of the document
     * @param string|null               $list     null for the document's own fields
     * @param array<string, mixed>|null $before
     * @param array<string, mixed>|null $after
     */
    public function __construct(public ?string $storey, public ?string $list, public int $position, public ?array $before, public ?array $after) {}

    public function reversed(): self
    {
        return new self($this->storey, $this->list, $this->position, $this->after, $this->before);
    }
}
