<?php

declare(strict_types=1);

namespace Heurema\Drafting;

/** How a stair runs on plan. */
enum StairOutline: string
{
    case Straight = 'straight';
    case QuarterLanding = 'quarter_landing';
    case HalfLanding = 'half_landing';
    case QuarterWinders = 'quarter_winders';
    case HalfWinders = 'half_winders';
    case Spiral = 'spiral';

    public function words(): string
    {
        return match ($this) {
            self::Straight => 'straight',
            self::QuarterLanding => 'quarter turn with a landing',
            self::HalfLanding => 'half turn with a landing',
            self::QuarterWinders => 'quarter turn with winders',
            self::HalfWinders => 'half turn with winders',
            self::Spiral => 'spiral',
        };
    }
}
