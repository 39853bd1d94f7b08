<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

/** Other values for some keys of an element; null takes a key away. */
final readonly class ChangeValues implements Edit
{
    /** What would move a locked thing. */
    private const PLACES = ['from', 'to', 'at', 'start', 'outline', 'line', 'wall', 'facing'];

    /** @param array<string, mixed> $values */
    public function __construct(private string $id, private array $values) {}

    public function on(Draft $draft): void
    {
        $entry = $draft->find($this->id);
        if (array_key_exists('id', $this->values)) {
            throw new RefusedEdit('An id stays with its element.');
        }
        if (array_intersect(array_keys($this->values), self::PLACES) !== []) {
            $entry->refuseIfLocked();
        }
        $draft->change($entry, $this->values);
    }

    public function words(): string
    {
        return "{$this->id}: ".implode(', ', array_map(static fn(string $key): string => str_replace('_', ' ', $key), array_keys($this->values))).' changed';
    }
}
