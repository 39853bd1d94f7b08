<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

/** A second wall beside a wall, parallel to it and as long, at a clear distance between their faces in mm; of its kind, unless said otherwise. */
final readonly class OffsetWall implements Edit
{
    /**
     * @param float                                           $left   clear distance to the left of the wall, to its right when negative
     * @param array{}|array{type: string, thickness: float} $values in which it differs
     */
    public function __construct(private string $id, private float $left, private string $newId, private array $values = []) {}

    public function on(Draft $draft): void
    {
        $wall = $draft->find($this->id);
        if ($wall->list !== 'walls') {
            throw new RefusedEdit("{$wall->name()} is no wall.");
        }
        $thickness = $wall->number('thickness') ?? 0.0;
        $between = ($thickness + ($this->values['thickness'] ?? $thickness)) / 2;
        $line = $wall->line()->offset($this->left + ($this->left < 0 ? -$between : $between));
        $draft->add($wall->storey, 'walls', [...array_diff_key($wall->values, ['locked' => true]), ...$this->values, 'id' => $this->newId, 'from' => $line->from->toArray(), 'to' => $line->to->toArray()]);
    }

    public function words(): string
    {
        return "Wall {$this->newId} beside wall {$this->id}";
    }
}
