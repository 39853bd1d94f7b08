<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\UnreadableLayout;

/** A layout being edited: its entries by id, each change written down. */
final class Draft
{
    public const STOREY_LISTS = ['walls', 'openings', 'rooms', 'fixtures', 'voids', 'soffits', 'guards', 'notes', 'blocks'];
    public const DOCUMENT_LISTS = ['storeys', 'stairs', 'survey', 'axes'];

    /** @var array<string, mixed> the document's own fields */
    private array $fields;

    /** @var array<string, list<array<string, mixed>>> by `storey/list` and by list */
    private array $lists = [];

    /** @var list<Change> */
    private array $changes = [];

    public function __construct(Layout $layout)
    {
        $document = $layout->toArray();
        $this->lists['storeys'] = [];
        foreach (self::entries($document['storeys'] ?? []) as $number => $entry) {
            foreach (self::STOREY_LISTS as $list) {
                $this->lists["{$layout->storeys[$number]->id}/{$list}"] = self::entries($entry[$list] ?? []);
                unset($entry[$list]);
            }
            $this->lists['storeys'][] = $entry;
        }
        $this->lists['stairs'] = self::entries($document['stairs'] ?? []);
        $this->lists['survey'] = self::entries($document['survey'] ?? []);
        $this->lists['axes'] = self::entries($document['axes'] ?? []);
        $this->fields = array_diff_key($document, array_flip(self::DOCUMENT_LISTS));
    }

    /** @return array<string, mixed> */
    public function fields(): array
    {
        return $this->fields;
    }

    /**
     * @return list<array<string, mixed>>
     *
     * @throws RefusedEdit when there is no such storey or list
     */
    public function entriesOf(?string $storey, string $list): array
    {
        return $this->lists[self::key($storey, $list)] ?? throw new RefusedEdit($storey === null ? "There is no list \"{$list}\"." : "There is no list \"{$list}\" on storey \"{$storey}\".");
    }

    /**
     * Where an entry stands.
     *
     * @return DraftElement
     *
     * @throws RefusedEdit when nothing has the id
     */
    public function find(string $id): DraftElement
    {
        foreach ($this->lists as $key => $entries) {
            foreach ($entries as $position => $entry) {
                if (($entry['id'] ?? null) === $id) {
                    $parts = explode('/', $key);

                    return new DraftElement(isset($parts[1]) ? $parts[0] : null, $parts[1] ?? $parts[0], $position, $entry);
                }
            }
        }

        throw new RefusedEdit("Nothing has the id \"{$id}\".");
    }

    /** @param array<string, mixed> $values at the end of the list, or at a position in it */
    public function add(?string $storey, string $list, array $values, ?int $position = null): void
    {
        $this->make(new Change($storey, $list, $position ?? count($this->entriesOf($storey, $list)), null, $values));
    }

    /** @param array<string, mixed> $values null takes a key away */
    public function change(DraftElement $entry, array $values): void
    {
        $after = Canonical::entry($entry->list, array_filter([...$entry->values, ...$values], static fn(mixed $value): bool => $value !== null));
        if ($after !== $entry->values) {
            $this->make(new Change($entry->storey, $entry->list, $entry->position, $entry->values, $after));
        }
    }

    public function remove(DraftElement $entry): void
    {
        $this->make(new Change($entry->storey, $entry->list, $entry->position, $entry->values, null));
    }

    /** @param array<string, mixed> $values null takes a key away */
    public function changeFields(array $values): void
    {
        $after = Canonical::entry(null, array_filter([...$this->fields, ...$values], static fn(mixed $value): bool => $value !== null));
        if ($after !== $this->fields) {
            $this->make(new Change(null, null, 0, $this->fields, $after));
        }
    }

    /** @throws RefusedEdit when the entry is not as the change found it */
    public function make(Change $change): void
    {
        $change = new Change($change->storey, $change->list, $change->position, $change->before, $change->after === null ? null : Canonical::entry($change->list, $change->after));
        if ($change->list === null) {
            $this->refuseStale($this->fields, $change->before);
            $this->fields = $change->after ?? [];
        } else {
            $this->makeInList($change, self::key($change->storey, $change->list));
        }
        $this->changes[] = $change;
    }

    /** @return list<Change> */
    public function changes(): array
    {
        return $this->changes;
    }

    /**
     * The layout as it is edited so far.
     *
     * @throws RefusedEdit when it cannot be one
     */
    public function layout(): Layout
    {
        try {
            return (new LayoutReader())->read($this->json());
        } catch (UnreadableLayout $e) {
            throw new RefusedEdit($e->getMessage(), 0, $e);
        }
    }

    public function json(): string
    {
        $storeys = [];
        foreach ($this->lists['storeys'] as $storey) {
            foreach (self::STOREY_LISTS as $list) {
                $id = is_string($storey['id'] ?? null) ? $storey['id'] : '';
                $storey[$list] = $this->lists["{$id}/{$list}"] ?? [];
            }
            $storeys[] = $storey;
        }

        return json_encode([...$this->fields, 'storeys' => $storeys, 'stairs' => $this->lists['stairs'], 'survey' => $this->lists['survey'], 'axes' => $this->lists['axes']], JSON_THROW_ON_ERROR);
    }

    private function makeInList(Change $change, string $key): void
    {
        $entries = $this->entriesOf($change->storey, (string) $change->list);
        if ($change->before !== null) {
            $this->refuseStale($entries[$change->position] ?? null, $change->before);
        }
        if ($change->position > count($entries)) {
            throw new RefusedEdit('The list has changed since.');
        }
        array_splice($entries, $change->position, $change->before === null ? 0 : 1, $change->after === null ? [] : [$change->after]);
        $this->lists[$key] = $entries;
        if ($change->list === 'storeys') {
            $this->keepStoreyLists($change);
        }
    }

    /** A new storey starts with empty lists; one that still holds something is not removed. */
    private function keepStoreyLists(Change $change): void
    {
        $before = $change->before['id'] ?? null;
        $after = $change->after['id'] ?? null;
        if ($before === $after) {
            return;
        }
        foreach (self::STOREY_LISTS as $list) {
            if (is_string($before)) {
                $held = $this->lists["{$before}/{$list}"] ?? [];
                unset($this->lists["{$before}/{$list}"]);
                if ($held !== []) {
                    throw new RefusedEdit("Storey \"{$before}\" is not empty.");
                }
            }
            if (is_string($after)) {
                $this->lists["{$after}/{$list}"] = [];
            }
        }
    }

    /**
     * @param array<string, mixed>|null $now
     * @param array<string, mixed>|null $before
     */
    private function refuseStale(?array $now, ?array $before): void
    {
        if (json_encode($now) !== json_encode($before)) {
            throw new RefusedEdit('What this changes has itself been changed since.');
        }
    }

    private static function key(?string $storey, string $list): string
    {
        return $storey === null ? $list : "{$storey}/{$list}";
    }

    /** @return list<array<string, mixed>> */
    private static function entries(mixed $list): array
    {
        /** @var list<array<string, mixed>> $list as Layout::toArray writes it */
        return $list;
    }
}
