<?php

declare(strict_types=1);

namespace Heurema\Layout\Words;

/** The shape of a stair. */
enum StairKind: string
{
    case Straight = 'straight';
    case Winding = 'winding';
    case Spiral = 'spiral';
}
