<?php

declare(strict_types=1);

namespace Heurema\Scene;

use Heurema\Geometry\Overlap;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Layout\SlopedCeiling;

/** The planes of a ceiling over a piece of the plan, parted at the ridge. In mm above the floor. */
final class CeilingSurface
{
    /** Two slopes are one where they run apart by less, mm in mm. */
    private const SAME_SLOPE = 1e-9;

    /** @return list<array{Polygon, Surface}> */
    public static function over(float|SlopedCeiling $ceiling, Polygon $piece): array
    {
        if (!$ceiling instanceof SlopedCeiling) {
            return [[$piece, Surface::level($ceiling)]];
        }
        $surfaces = array_map(self::surface(...), $ceiling->slopes());
        if (count($surfaces) === 1) {
            return [[$piece, $surfaces[0]]];
        }
        $parts = [];
        foreach ($surfaces as $number => $surface) {
            foreach (self::below($surface, $surfaces[1 - $number], $piece) as $part) {
                $parts[] = [$part, $surface];
            }
        }

        return $parts;
    }

    private static function surface(SlopedCeiling $slope): Surface
    {
        $run = $slope->to->minus($slope->from);

        return Surface::sloped($slope->low, $slope->from, $run->unit()->times(($slope->high - $slope->low) / $run->length()));
    }

    /** @return list<Polygon> where a surface is the lower of two */
    public static function below(Surface $surface, Surface $other, Polygon $piece): array
    {
        $rise = $surface->gradient->minus($other->gradient);
        if ($rise->length() < self::SAME_SLOPE) {
            return $surface === $other ? [$piece] : [];
        }
        $middle = $piece->bounds()->middle();
        $ridge = $middle->minus($rise->times(($surface->at($middle) - $other->at($middle)) / $rise->dot($rise)));
        $far = $piece->bounds()->width() + $piece->bounds()->height() + $ridge->distanceTo($middle);
        $along = new Point(-$rise->y, $rise->x);
        $base = $along->unit()->times(-2 * $far);

        return Overlap::parts($piece, Ring::rectangle($ridge->plus($along->unit()->times($far)), $base, $rise->unit()->times(-2 * $far)));
    }
}
