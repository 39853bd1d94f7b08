<?php

declare(strict_types=1);

namespace Heurema\Spatial\Subject;

/** What a rule can be about. */
enum SubjectType: string
{
    case Dwelling = 'dwelling';
    case Storey = 'storey';
    case Wall = 'wall';
    case Space = 'space';
    case Room = 'room';
    case Door = 'door';
    case Window = 'window';
    case Fixture = 'fixture';
    case Stair = 'stair';
    case Ramp = 'ramp';
    case Soffit = 'soffit';
    case Guard = 'guard';
    case Survey = 'survey';
}
