<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Language\Text;
use Heurema\Layout\Element;

/** An element as it is now, in the place of the one with its id. */
final readonly class Replace implements Edit
{
    /** @param string|null $words null: that it changed */
    public function __construct(private Element $after, private ?string $words = null) {}

    public function on(Draft $draft): void
    {
        $draft->find($this->after->id())->refuseIfLocked();
        $draft->replace($this->after);
    }

    public function words(): string
    {
        return $this->words ?? Text::of('{after} changed', after: $this->after->name());
    }
}
