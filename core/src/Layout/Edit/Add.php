<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

/** A new element, storey, stair, taped distance or axis, at the end of its list or at a position in it. */
final readonly class Add implements Edit
{
    /**
     * @param string|null          $storey null for lists of the document: storeys, stairs, survey, axes
     * @param array<string, mixed> $values the element as the document writes it
     */
    public function __construct(private ?string $storey, private string $list, private array $values, private ?int $position = null) {}

    public function on(Draft $draft): void
    {
        $draft->add($this->storey, $this->list, $this->values, $this->position);
    }

    public function words(): string
    {
        return (new DraftElement($this->storey, $this->list, 0, $this->values))->name().' added';
    }
}
