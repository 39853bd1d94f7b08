<?php

declare(strict_types=1);

namespace Heurema\Layout\Words;

/** What a taped distance is in its group: one of the parts, or the overall that they add up to. */
enum TapedRole: string
{
    case Part = 'part';
    case Overall = 'overall';
}
