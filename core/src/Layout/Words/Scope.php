<?php

declare(strict_types=1);

namespace Heurema\Layout\Words;

/** How much of a home is drawn; where it is a part, what lies beyond its walls is taken as indoors. */
enum Scope: string
{
    case Whole = 'whole';
    case Part = 'part';
}
