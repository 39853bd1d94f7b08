<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

/** At which closed ends of a row what is left over is closed by fillers. */
enum FillerPlace: string
{
    case Both = 'both';
    case Left = 'left';
    case Right = 'right';
}
