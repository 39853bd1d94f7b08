<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

/** A second wall beside a wall, parallel to it and as thick and as long, at a clear distance between their faces in mm. */
final readonly class OffsetWall implements Edit
{
    /** @param float $left clear distance to the left of the wall, to its right when negative */
    public function __construct(private string $id, private float $left, private string $newId) {}

    public function on(Draft $draft): void
    {
        $wall = $draft->find($this->id);
        if ($wall->list !== 'walls') {
            throw new RefusedEdit("{$wall->name()} is no wall.");
        }
        $thickness = $wall->number('thickness') ?? 0.0;
        $line = $wall->line()->offset($this->left + ($this->left < 0 ? -$thickness : $thickness));
        $draft->add($wall->storey, 'walls', [...array_diff_key($wall->values, ['locked' => true]), 'id' => $this->newId, 'from' => $line->from->toArray(), 'to' => $line->to->toArray()]);
    }

    public function words(): string
    {
        return "Wall {$this->newId} beside wall {$this->id}";
    }
}
