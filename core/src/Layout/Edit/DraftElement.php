<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Language\Text;
use Heurema\Layout\Element;
use Heurema\Layout\ElementList;

/** An element in its list while a layout is edited. */
final readonly class DraftElement
{
    public ElementList $list;

    /** @param string|null $storey whose list it is, null: of the document */
    public function __construct(public ?string $storey, public int $position, public Element $element)
    {
        $this->list = $element::list();
    }

    public function id(): string
    {
        return $this->element->id();
    }

    /** `Wall w5`, `Water closet f3` */
    public function name(): string
    {
        return $this->element->name();
    }

    /** @return array<string, mixed> as the document writes them */
    public function values(): array
    {
        return $this->element->toArray();
    }

    /** A value of it as the document writes it; null where it is left out. */
    public function value(string $key): mixed
    {
        return $this->values()[$key] ?? null;
    }

    /** @throws RefusedEdit when it is locked */
    public function refuseIfLocked(): void
    {
        if ($this->element->isLocked()) {
            throw new RefusedEdit(Text::of('{name} is locked in its place.', name: $this->name()));
        }
    }
}
