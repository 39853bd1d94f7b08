<?php

declare(strict_types=1);

namespace Heurema\Layout\Words;

/** Where on an element a dimension ends: along an opening, or from the back of a fixture to its front. */
enum PlaceOn: string
{
    case Start = 'start';
    case Middle = 'middle';
    case End = 'end';
    case Back = 'back';
    case Front = 'front';
}
