<?php

declare(strict_types=1);

namespace Heurema\Geometry;

use Heurema\Units\Quantity;

/** When places on a plan agree, in mm. */
final class Tolerance
{
    /** Points, lines and lengths closer than this are the same. */
    public const TOUCH = Quantity::SAME_LENGTH;

    /** A stretch that leans by no more than this from end to end runs straight along or across. */
    public const UPRIGHT = 0.01;

    /**
     * An edge that leans a little against the side of a strip of floor grazes it where it reaches in by no more than this: walls
     * that are turned and drawn to a tenth of a millimetre lean by as much.
     */
    public const GRAZE = 0.5;

    /** An edge that leans by no more than this from end to end runs exactly along or across; what it reaches in is meant. */
    private const EXACT = 0.001;

    /** What runs exactly along the side of a way that something moves, and reaches in by no more than this, stands beside it. */
    public const ASIDE = 0.22;

    /**
     * How far an edge may reach into the side of a strip without standing in it.
     *
     * @param float $along from one end of the edge to the other, along the strip
     * @param float $aside the same across it
     */
    public static function ofEdge(float $along, float $aside): float
    {
        return min(abs($along), abs($aside)) > self::EXACT ? self::GRAZE : self::TOUCH;
    }
}
