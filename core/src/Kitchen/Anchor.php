<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

/** Where in a stretch something is wanted. */
enum Anchor: string
{
    case Anywhere = 'anywhere';
    case LeftEnd = 'left';
    case RightEnd = 'right';
    /** Its middle under the middle of a window. */
    case Window = 'window';
}
