<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Language\Text;
use Heurema\Layout\Wall;

/** Elements taken away; a wall takes its openings along, a storey must be empty. */
final readonly class Remove implements Edit
{
    /** @param list<string> $ids */
    public function __construct(private array $ids) {}

    public function on(Draft $draft): void
    {
        foreach ($this->ids as $id) {
            $removed = $draft->find($id);
            $removed->refuseIfLocked();
            foreach ($removed->element instanceof Wall ? $draft->openingsIn($removed->storey, $id) : [] as $opening) {
                if (!in_array($opening->id, $this->ids, true)) {
                    $draft->remove($opening->id);
                }
            }
            $draft->remove($id);
        }
    }

    public function words(): string
    {
        return Text::of('{ids} removed', ids: implode(', ', $this->ids));
    }
}
