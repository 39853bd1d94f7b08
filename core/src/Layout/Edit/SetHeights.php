<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

/** A storey's ceiling and floor thickness; the storeys above go up or down with it. In mm. */
final readonly class SetHeights implements Edit
{
    /** @param float|null $ceiling null leaves it as it is */
    public function __construct(private string $storey, private ?float $ceiling = null, private ?float $floorThickness = null) {}

    public function on(Draft $draft): void
    {
        $storey = $draft->find($this->storey);
        if ($storey->list !== 'storeys') {
            throw new RefusedEdit("\"{$this->storey}\" is no storey.");
        }
        $up = $this->growth($storey, 'ceiling', $this->ceiling);
        // the lowest storey's floor goes down into the ground, the others push up from the ceiling below
        $own = $storey->position === 0 ? 0.0 : $this->growth($storey, 'floor_thickness', $this->floorThickness);
        $draft->change($storey, array_filter(['ceiling' => $this->ceiling, 'floor_thickness' => $this->floorThickness], static fn(?float $height): bool => $height !== null));
        foreach ($draft->entriesOf(null, 'storeys') as $position => $values) {
            $shift = $position > $storey->position ? $up + $own : ($position === $storey->position ? $own : 0.0);
            $above = $draft->find(is_string($values['id'] ?? null) ? $values['id'] : '');
            $elevation = $above->number('elevation');
            if (abs($shift) > 1e-9 && $elevation !== null) {
                $draft->change($above, ['elevation' => round($elevation + $shift, 4)]);
            }
        }
    }

    public function words(): string
    {
        return "Heights of storey {$this->storey} set";
    }

    private function growth(DraftElement $storey, string $key, ?float $height): float
    {
        $was = $storey->number($key);

        return $height === null || $was === null ? 0.0 : $height - $was;
    }
}
