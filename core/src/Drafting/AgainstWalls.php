<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Frame;
use Heurema\Geometry\FreeGaps;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Space;
use Heurema\Spatial\SpaceSide;
use Heurema\Spatial\StoreyPlan;

/**
 * Puts a fixture's back against a face near it, on the side of the wall that was pointed at, and away from the walls at its sides. In a
 * wall the nearest face counts, a room's first. Where it does not fit along a face the next one is tried; at last it stands off the
 * nearest.
 */
final readonly class AgainstWalls
{
    /** What is nearer to a fixture's side than this, in mm, draws it to itself. */
    public const REACH = 300.0;

    /** Of two faces as near the one in a room counts, which may be as much farther, mm. */
    private const ROOM_FIRST = 10.0;

    /** So much of a fixture's back, or of a short face, lies on the face that it stands against. */
    private const LEANS = 0.25;

    /** What is this near to a wall, mm, stands at it. */
    private const TOUCHES = 1.0;

    /** How a fixture is moved off a face until it fits, mm. */
    private const STEP = 10.0;
    private const FARTHEST_OFF = 1500.0;

    public function __construct(private StoreyPlan $plan) {}

    /**
     * @param Point $at    the middle of the fixture, or what was pointed at
     * @param float $reach how far its nearest side may be from the face, mm
     *
     * @return PlacedAgainstWall|null null when no face is near enough, or none has room for it
     */
    public function of(Point $at, float $width, float $depth, float $reach = self::REACH): ?PlacedAgainstWall
    {
        $faces = array_filter($this->facesNear($at), static fn(array $face): bool => $face[0] <= max($width, $depth) / 2 + $reach);
        foreach ($faces as [, $side, $floor]) {
            $settled = $this->against($side, $floor, $at, $width, $depth, 0.0);
            if ($settled !== null) {
                return $settled;
            }
        }
        foreach ($faces === [] ? [] : range(self::STEP, self::FARTHEST_OFF, self::STEP) as $off) {
            $settled = $this->against($faces[0][1], $faces[0][2], $at, $width, $depth, $off);
            if ($settled !== null) {
                return $settled;
            }
        }

        return null;
    }

    /** Where the back of a fixture comes that faces a way and is to keep its middle: out of walls, and against the one behind it. */
    public function facing(Point $middle, float $facing, float $width, float $depth): Point
    {
        $way = Point::towards($facing);
        $floor = $this->spaceAt($middle)?->outline;
        if ($floor !== null) {
            $middle = $middle->plus($way->left()->times($this->shift($floor, Frame::along($middle, $way), $depth, $width, 0.0)));
            $middle = $middle->plus($way->times(-$this->shift(
                $floor,
                Frame::facing($middle, $way->times(-1)),
                $width,
                $depth,
                self::REACH,
            )));
        }
        $back = $middle->minus($way->times($depth / 2));

        return new Point(round($back->x, 4), round($back->y, 4));
    }

    /** Where the back of a fixture comes that gets another width: what stands in a corner stays in it. */
    public function resized(PlacedFixture $placed, float $width): Point
    {
        [$was, $depth] = [$placed->fixture->width ?? $width, $placed->fixture->depth ?? 0.0];
        $frame = Frame::along($placed->frame->origin, $placed->frame->yAxis);
        $floor = $this->spaceAt($frame->toPlan(new Point($depth / 2, 0)))?->outline;
        foreach ($floor === null ? [] : (new FreeGaps($floor, $frame))->over(0.0, $depth) as [$low, $high]) {
            [$atLow, $atHigh] = [abs($low + $was / 2) <= self::TOUCHES, abs($high - $was / 2) <= self::TOUCHES];
            if ($atLow !== $atHigh) {
                $back = $frame->toPlan(new Point(0, $atLow ? $low + $width / 2 : $high - $width / 2));

                return new Point(round($back->x, 4), round($back->y, 4));
            }
        }

        return $placed->fixture->at;
    }

    /**
     * How far along a frame's y a fixture in its middle goes to lie free, and against what is near above it; 0 where it fits nowhere.
     *
     * @param float $across the fixture's size along x, mm
     * @param float $along  its size along y
     */
    private function shift(Polygon $floor, Frame $frame, float $across, float $along, float $reach): float
    {
        foreach ((new FreeGaps($floor, $frame))->over(-$across / 2, $across / 2) as [$low, $high]) {
            if ($low < 0 && $high > 0 && $high - $low >= $along) {
                $top = min($high, max($along / 2, $low + $along));

                return ($high - $top <= $reach ? $high : $top) - $along / 2;
            }
        }

        return 0.0;
    }

    /** With its back as far off a face as said; null where it does not fit there. */
    private function against(SpaceSide $side, ?Polygon $floor, Point $at, float $width, float $depth, float $off): ?PlacedAgainstWall
    {
        $along = $side->segment->direction();
        $out = $along->left();
        $foot = $side->segment->closestTo($at);
        if ($floor === null) {
            return self::settled($foot->plus($out->times($off)), $out);
        }
        [$start, $end] = [-$side->segment->along($foot), $side->segment->length() - $side->segment->along($foot)];
        $best = null;
        foreach ((new FreeGaps($floor, Frame::along($foot, $out)))->over($off, $off + $depth) as [$low, $high]) {
            // y runs along the face's left-hand normal's left: against the face's own direction
            $place = min(max(0.0, $low + $width / 2), $high - $width / 2);
            $leans = min($end, -$place + $width / 2) - max($start, -$place - $width / 2);
            if (
                $high - $low >= $width - 1e-6
                && $leans >= self::LEANS * min($width, $end - $start)
                && ($best === null || abs($place) < abs($best))
            ) {
                $best = $place;
            }
        }

        return $best === null ? null : self::settled($foot->plus($out->times($off))->minus($along->times($best)), $out);
    }

    private static function settled(Point $back, Point $out): PlacedAgainstWall
    {
        return new PlacedAgainstWall(
            new Point(round($back->x, 4), round($back->y, 4)),
            $out->degrees(),
        );
    }

    /** @return list<array{float, SpaceSide, Polygon|null}> the distance of each, the nearest first, and the floor before it */
    private function facesNear(Point $at): array
    {
        $space = $this->spaceAt($at);
        $faces = [];
        foreach ($space !== null ? [$space] : $this->plan->spaces as $one) {
            foreach ($one->sides as $side) {
                if (!$side->isOpen() && $side->segment->length() > 1.0) {
                    $faces[] = [$side->segment->distanceTo($at), $side, $one->outline];
                }
            }
        }
        foreach ($space !== null ? [] : $this->plan->outsideSides() as $side) {
            $faces[] = [$side->segment->distanceTo($at) + self::ROOM_FIRST, $side, null];
        }
        usort($faces, static fn(array $one, array $other): int => $one[0] <=> $other[0]);

        // on this side of the wall
        return array_values(array_filter($faces, static fn(array $face): bool => $face[2] === $faces[0][2]));
    }

    private function spaceAt(Point $at): ?Space
    {
        foreach ($this->plan->spaces as $space) {
            if ($space->outline->contains($at)) {
                return $space;
            }
        }

        return null;
    }
}
