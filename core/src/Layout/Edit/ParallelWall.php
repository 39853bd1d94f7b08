<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Language\Text;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\WallType;

/**
 * A second wall beside a wall, parallel to it and as long, at a clear distance between their faces in mm; of its kind, unless said
 * otherwise.
 */
final readonly class ParallelWall implements Edit
{
    /**
     * @param float         $left clear distance to the left of the wall, to its right when negative
     * @param WallType|null $type of the new wall, and its thickness; null: as the wall is
     */
    public function __construct(
        private string $id,
        private float $left,
        private string $newId,
        private ?WallType $type = null,
        private ?float $thickness = null,
    ) {}

    public function on(Draft $draft): void
    {
        $wall = $draft->get($this->id, Wall::class);
        $thickness = $this->thickness ?? $wall->thickness;
        $between = ($wall->thickness + $thickness) / 2;
        $line = $wall->line()->offset($this->left + ($this->left < 0 ? -$between : $between));
        $draft->add(
            $draft->find($this->id)->storey,
            $wall->withThickness($thickness, $this->type ?? $wall->type)->withEnds($line->from, $line->to)->copied($this->newId),
        );
    }

    public function words(): string
    {
        return Text::of('Wall {newId} beside wall {it}', newId: $this->newId, it: $this->id);
    }
}
