<?php

declare(strict_types=1);

namespace Heurema\Drafting;

/** What becomes of walls in one line with a wall that is moved. */
enum CollinearWalls: string
{
    case Follow = 'follow';
    case Stay = 'stay';
}
