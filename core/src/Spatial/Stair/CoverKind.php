<?php

declare(strict_types=1);

namespace Heurema\Spatial\Stair;

/** What hangs over a stair. */
enum CoverKind
{
    case Floor;
    case CeilingUnderFloor;
    case CeilingUnderRoof;
    case Soffit;
    case Stair;

    /** The edge of an opening in it may come in over the ends of treads where a code lets it. */
    public function isCutByOpenings(): bool
    {
        return $this === self::Floor || $this === self::CeilingUnderFloor;
    }
}
