<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Box;
use Heurema\Geometry\Frame;
use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Layout\Fixture;

/** Gives a fixture an outline that is no rectangle, or a rectangle again. In mm; its own x runs along its back, y out of its front. */
final class FixtureOutline
{
    /** Which way a fixture faces whose back is a stretch with the fixture on its left, degrees. */
    public static function facing(Segment $back): float
    {
        return $back->direction()->left()->degrees();
    }

    /** As its corners lie on the plan. */
    public static function onPlan(Fixture $fixture, Ring $outline): Fixture
    {
        $frame = Frame::facing($fixture->at, Point::towards($fixture->facing));

        return self::own($fixture, array_map($frame->fromPlan(...), $outline->points));
    }

    /** @param non-empty-list<Point> $corners in its own frame, its back at y = 0 */
    public static function own(Fixture $fixture, array $corners): Fixture
    {
        $round = static fn(Point $point): Point => new Point(round($point->x, 4) + 0.0, round($point->y, 4) + 0.0);
        $corners = (new Ring(array_map($round, $corners)))->counterClockwise()->points;
        $box = Box::around($corners);

        return $fixture->withOutline($corners, round($box->width(), 4), round($box->height(), 4));
    }

    /** A circle about the same middle, with so many corners that it is nowhere off by more than the tolerance of lengths. */
    public static function round(Fixture $fixture, float $radius): Fixture
    {
        $corners = 4 * (int) ceil(M_PI / 4 / acos(max(-1.0, 1 - Tolerance::TOUCH / $radius)));
        $placed = self::aroundItsMiddle($fixture, 2 * $radius);

        return self::own($placed, Ring::circle(new Point(0, $radius), $radius, $corners)->points);
    }

    /** The rectangle of its width and depth. */
    public static function rectangle(Fixture $fixture): Fixture
    {
        return $fixture->withOutline(null, $fixture->width, $fixture->depth);
    }

    /** Another depth, its middle where it was. */
    private static function aroundItsMiddle(Fixture $fixture, float $depth): Fixture
    {
        $was = $fixture->depth ?? 0.0;

        return $fixture->placed($fixture->at->plus(Point::towards($fixture->facing)->times(($was - $depth) / 2)), $fixture->facing);
    }
}
