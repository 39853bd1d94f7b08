<?php

declare(strict_types=1);

namespace Heurema\Ifc\Writing;

use Heurema\Layout\Words\WindowOperation;

/** How a window opens, by the words of the standard. */
final class WindowWord
{
    public static function of(WindowOperation $operation): string
    {
        return match ($operation) {
            WindowOperation::Fixed => 'FIXEDCASEMENT',
            WindowOperation::Casement => 'SIDEHUNGRIGHTHAND',
            WindowOperation::Awning => 'TOPHUNG',
            WindowOperation::Hopper => 'BOTTOMHUNG',
            WindowOperation::Sliding => 'SLIDINGHORIZONTAL',
            WindowOperation::DoubleHung => 'SLIDINGVERTICAL',
            WindowOperation::Pivot => 'PIVOTHORIZONTAL',
            WindowOperation::TiltTurn => 'TILTANDTURNRIGHTHAND',
            WindowOperation::Hung, WindowOperation::Louvred => 'OTHEROPERATION',
        };
    }
}
