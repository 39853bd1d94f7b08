<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Language\Text;
use Heurema\Layout\DrawnDimension;
use Heurema\Layout\Words\DimensionKind;

/** The copy of a dimension: between the copies of what it measures; ends at anything else stay where they are. */
final class CopiedDimension
{
    /**
     * @param array<string, string> $newIds of copies, by what they are copies of
     *
     * @throws RefusedEdit where an angle would be left without its walls
     */
    public static function of(DrawnDimension $copy, array $newIds): DrawnDimension
    {
        if ($copy->kind === DimensionKind::Angle && array_diff($copy->measures(), array_keys($newIds)) !== []) {
            throw new RefusedEdit(Text::of('An angle is copied together with the two walls that it is between.'));
        }

        return $copy->between($newIds);
    }
}
