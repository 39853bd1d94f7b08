<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;

/** The floor at a fixture that its user needs. */
final class ClearFloor
{
    /** Before the middle of its front. The fixture's depth is known. */
    public static function before(PlacedFixture $fixture, float $width, float $depth): Ring
    {
        $frame = $fixture->frame;
        $corner = $frame->toPlan(new Point(-$width / 2, $fixture->fixture->depth ?? 0.0));

        return Ring::rectangle($corner, $frame->xAxis->times($width), $frame->yAxis->times($depth));
    }

    /** What is inside a shell of some thickness. The fixture's size is known. */
    public static function inside(PlacedFixture $fixture, float $shell): Ring
    {
        $frame = $fixture->frame;
        [$width, $depth] = [$fixture->fixture->width ?? 0.0, $fixture->fixture->depth ?? 0.0];

        return Ring::rectangle(
            $frame->toPlan(new Point(-$width / 2 + $shell, $shell)),
            $frame->xAxis->times($width - 2 * $shell),
            $frame->yAxis->times($depth - 2 * $shell),
        );
    }

    /**
     * Around the fixture, from the wall behind it and from the wall beside it.
     *
     * @param float $beside from the fixture's middle to the side wall, mm, positive along its frame's x
     */
    public static function inCorner(PlacedFixture $fixture, float $beside, float $width, float $depth): Ring
    {
        $frame = $fixture->frame;
        $corner = $frame->toPlan(new Point($beside, 0));

        return Ring::rectangle($corner, $frame->xAxis->times($beside > 0 ? -$width : $width), $frame->yAxis->times($depth));
    }
}
