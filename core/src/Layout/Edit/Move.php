<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Geometry\Point;
use Heurema\Units\Amount;
use Heurema\Units\MetricNotation;

/** Elements moved together by a distance; an opening goes along its wall by as much of it as runs that way. In mm. */
final readonly class Move implements Edit
{
    /** @param list<string> $ids */
    public function __construct(private array $ids, private Point $by) {}

    public function on(Draft $draft): void
    {
        foreach ($this->ids as $id) {
            $entry = $draft->find($id);
            $entry->refuseIfLocked();
            $draft->change($entry, $entry->list === 'openings' ? $this->alongWall($draft, $entry) : $entry->moved(fn(Point $point): Point => $point->plus($this->by)));
        }
    }

    public function words(): string
    {
        return implode(', ', $this->ids).' moved '.(new MetricNotation())->write(Amount::length($this->by->length()));
    }

    /** @return array<string, mixed> */
    private function alongWall(Draft $draft, DraftElement $opening): array
    {
        $wall = $opening->values['wall'] ?? null;
        if (is_string($wall) && in_array($wall, $this->ids, true)) {
            return [];
        }
        $line = $draft->find(is_string($wall) ? $wall : '')->line();

        return ['at' => round(($opening->number('at') ?? 0.0) + $this->by->dot($line->direction()), 4)];
    }
}
