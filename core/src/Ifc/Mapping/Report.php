<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Ifc\Step\Instance;
use Heurema\Words\Message;

/** What was taken from a file, simplified and left out, element by element. */
final class Report
{
    /** @var array<int, Entry> by entity */
    private array $entries = [];

    public function take(Instance $element): void
    {
        $this->entries[$element->id] ??= new Entry($element, Outcome::Taken, []);
    }

    public function simplify(Instance $element, Message $why): void
    {
        $before = $this->entries[$element->id] ?? null;
        $outcome = $before?->outcome === Outcome::LeftOut ? Outcome::LeftOut : Outcome::Simplified;
        $this->entries[$element->id] = new Entry($element, $outcome, Message::unique([...$before->reasons ?? [], $why]));
    }

    public function leaveOut(Instance $element, Message $why): void
    {
        $reasons = $this->entries[$element->id]->reasons ?? [];
        $this->entries[$element->id] = new Entry($element, Outcome::LeftOut, Message::unique([...$reasons, $why]));
    }

    public function has(Instance $element): bool
    {
        return isset($this->entries[$element->id]);
    }

    /** @return list<Entry> in the order of the file */
    public function entries(?Outcome $outcome = null): array
    {
        $entries = $this->entries;
        ksort($entries);

        return array_values(array_filter($entries, static fn(Entry $one): bool => $outcome === null || $one->outcome === $outcome));
    }
}
