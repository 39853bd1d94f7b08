<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

/** Which side of its limit a measured amount has to keep. */
enum Bound: string
{
    case AtLeast = 'at_least';
    case AtMost = 'at_most';

    public function words(): string
    {
        return $this === self::AtLeast ? 'at least' : 'at most';
    }
}
