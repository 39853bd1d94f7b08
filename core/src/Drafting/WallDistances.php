<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\WallSide;
use Heurema\Spatial\Space;
use Heurema\Spatial\SpaceSide;
use Heurema\Spatial\StoreyPlan;

/** The dimensions that a wall carries: to the nearest parallel wall across each room that it borders. */
final readonly class WallDistances
{
    /** Faces overlap by at least this, in mm, to look at each other. */
    private const OVERLAP = 10.0;

    /** @return list<WallDistance> */
    public static function of(StoreyPlan $plan, Wall $wall): array
    {
        $found = [];
        foreach ($plan->spaces as $space) {
            foreach (self::across($space, $wall) as $distance) {
                $key = $distance->other->id.$distance->side->value;
                $found[$key] ??= $distance;
            }
        }

        return array_values($found);
    }

    /** @return list<WallDistance> at most one for each side of the wall that the space lies on */
    private static function across(Space $space, Wall $wall): array
    {
        $nearest = [];
        foreach ($space->sides as $side) {
            foreach ($side->wall === $wall && self::isFace($side) ? $space->sides : [] as $facing) {
                $faces = $facing->wall === $wall || !self::isFace($facing) ? null : self::between($side, $facing);
                $where = $wall->line()->leftOf($side->segment->middle()) > 0 ? WallSide::Left : WallSide::Right;
                $known = $nearest[$where->value] ?? null;
                if ($faces !== null && ($known === null || $faces->length() < $known->faces->length())) {
                    $nearest[$where->value] = new WallDistance(
                        $wall,
                        $facing->wall,
                        $where,
                        $faces,
                        count($space->rooms) === 1 ? $space->rooms[0]->name : null,
                    );
                }
            }
        }

        return array_values($nearest);
    }

    /** A face along the wall: moving a wall sideways brings its ends no nearer to anything. */
    private static function isFace(SpaceSide $side): bool
    {
        return $side->segment->length() >= Tolerance::TOUCH
            && abs($side->segment->direction()->cross($side->wall->line()->direction())) < 1e-3;
    }

    /** From a fifth of where two faces overlap, across, the middle being left to labels; null when they do not look at each other. */
    private static function between(SpaceSide $side, SpaceSide $facing): ?Segment
    {
        $line = $side->segment;
        if (abs($line->direction()->cross($facing->segment->direction())) > 1e-3) {
            return null;
        }
        [$first, $second] = [$line->along($facing->segment->from), $line->along($facing->segment->to)];
        [$from, $to] = [max(0.0, min($first, $second)), min($line->length(), max($first, $second))];
        $away = $line->leftOf($facing->segment->middle());
        if ($to - $from < self::OVERLAP || $away < 1.0) {
            return null;
        }
        $start = $line->at($from + ($to - $from) / 5);

        return new Segment($start, $start->plus($line->direction()->left()->times($away)));
    }
}
