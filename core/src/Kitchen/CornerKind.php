<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

/** How two stretches meet in an inner corner, seen from in front of it. */
enum CornerKind: string
{
    /** A unit of the left stretch reaches into the corner behind the right one. */
    case BlindLeft = 'blind_left';
    /** A unit of the right stretch reaches into the corner behind the left one. */
    case BlindRight = 'blind_right';
    /** A unit stands in the corner, its front cut off between the fronts of both stretches. */
    case Diagonal = 'diagonal';
    /** Nothing stands in the corner. */
    case Open = 'open';
}
