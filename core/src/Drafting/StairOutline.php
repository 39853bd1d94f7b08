<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Language\Text;

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
            self::Straight => Text::of('straight'),
            self::QuarterLanding => Text::of('quarter turn with a landing'),
            self::HalfLanding => Text::of('half turn with a landing'),
            self::QuarterWinders => Text::of('quarter turn with winders'),
            self::HalfWinders => Text::of('half turn with winders'),
            self::Spiral => Text::of('spiral'),
        };
    }
}
