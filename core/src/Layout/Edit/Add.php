<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Language\Text;
use Heurema\Layout\Element;
use Heurema\Layout\ElementList;

/** A new element, storey, stair, taped distance or axis, at the end of its list or at a position in it. */
final readonly class Add implements Edit
{
    /** @param string|null $storey null for lists of the document: storeys, stairs, survey, axes */
    public function __construct(private ?string $storey, private Element $element, private ?int $position = null) {}

    /**
     * An element as its values say, read as from a document.
     *
     * @param array<string, mixed> $values null: not said
     *
     * @throws RefusedEdit with the place of what no document may hold
     */
    public static function of(?string $storey, ElementList $list, array $values, ?int $position = null): self
    {
        return new self($storey, Draft::read($list, $values), $position);
    }

    public function on(Draft $draft): void
    {
        $draft->add($this->storey, $this->element, $this->position);
    }

    public function words(): string
    {
        return Text::of('{element} added', element: $this->element->name());
    }
}
