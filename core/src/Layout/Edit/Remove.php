<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

/** Elements taken away; a wall takes its openings along, a storey must be empty. */
final readonly class Remove implements Edit
{
    /** @param list<string> $ids */
    public function __construct(private array $ids) {}

    public function on(Draft $draft): void
    {
        foreach ($this->ids as $id) {
            $entry = $draft->find($id);
            $entry->refuseIfLocked();
            if ($entry->list === 'walls') {
                $this->removeOpenings($draft, $entry);
            }
            $draft->remove($draft->find($id));
        }
    }

    public function words(): string
    {
        return implode(', ', $this->ids).' removed';
    }

    private function removeOpenings(Draft $draft, DraftElement $wall): void
    {
        foreach ($draft->entriesOf($wall->storey, 'openings') as $opening) {
            if (($opening['wall'] ?? null) === $wall->id() && is_string($opening['id'] ?? null) && !in_array($opening['id'], $this->ids, true)) {
                $draft->remove($draft->find($opening['id']));
            }
        }
    }
}
