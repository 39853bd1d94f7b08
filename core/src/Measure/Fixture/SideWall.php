<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Meeting;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Sweep;
use Heurema\Spatial\PlacedFixture;

/** The line from a fixture's middle to the nearer wall beside it. */
final class SideWall
{
    /** Null where no wall is beside it. */
    public static function line(PlacedFixture $fixture): ?Segment
    {
        $frame = $fixture->frame;
        $middle = $frame->toPlan(new Point(0, ($fixture->fixture->depth ?? 0.0) / 2));
        $hits = [];
        foreach ([$frame->xAxis, $frame->xAxis->times(-1)] as $direction) {
            $hits[] = $fixture->plan->mass->obstructions()->sweep(new Sweep($middle, $direction, -1.0, 1.0));
        }
        $hits = array_values(array_filter($hits));
        usort($hits, static fn(Meeting $a, Meeting $b): int => $a->distance <=> $b->distance);

        return isset($hits[0]) ? new Segment($middle, $hits[0]->line->to) : null;
    }
}
