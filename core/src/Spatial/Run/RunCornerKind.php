<?php

declare(strict_types=1);

namespace Heurema\Spatial\Run;

/** What stands in an inner corner of a run. */
enum RunCornerKind: string
{
    /** Nothing: the fronts of both legs begin beside it. */
    case Open = 'open';
    /** A unit of one leg reaches in behind the other one. */
    case Blind = 'blind';
    /** A unit whose front is cut off between those of both legs. */
    case Diagonal = 'diagonal';
}
