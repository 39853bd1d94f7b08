<?php

declare(strict_types=1);

namespace Heurema\Layout\Words;

use Heurema\Language\Text;

/** An open boundary (`divider` in the document) has no thickness: it parts two rooms of one open space and stops nobody. */
enum WallType: string
{
    case Exterior = 'exterior';
    case Interior = 'interior';
    case Party = 'party';
    case OpenBoundary = 'divider';

    public function words(): string
    {
        return Text::word($this->value);
    }
}
