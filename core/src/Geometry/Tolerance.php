<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** When places on a plan agree, in mm. */
final class Tolerance
{
    /** Points, lines and lengths closer than this are the same. */
    public const TOUCH = 0.05;

    /** A stretch that leans by no more than this from end to end runs straight along or across. */
    public const UPRIGHT = 0.01;

    /**
     * What reaches into the side of a strip of floor by no more than this grazes it: walls drawn to a tenth of a millimetre and
     * turned lean by as much.
     */
    public const GRAZE = 0.5;
}
