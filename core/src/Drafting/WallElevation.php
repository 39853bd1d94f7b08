<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Segment;
use Heurema\Scene\UsualSize;

/** A straight stretch of the walls around a room, seen from in the room. In mm along it from its left end, and above the floor. */
final readonly class WallElevation
{
    /**
     * @param Segment                          $face     on plan, from its left end to its right
     * @param string                           $wall     id of the wall, or of the first of several in one line
     * @param bool                             $isOpen   there is a boundary and no wall
     * @param list<array{float, float}>        $ceiling  the line of the ceiling, from left to right; empty: nobody said how high it is
     * @param list<ElevationOpening>           $openings from left to right
     * @param list<ElevationFixture>             $fixtures   what stands before the wall first, what is at it last
     * @param list<array{float, float, float}> $soffits  left, right and underside
     * @param float|null                       $tiles    how high it is tiled
     * @param array{float|null, float|null}    $cuts     how thick the walls are that are cut at its left and its right end, mm;
     *                                                   null: one does not look at both at once there
     * @param list<string>                     $unknown  names of what is there and of which nobody said how high
     */
    public function __construct(
        public Segment $face,
        public string $wall,
        public bool $isOpen,
        public array $ceiling,
        public array $openings,
        public array $fixtures,
        public array $soffits,
        public ?float $tiles,
        public array $cuts,
        public array $unknown,
    ) {}

    public function length(): float
    {
        return $this->face->length();
    }

    /** How high it is drawn, mm: to the highest of its ceiling, or of what is there where nobody said that. */
    public function height(): float
    {
        return $this->ceiling !== [] ? max(array_column($this->ceiling, 1)) : max([
            UsualSize::HEIGHT,
            ...array_map(static fn(ElevationOpening $one): float => $one->head ?? 0.0, $this->openings),
            ...array_map(static fn(ElevationFixture $one): float => $one->top(), $this->fixtures),
        ]);
    }
}
