<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Overlap;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Spatial\Stair\PlacedStair;

/** The floor at the foot of a stair or at its head. */
final readonly class StairEnd
{
    /** The line over which one comes onto the stair or leaves it; the floor lies to its left. */
    public Segment $edge;

    /** @param StoreyPlan|null $plan null on open ground */
    private function __construct(Segment $edge, public ?StoreyPlan $plan, public PlacedStair $stair)
    {
        $this->edge = $edge;
    }

    public static function foot(PlacedStair $stair, Home $home): ?self
    {
        $edge = $stair->shape->foot();

        return $edge === null ? null : new self($edge->reversed(), $stair->from === null ? null : $home->plans[$stair->from->id], $stair);
    }

    public static function head(PlacedStair $stair, Home $home): ?self
    {
        $edge = $stair->shape->head;

        return $edge === null ? null : new self($edge, $home->plans[$stair->to->id], $stair);
    }

    /** The floor before the edge, as wide as the stair, as one walks onto it. */
    public function floor(float $depth): Ring
    {
        return Ring::rectangle($this->edge->from, $this->edge->vector(), $this->edge->direction()->left()->times($depth));
    }

    public function room(): ?RoomSpace
    {
        return $this->plan?->roomAt($this->edge->offset(300)->middle());
    }

    /** How far one can walk straight on over the whole width before something stands in the way, up to a reach. */
    public function freeDepth(float $reach, Home $home): float
    {
        $zone = $this->plan === null ? null : FreeZone::of($this->floor($reach), $this->plan, $home);
        foreach ($zone->taken ?? [] as $part) {
            foreach ($part->outer->points as $point) {
                $reach = min($reach, $this->edge->leftOf($point));
            }
        }

        return Doorway::fromStart($reach);
    }

    /** How near the leaves of doors sweep, straight on from the edge; null where none comes within a reach. */
    public function leafDistance(float $reach, Home $home): ?float
    {
        $nearest = null;
        $floor = $this->floor($reach)->counterClockwise();
        foreach ($this->plan === null ? [] : $home->leavesNear($this->plan->storey->id, $floor->bounds()) as [, $leaf]) {
            foreach (Overlap::parts(new Polygon($leaf->sector), $floor) as $part) {
                $distance = min(array_map($this->edge->leftOf(...), $part->outer->points));
                $nearest = $part->thickness() > Tolerance::GRAZE ? min($nearest ?? $distance, $distance) : $nearest;
            }
        }

        return $nearest;
    }
}
