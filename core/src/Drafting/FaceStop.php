<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Layout\Words\WallSide;
use Heurema\Spatial\SpaceSide;
use Heurema\Spatial\WallDatum;

/** Where a wall's face, or another of its lines, comes to lie along a dimension that runs across it. */
final class FaceStop
{
    /** @return Stop|null null when the wall does not stand square to the line */
    public static function along(Segment $line, SpaceSide $side, WallDatum $datum): ?Stop
    {
        if ($side->segment->length() < Tolerance::TOUCH || abs($side->segment->direction()->dot($line->direction())) > 1e-3) {
            return null;
        }
        $face = $line->along($side->segment->middle());
        if (abs($side->segment->direction()->cross($side->wall->line()->direction())) > 1e-3) {
            // the end of a wall: it goes nowhere when the wall is moved sideways
            return new Stop($face);
        }
        if ($datum === WallDatum::Finished) {
            return new Stop($face, $side->wall->id);
        }
        $wall = $side->wall->line();
        $where = $wall->leftOf($side->segment->middle()) > 0 ? WallSide::Left : WallSide::Right;
        $centre = $line->along($wall->middle());
        $out = $face >= $centre ? 1 : -1;

        return new Stop($centre + $out * $datum->offset($side->wall, $where), $side->wall->id);
    }
}
