<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Layout\Schema\JsonCursor;
use Heurema\Layout\Schema\Part;

/** The rails of a stair, seen climbing. A side that is left out is not known; a side that is null has no rail. */
final readonly class Handrails implements Part
{
    /** @param array<'left'|'right', float|null> $heights above the nosing line, mm */
    public function __construct(public array $heights) {}

    public static function read(JsonCursor $place): self
    {
        $place->object(['left', 'right']);
        $heights = [];
        foreach (['left', 'right'] as $side) {
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
}
