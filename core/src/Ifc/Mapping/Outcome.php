<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

/** What became of an element of a file. */
enum Outcome: string
{
    case Taken = 'taken';
    case Simplified = 'simplified';
    case LeftOut = 'left_out';
}
