<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Box;
use Heurema\Geometry\ConvexClip;
use Heurema\Geometry\Overlap;
use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\Cover;
use Heurema\Spatial\Stair\StepKind;

/** The lowest place over a stair: from the line over its nosings, from its landings and from the floor at its foot and head. */
final readonly class Headroom
{
    /** How much of the floor at its foot and head counts, mm, where it is no wider: 36 in. */
    private const LANDING = 914.4;


    private function __construct(public float $height, public Point $at, public float $from, public string $under) {}

    /**
     * @param float $sideEdge how far the edges of floor openings may come in over the ends of treads, mm
     * @param bool  $inMiddle only over the middle of its width
     */
    public static function lowest(Climb $climb, StairCovers $covers, float $sideEdge = 0.0, bool $inMiddle = false): ?self
    {
        $lowest = null;
        // from the top down, so that what is lowest is met early
        foreach (array_reverse(self::pieces($climb, $sideEdge, $inMiddle, $covers->touch)) as [$ring, $narrowed, $nosingLine, $highest]) {
            foreach ($covers->found as $cover) {
                if ($lowest !== null && $cover->floorOfHeights() - $highest >= $lowest->height) {
                    break;
                }
                foreach (self::under($cover, $cover->kind->isCutByOpenings() ? $narrowed : $ring, $covers->touch) as $points) {
                    $lowest = self::lower($lowest, $cover, $points, array_map($nosingLine, $points));
                }
            }
        }

        return $lowest;
    }

    /**
     * The lower of what is known and of what is left under a cover at some points; what stands on the cover is not under it.
     *
     * @param list<Point> $points corners of a part of a step
     * @param list<float> $levels of the line over the nosings there
     */
    private static function lower(?self $lowest, Cover $cover, array $points, array $levels): ?self
    {
        if (min([INF, ...$levels]) >= $cover->top - 1) {
            return $lowest;
        }
        foreach ($points as $number => $point) {
            $height = $cover->height($point) - $levels[$number];
            if ($lowest === null || $height < $lowest->height) {
                $lowest = new self($height, $point, $levels[$number], $cover->name);
            }
        }

        return $lowest;
    }

    /** Everything that has to be clear above, on plan. */
    public static function reach(Climb $climb): Ring
    {
        $points = array_merge(...array_map(static fn(array $piece): array => $piece[0]->points, self::pieces($climb, 0.0, false, 0.0)));
        $box = Box::around($points === [] ? [$climb->stair->stair->start] : $points);

        return Ring::rectangle(new Point($box->left, $box->bottom), new Point($box->width(), 0), new Point(0, $box->height()));
    }

    /**
     * @return list<array{Ring, Ring, callable(Point): float, float}> outline, the same without the ends of treads, height of the line over
     *                                                                the nosings and its highest
     */
    private static function pieces(Climb $climb, float $sideEdge, bool $inMiddle, float $touch): array
    {
        $shape = $climb->stair->shape;
        $pieces = [];
        foreach ($shape->steps as $step) {
            $middle = $step->front->length() / 2 - 0.5;
            $line = static fn(Point $point): float => $climb->nosingLine($step, $point);
            $isLevel = $step->kind === StepKind::Landing;
            $whole = $inMiddle && !$isLevel ? $step->inset($middle) : $step->outline;
            $narrowed = $isLevel ? self::without($whole, $touch) : $step->inset($inMiddle ? $middle : max($touch, $sideEdge));
            $pieces[] = [
                $whole,
                $narrowed,
                $line,
                $step->kind === StepKind::Landing ? $climb->level($step) : $climb->levels[$step->risers + 1],
            ];
        }
        foreach ([[$shape->foot(), -1, 0.0], [$shape->head, 1, $climb->top()]] as [$edge, $way, $level]) {
            if ($edge !== null) {
                $floor = self::floorAt($edge, $way);
                $pieces[] = [$floor, self::without($floor, $touch), static fn(): float => $level, $level];
            }
        }

        return $pieces;
    }

    private static function floorAt(Segment $edge, int $way): Ring
    {
        $depth = min(self::LANDING, $edge->length());

        return Ring::rectangle($edge->from, $edge->vector(), $edge->direction()->left()->times($way * $depth))->counterClockwise();
    }

    /** A level outline without what its edges only touch. */
    private static function without(Ring $outline, float $touch): Ring
    {
        return ConvexClip::inset($outline->counterClockwise(), static fn(): float => $touch) ?? $outline;
    }

    /** @return list<list<Point>> corners of the parts of a piece that lie under a cover */
    private static function under(Cover $cover, Ring $ring, float $touch): array
    {
        if (!$cover->over->bounds()->overlaps($ring->bounds())) {
            return [];
        }
        $parts = array_filter(Overlap::parts($cover->over, $ring), static fn($part): bool => $part->thickness() > $touch);

        return array_values(array_map(
            static fn($part): array => array_merge(...array_map(static fn(Ring $ring): array => $ring->points, $part->rings())),
            $parts,
        ));
    }
}
