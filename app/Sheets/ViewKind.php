<?php

declare(strict_types=1);

namespace App\Sheets;

/** What a view on a sheet is of. */
enum ViewKind: string
{
    /** Of a storey. */
    case Plan = 'plan';

    /** Along a stair. */
    case Section = 'section';

    /** Along a line through the home. */
    case Cut = 'cut';

    /** Of a side of the home from outside. */
    case Face = 'face';

    /** Of the walls around a room, each by itself. */
    case Elevations = 'elevations';

    /** Of a storey, from above and aside. */
    case Axonometric = 'axonometric';

    /** The heights of a home that people speak of. */
    case Levels = 'levels';

    /** Of one kind of things. */
    case Schedule = 'schedule';

    case Legend = 'legend';

    case Notes = 'notes';

    case Revisions = 'revisions';

    public function isDrawing(): bool
    {
        return in_array($this, [self::Plan, self::Section, self::Cut, self::Face, self::Elevations, self::Axonometric], true);
    }
}
