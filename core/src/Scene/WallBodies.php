<?php

declare(strict_types=1);

namespace Heurema\Scene;

use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Layout\SlopedCeiling;
use Heurema\Layout\Wall;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\SpaceSide;
use Heurema\Spatial\StoreyPlan;

/** What the walls of a storey fill: each piece of it to one wall, and how high it goes. In mm. */
final class WallBodies
{
    /** So far from a wall's face one looks at what is beside it. */
    private const BESIDE = 20.0;

    /** A wall goes on up to a floor that is no farther above its ceiling. */
    private const UP_TO_FLOOR = 1000.0;

    /** @var array<string, list<Polygon>> by id of the wall */
    private array $pieces = [];

    private float $thickest;

    /** @param StoreyPlan|null $above the storey over it */
    public function __construct(private readonly StoreyPlan $plan, private readonly ?StoreyPlan $above)
    {
        $this->thickest = max([0.0, ...array_map(static fn(Wall $wall): float => $wall->thickness, $plan->storey->standingWalls())]);
        foreach ($plan->wallPieces() as $piece) {
            $wall = $this->owner($piece);
            if ($wall !== null) {
                $this->pieces[$wall->id][] = $piece;
            }
        }
    }

    /** @return list<Polygon> of a wall, none of another one's among them */
    public function of(Wall $wall): array
    {
        return $this->pieces[$wall->id] ?? [];
    }

    /** @return list<Segment> across a wall where the rooms beside it begin and end; none where all ceilings are alike */
    public function partings(Wall $wall): array
    {
        $line = $wall->line();
        $across = $line->direction()->left()->times($wall->thickness);
        $partings = [];
        foreach ($this->haveCeilingsOfTheirOwn() ? $this->plan->rooms : [] as $room) {
            foreach (array_filter($room->sides(), static fn(SpaceSide $side): bool => $side->wall === $wall) as $side) {
                foreach ([$side->segment->from, $side->segment->to] as $end) {
                    $at = $line->at($line->along($end));
                    $partings[] = new Segment($at->minus($across), $at->plus($across));
                }
            }
        }

        return $partings;
    }

    private function haveCeilingsOfTheirOwn(): bool
    {
        return array_filter(
            $this->plan->rooms,
            static fn(RoomSpace $room): bool => $room->room->ceiling !== null || $room->level() !== 0.0,
        ) !== [];
    }

    /** How high above the floor a piece of a wall goes: as was said of the wall, else as the highest ceiling beside it does. */
    public function top(Wall $wall, Polygon $piece): float|SlopedCeiling
    {
        if ($wall->height !== null) {
            return $wall->height;
        }
        $middle = self::inside($piece);
        [$top, $height] = [null, -INF];
        foreach ($this->roomsBeside($wall, $middle) as $room) {
            $clear = $room->ceiling();
            $ceiling = match (true) {
                $clear instanceof SlopedCeiling => $clear->raised($room->level()),
                $clear === null => null,
                default => $clear + $room->level(),
            };
            $there = $ceiling instanceof SlopedCeiling ? $ceiling->heightAt($middle) : $ceiling;
            if ($there !== null && $there > $height) {
                [$top, $height] = [$ceiling, $there];
            }
        }
        $top ??= $this->plan->storey->ceiling ?? UsualSize::HEIGHT;

        return $top instanceof SlopedCeiling ? $top : $this->upToFloor($top, $middle);
    }

    /** The wall that a piece lies in; of what fills a corner, the nearest, of two as near the one that was drawn first. */
    private function owner(Polygon $piece): ?Wall
    {
        $at = self::inside($piece);
        [$nearest, $least] = [null, INF];
        foreach ($this->plan->storey->standingWalls() as $wall) {
            $distance = $wall->isOpenBoundary() ? INF : $wall->line()->distanceTo($at) - $wall->thickness / 2;
            if ($distance < $least - Tolerance::TOUCH) {
                [$nearest, $least] = [$wall, $distance];
            }
        }

        return $nearest;
    }

    /** @return list<RoomSpace> at its two sides; around a corner, what lies there */
    private function roomsBeside(Wall $wall, Point $middle): array
    {
        $line = $wall->line();
        $axis = $line->at($line->along($middle));
        $out = $line->direction()->left();
        $across = $out->times($wall->thickness / 2 + self::BESIDE);
        $beside = $this->rooms([$axis->plus($across), $axis->minus($across)]);
        if ($beside !== []) {
            return $beside;
        }
        [$across, $along] = [$out->times($this->thickest / 2 + self::BESIDE), $line->direction()->times($this->thickest + self::BESIDE)];

        return $this->rooms([
            $axis->plus($across)->plus($along), $axis->plus($across)->minus($along),
            $axis->minus($across)->plus($along), $axis->minus($across)->minus($along),
        ]);
    }

    /**
     * @param list<Point> $places
     *
     * @return list<RoomSpace>
     */
    private function rooms(array $places): array
    {
        return array_values(array_filter(array_map($this->plan->roomAt(...), $places)));
    }

    private function upToFloor(float $top, Point $at): float
    {
        $above = $this->above?->storey;
        $floor = $this->plan->storey->elevation;
        if ($this->above === null || $above?->elevation === null || $floor === null) {
            return $top;
        }
        $under = $above->elevation - ($above->floorThickness ?? UsualSize::FLOOR) - $floor;
        $isCovered = array_filter($this->above->mass->slab(), static fn(Polygon $slab): bool => $slab->contains($at)) !== [];

        return $isCovered && $under > $top && $under - $top <= self::UP_TO_FLOOR ? $under : $top;
    }

    /** The centre of a piece, however it lies on the sheet; where that is outside of it, the middle of the largest triangle of it. */
    private static function inside(Polygon $piece): Point
    {
        [$largest, $most, $sum, $whole] = [$piece->bounds()->middle(), 0.0, new Point(0.0, 0.0), 0.0];
        foreach (Triangulation::of($piece) as [$a, $b, $c]) {
            $area = $b->minus($a)->cross($c->minus($a));
            $middle = $a->plus($b)->plus($c)->times(1 / 3);
            [$largest, $most] = $area > $most ? [$middle, $area] : [$largest, $most];
            [$sum, $whole] = [$sum->plus($middle->times($area)), $whole + $area];
        }
        $centre = $whole > 0.0 ? $sum->times(1 / $whole) : $largest;

        return $piece->contains($centre) ? $centre : $largest;
    }
}
