<?php

declare(strict_types=1);

namespace Heurema\Layout\Words;

use Heurema\Language\Text;

/** How a door leaf moves. */
enum DoorOperation: string
{
    case Hinged = 'hinged';
    case DoubleHinged = 'double_hinged';
    case Sliding = 'sliding';
    case Bypass = 'bypass';
    case Pocket = 'pocket';
    case Folding = 'folding';
    case Overhead = 'overhead';

    public function words(): string
    {
        return Text::word($this->value);
    }
}
