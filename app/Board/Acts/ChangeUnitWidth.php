<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Layout;

/** A unit of a run in another width, one end kept; its neighbours close up or keep still. */
final readonly class ChangeUnitWidth implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        return SwapUnits::unit($asked, $layout)->resized(
            $asked->length('width', $layout),
            $asked->string('side')->value() !== 'right',
            $asked->string('neighbours')->value() !== 'still',
        );
    }
}
