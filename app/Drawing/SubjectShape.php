<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Point;
use Heurema\Layout\Wall;
use Heurema\Spatial\ClosedSpace;
use Heurema\Spatial\HungSoffit;
use Heurema\Spatial\JoinedWall;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\PlacedRamp;
use Heurema\Spatial\PlacedTapedDistance;
use Heurema\Spatial\PlacedWall;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Stair\Step;
use Heurema\Spatial\StandingGuard;
use Heurema\Spatial\Subject\Subject;

/** Where on the plan a subject lies. */
final class SubjectShape
{
    /** @return list<Point> corners of what it takes there; empty where it is of a whole storey, or of the home */
    public static function points(Subject $subject): array
    {
        return match (true) {
            $subject instanceof RoomSpace => $subject->outline()->outer->points ?? [$subject->room->at],
            $subject instanceof ClosedSpace => $subject->space->outline->outer->points,
            $subject instanceof PlacedOpening => self::opening($subject),
            $subject instanceof PlacedFixture => $subject->outline->points ?? [$subject->fixture->at],
            $subject instanceof PlacedStair => array_merge(
                [$subject->stair->start],
                ...array_map(static fn(Step $step): array => $step->outline->points, $subject->shape->steps),
            ),
            $subject instanceof PlacedRamp => $subject->shape->corners(),
            $subject instanceof PlacedWall => self::wall($subject->wall),
            $subject instanceof HungSoffit => $subject->soffit->outline->points,
            $subject instanceof StandingGuard => $subject->guard->line,
            $subject instanceof PlacedTapedDistance => [$subject->drawn()->from, $subject->drawn()->to],
            default => [],
        };
    }

    /** @return list<Point> */
    private static function opening(PlacedOpening $opening): array
    {
        $half = $opening->wall->thickness / 2;

        return $opening->roof?->outline()->points ?? [
            $opening->spanAt($half)->from, $opening->spanAt($half)->to, $opening->spanAt(-$half)->to, $opening->spanAt(-$half)->from,
        ];
    }

    /** @return list<Point> */
    private static function wall(Wall $wall): array
    {
        return (new JoinedWall($wall, $wall->line()))->body()->points;
    }
}
