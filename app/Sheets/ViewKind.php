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

    /** Of one kind of things. */
    case Schedule = 'schedule';

    case Legend = 'legend';

    case Notes = 'notes';

    case Revisions = 'revisions';

    public function isDrawing(): bool
    {
        return $this === self::Plan || $this === self::Section;
    }
}
