<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;

/** A side of the rectangle around a plan, as it lies on the sheet, in the order in which sides are listed. */
enum PlanSide: string
{
    case Bottom = 'bottom';
    case Right = 'right';
    case Top = 'top';
    case Left = 'left';

    /**
     * @param float $turn how far the rectangle is turned from the sheet, degrees
     *
     * @return Point away from the plan, of length 1
     */
    public function outward(float $turn = 0.0): Point
    {
        return Point::towards($turn + match ($this) {
            self::Bottom => -90.0,
            self::Right => 0.0,
            self::Top => 90.0,
            self::Left => 180.0,
        });
    }

    /** Does it run across the sheet, rather than up it? */
    public function isAcross(): bool
    {
        return $this === self::Bottom || $this === self::Top;
    }
}
