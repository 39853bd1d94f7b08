<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

/** What an end of a row comes to. */
enum RowEnd
{
    case Wall;
    /** It stops along a wall, or as an island does. */
    case Free;
    /** Its last unit reaches into an inner corner, behind the next row. */
    case IntoCorner;
    /** It begins beside the fronts of the next row. */
    case BesideFronts;
    /** A diagonal unit stands in the corner, or the one of the next row does. */
    case DiagonalUnit;
    case BesideDiagonal;

    public static function of(bool $isClosed, ?CornerKind $corner, CornerKind $into): self
    {
        return match (true) {
            $corner === CornerKind::Diagonal => $into === CornerKind::BlindLeft ? self::DiagonalUnit : self::BesideDiagonal,
            $corner === $into => self::IntoCorner,
            $corner !== null => self::BesideFronts,
            $isClosed => self::Wall,
            default => self::Free,
        };
    }
}
