<?php

declare(strict_types=1);

namespace Heurema\Layout;

/** The rails of a stair, seen climbing. A side that is left out is not known; a side that is null has no rail. */
final readonly class Handrails
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

    /** @return array<string, float|null>|\stdClass */
    public function toArray(): array|\stdClass
    {
        return $this->heights === [] ? new \stdClass() : $this->heights;
    }
}
