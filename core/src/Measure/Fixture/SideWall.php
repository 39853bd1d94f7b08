<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Sweep;
use Heurema\Spatial\PlacedFixture;

/** The line from a fixture's middle, or the outermost of its basins, to the nearer wall beside it. */
final class SideWall
{
    /** Null where no wall is beside it. */
    public static function line(PlacedFixture $fixture): ?Segment
    {
        $frame = $fixture->frame;
        $depth = $fixture->fixture->depth ?? 0.0;
        $lines = [];
        foreach ([[$frame->xAxis, max($fixture->places())], [$frame->xAxis->times(-1), min($fixture->places())]] as [$direction, $place]) {
            $middle = $frame->toPlan(new Point($place, $depth / 2));
            $wall = $fixture->plan->mass->obstructions()->sweep(new Sweep($middle, $direction, -1.0, 1.0));
            if ($wall !== null) {
                $lines[] = new Segment($middle, $wall->line->to);
            }
        }
        usort($lines, static fn(Segment $a, Segment $b): int => $a->length() <=> $b->length());

        return $lines[0] ?? null;
    }
}
