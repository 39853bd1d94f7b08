<?php

declare(strict_types=1);

namespace Heurema\Measure\Stair;

use Heurema\Geometry\Segment;
use Heurema\Layout\Flight;
use Heurema\Layout\Landing;
use Heurema\Layout\Winders;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Stair\Step;

/** Tapered treads, as they are measured across. */
final class Tapered
{
    /** Does the shape end before tapered treads that the stair has? */
    public static function isUndrawn(PlacedStair $stair): bool
    {
        return $stair->shape->head === null
            && array_filter($stair->stair->parts, static fn(Flight|Landing|Winders $part): bool => $part instanceof Winders) !== [];
    }

    /** From riser to riser where both cross a line that runs in a distance from the inner side. */
    public static function across(PlacedStair $stair, Step $step, float $fromInner): Segment
    {
        $turn = $stair->shape->turns[$step->part] ?? null;
        // the inner side is where the risers come together
        $isLeft = $step->front->from->distanceTo($step->back->from) <= $step->front->to->distanceTo($step->back->to);
        [$front, $back] = $isLeft ? [$step->front, $step->back] : [$step->front->reversed(), $step->back->reversed()];
        if ($turn === null) {
            return new Segment($front->at($fromInner), $back->at($fromInner));
        }
        $first = array_values(array_filter($stair->shape->steps, static fn(Step $other): bool => $other->part === $step->part))[0];
        $number = $step->risers - $first->risers;

        return new Segment(
            $front->at($turn->inner($number)->distanceTo($turn->at($number, $fromInner))),
            $back->at($turn->inner($number + 1)->distanceTo($turn->at($number + 1, $fromInner))),
        );
    }
}
