<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Layout\Schema\JsonCursor;
use Heurema\Layout\Schema\Part;

/** The rails of a stair or a ramp, seen climbing. A side that is left out is not known; a side that is null has no rail. */
final readonly class Handrails implements Part
{
    private const SIDES = ['left', 'right'];

    /** @param array<'left'|'right', float|null> $heights above the nosing line or the slope, mm */
    public function __construct(public array $heights) {}

    public static function read(JsonCursor $place): self
    {
        $place->object(self::SIDES);
        $heights = [];
        foreach (self::SIDES as $side) {
            $height = $place->optional($side);
            if ($height !== null) {
                $heights[$side] = $height->isNull() ? null : $height->size();
            }
        }

        return new self($heights);
    }

    /** @return array<string, float|null> */
    public function toArray(): array
    {
        return $this->heights;
    }

    /** @return list<float> of the rails that are known to be there, mm */
    public function known(): array
    {
        return array_values(array_filter($this->heights, static fn(?float $height): bool => $height !== null));
    }

    /** Did somebody say of both sides? */
    public function isSaid(): bool
    {
        return count($this->heights) === count(self::SIDES);
    }
}
