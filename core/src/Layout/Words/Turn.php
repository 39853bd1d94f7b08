<?php

declare(strict_types=1);

namespace Heurema\Layout\Words;

/** Which way the climb goes on after a landing. */
enum Turn: string
{
    case None = 'none';
    case Left = 'left';
    case Right = 'right';
    case Back = 'back';
}
