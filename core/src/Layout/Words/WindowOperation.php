<?php

declare(strict_types=1);

namespace Heurema\Layout\Words;

use Heurema\Language\Text;

/** How a window sash moves. */
enum WindowOperation: string
{
    case Fixed = 'fixed';
    case Casement = 'casement';
    case Awning = 'awning';
    case Hopper = 'hopper';
    case Sliding = 'sliding';
    case Hung = 'hung';
    case DoubleHung = 'double_hung';
    case Pivot = 'pivot';
    case TiltTurn = 'tilt_turn';
    case Louvred = 'louvred';

    public function words(): string
    {
        return Text::word($this->value);
    }
}
