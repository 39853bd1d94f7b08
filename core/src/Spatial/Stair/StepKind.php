<?php

declare(strict_types=1);

namespace Heurema\Spatial\Stair;

enum StepKind
{
    case Tread;
    case Winder;
    case Landing;
}
