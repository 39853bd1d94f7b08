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

    /** Of the walls around a room, each by itself. */
    case Elevations = 'elevations';

    /** Of one kind of things. */
    case Schedule = 'schedule';

    case Legend = 'legend';

    case Notes = 'notes';

    case Revisions = 'revisions';

    public function isDrawing(): bool
    {
        return in_array($this, [self::Plan, self::Section, self::Elevations], true);
    }
}
