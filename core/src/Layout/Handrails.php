<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Motion;
use Heurema\Layout\Schema\JsonCursor;
use Heurema\Layout\Schema\Movable;

/** The rails of a stair or a ramp, seen climbing. A side that is left out is not known; a side that is null has no rail. */
final readonly class Handrails implements Movable
{
    public const SIDES = ['left', 'right'];
    private const OTHER = ['left' => 'right', 'right' => 'left'];

    /** @var array<'left'|'right', float|null> above the nosing line or the slope, mm */
    public array $heights;

    /** @param array<'left'|'right', Handrail|null> $sides */
    public function __construct(public array $sides)
    {
        $this->heights = array_map(static fn(?Handrail $rail): ?float => $rail?->height, $sides);
    }

    public static function read(JsonCursor $place): self
    {
        $place->object(self::SIDES);
        $sides = [];
        foreach (self::SIDES as $side) {
            $rail = $place->optional($side);
            if ($rail !== null) {
                $sides[$side] = $rail->isNull() ? null : Handrail::read($rail);
            }
        }

        return new self($sides);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return array_map(static fn(?Handrail $rail): float|array|null => $rail?->written(), $this->sides);
    }

    public function carried(Motion $motion): static
    {
        if (!$motion->isMirrored()) {
            return $this;
        }
        $sides = [];
        foreach (self::SIDES as $side) {
            if (array_key_exists(self::OTHER[$side], $this->sides)) {
                $sides[$side] = $this->sides[self::OTHER[$side]];
            }
        }

        return new self($sides);
    }

    /** @return list<Handrail> those that are known to be there */
    public function there(): array
    {
        return array_values(array_filter($this->sides));
    }

    /** @return list<float> heights of the rails that are known to be there, mm */
    public function known(): array
    {
        return array_map(static fn(Handrail $rail): float => $rail->height, $this->there());
    }

    /** Did somebody say of both sides? */
    public function isSaid(): bool
    {
        return count($this->sides) === count(self::SIDES);
    }
}
