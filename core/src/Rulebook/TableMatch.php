<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

/** Which row of a table counts. */
enum TableMatch: string
{
    case From = 'from';
    case UpTo = 'up_to';
    case Exactly = 'exactly';
}
