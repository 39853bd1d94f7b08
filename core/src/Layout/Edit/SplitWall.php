<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Geometry\Tolerance;
use Heurema\Language\Text;
use Heurema\Layout\MeasuredPlace;
use Heurema\Layout\Opening;
use Heurema\Layout\Wall;

/** A wall made two at a distance from its start; openings and what dimensions measure go with the part that they lie in. In mm. */
final readonly class SplitWall implements Edit
{
    /** @param string $newId id of the part from the split to the end */
    public function __construct(private string $id, private float $at, private string $newId) {}

    public function on(Draft $draft): void
    {
        $wall = $draft->get($this->id, Wall::class);
        $line = $wall->line();
        if ($this->at <= Tolerance::TOUCH || $this->at >= $line->length() - Tolerance::TOUCH) {
            throw new RefusedEdit(Text::of('{wall} is split between its ends.', wall: $wall->name()));
        }
        $place = $draft->find($this->id);
        $middle = $line->at($this->at);
        $draft->add($place->storey, $wall->part($this->newId, $middle, $wall->to), $place->position + 1);
        $draft->replace($wall->withEnds($wall->from, $middle));
        foreach ($draft->openingsIn($place->storey, $this->id) as $opening) {
            $draft->replace($this->handed($opening));
        }
        foreach ($draft->dimensionsOf($this->id) as $dimension) {
            $draft->replace($dimension->withPlaces($this->place(...)));
        }
    }

    public function words(): string
    {
        return Text::of('Wall {it} split', it: $this->id);
    }

    private function handed(Opening $opening): Opening
    {
        $half = ($opening->width ?? 0.0) / 2;
        if ($opening->at - $half < $this->at - Tolerance::TOUCH && $opening->at + $half > $this->at + Tolerance::TOUCH) {
            throw new RefusedEdit(Text::of('{opening} lies across the split.', opening: $opening->name()));
        }

        return $opening->at > $this->at ? $opening->inWall($this->newId, max(0.0, $opening->at - $this->at)) : $opening;
    }

    private function place(MeasuredPlace $place): MeasuredPlace
    {
        return $place->of === $this->id && $place->along !== null && $place->along > $this->at
            ? $place->onWall($this->newId, $place->along - $this->at)
            : $place;
    }
}
