<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Language\Text;
use Heurema\Layout\ElementList;
use Heurema\Layout\Storey;

/** A storey's ceiling and floor thickness; the storeys above go up or down with it. In mm. */
final readonly class SetHeights implements Edit
{
    /** @param float|null $ceiling null leaves it as it is */
    public function __construct(private string $storey, private ?float $ceiling = null, private ?float $floorThickness = null) {}

    public function on(Draft $draft): void
    {
        $found = $draft->find($this->storey);
        $storey = $found->element;
        if (!$storey instanceof Storey) {
            throw new RefusedEdit(Text::of('"{storey}" is no storey.', storey: $this->storey));
        }
        $up = self::growth($storey->ceiling, $this->ceiling);
        // the lowest storey's floor goes down into the ground, the others push up from the ceiling below
        $own = $found->position === 0 ? 0.0 : self::growth($storey->floorThickness, $this->floorThickness);
        $draft->replace($storey->withHeights($this->ceiling ?? $storey->ceiling, $this->floorThickness ?? $storey->floorThickness));
        foreach ($draft->elements(null, ElementList::Storeys) as $position => $above) {
            $shift = $position > $found->position ? $up + $own : ($position === $found->position ? $own : 0.0);
            if (abs($shift) > 1e-9 && $above instanceof Storey && $above->elevation !== null) {
                $draft->replace($above->withElevation($above->elevation + $shift));
            }
        }
    }

    public function words(): string
    {
        return Text::of('Heights of storey {storey} set', storey: $this->storey);
    }

    private static function growth(?float $was, ?float $height): float
    {
        return $height === null || $was === null ? 0.0 : $height - $was;
    }
}
