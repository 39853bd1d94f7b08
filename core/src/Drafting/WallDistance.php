<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Segment;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\WallSide;
use Heurema\Spatial\WallDatum;

/** The distance from a wall to another that it looks at across a room. */
final readonly class WallDistance
{
    /** @param Segment $faces from face to face, where the two overlap */
    public function __construct(
        public Wall $wall,
        public Wall $other,
        public WallSide $side,
        public Segment $faces,
        public ?string $room,
    ) {}

    /** In mm, between the chosen lines of the two walls. */
    public function of(WallDatum $datum): float
    {
        return $datum->between($this->wall, $this->other);
    }

    /** By how much to the left the wall itself goes, in mm, to bring the distance to a value. */
    public function moveOwn(float $wanted, WallDatum $datum): float
    {
        $closer = $this->of($datum) - $wanted;

        return $this->side === WallSide::Left ? $closer : -$closer;
    }

    /** By how much to its left the other wall goes for that. */
    public function moveOther(float $wanted, WallDatum $datum): float
    {
        $closer = $this->of($datum) - $wanted;

        return $this->other->line()->leftOf($this->wall->line()->middle()) > 0 ? $closer : -$closer;
    }
}
