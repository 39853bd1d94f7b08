<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Layout\Words\DoorOperation;
use Heurema\Layout\Words\WindowOperation;

/** How doors and windows open, by the words of the standard. */
final class Panels
{
    private const DOORS = [
        'SINGLE_SWING' => DoorOperation::Hinged, 'DOUBLE_SWING' => DoorOperation::Hinged, 'SWING_FIXED' => DoorOperation::Hinged,
        'DOUBLE_DOOR_SINGLE_SWING' => DoorOperation::DoubleHinged, 'DOUBLE_DOOR_DOUBLE_SWING' => DoorOperation::DoubleHinged,
        'DOUBLE_DOOR_SINGLE_SWING_OPPOSITE' => DoorOperation::DoubleHinged, 'DOUBLE_PANEL_SINGLE_SWING' => DoorOperation::DoubleHinged,
        'DOUBLE_PANEL_DOUBLE_SWING' => DoorOperation::DoubleHinged, 'SLIDING_TO' => DoorOperation::Sliding,
        'SLIDING' => DoorOperation::Sliding,
        'DOUBLE_DOOR_SLIDING' => DoorOperation::Sliding, 'DOUBLE_PANEL_SLIDING' => DoorOperation::Sliding,
        'FOLDING_TO' => DoorOperation::Folding,
        'DOUBLE_DOOR_FOLDING' => DoorOperation::Folding, 'DOUBLE_PANEL_FOLDING' => DoorOperation::Folding,
        'ROLLINGUP' => DoorOperation::Overhead,
        'LIFTING_HORIZONTAL' => DoorOperation::Overhead,
    ];
    private const WINDOWS = [
        'SIDEHUNG' => WindowOperation::Casement, 'TILTANDTURN' => WindowOperation::TiltTurn, 'TOPHUNG' => WindowOperation::Awning,
        'BOTTOMHUNG' => WindowOperation::Hopper, 'PIVOTHORIZONTAL' => WindowOperation::Pivot, 'PIVOTVERTICAL' => WindowOperation::Pivot,
        'SLIDINGHORIZONTAL' => WindowOperation::Sliding, 'SLIDINGVERTICAL' => WindowOperation::DoubleHung,
        'FIXEDCASEMENT' => WindowOperation::Fixed,
        'REMOVABLECASEMENT' => WindowOperation::Fixed,
    ];

    /** @param string|null $word such as `SINGLE_SWING_LEFT` */
    public static function door(?string $word): ?DoorOperation
    {
        return self::DOORS[(string) preg_replace('~_(LEFT|RIGHT)$~', '', (string) $word)] ?? null;
    }

    /** Is its hinge to the left of somebody who looks the way that it opens? Null where that is not told. */
    public static function isHingedLeft(?string $word): ?bool
    {
        return match (true) {
            $word === null => null,
            str_ends_with($word, '_LEFT') => true,
            str_ends_with($word, '_RIGHT') => false,
            default => null,
        };
    }

    public static function window(?string $word): ?WindowOperation
    {
        return self::WINDOWS[(string) preg_replace('~(LEFTHAND|RIGHTHAND)$~', '', (string) $word)] ?? null;
    }
}
