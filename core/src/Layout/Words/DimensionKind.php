<?php

declare(strict_types=1);

namespace Heurema\Layout\Words;

/** What a dimension that was placed by hand tells. */
enum DimensionKind: string
{
    case Length = 'length';
    case Radius = 'radius';
    /** Between two walls. */
    case Angle = 'angle';
}
