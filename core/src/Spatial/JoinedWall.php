<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Layout\Wall;

/** A wall with its centre line run to where it meets the others. */
final readonly class JoinedWall
{
    /** @param list<Segment> $ties lines by which a divider hangs together with another one beside its line */
    public function __construct(public Wall $wall, public Segment $line, public array $ties = []) {}

    public function halfThickness(): float
    {
        return $this->wall->thickness / 2;
    }

    /** The wall's body with square ends, counter-clockwise. */
    public function body(): Ring
    {
        $half = $this->halfThickness();
        $right = $this->line->offset(-$half);
        $left = $this->line->offset($half);

        return new Ring([$right->from, $right->to, $left->to, $left->from]);
    }

    /**
     * The direction in which the wall leaves a point on its line, or both where the point lies within it.
     *
     * @return list<Point> unit vectors
     */
    public function directionsFrom(Point $point): array
    {
        $direction = $this->line->direction();
        $along = $this->line->along($point);
        $directions = [];
        if ($along < $this->line->length() - WallJoints::SAME_POINT) {
            $directions[] = $direction;
        }
        if ($along > WallJoints::SAME_POINT) {
            $directions[] = $direction->times(-1);
        }

        return $directions;
    }
}
