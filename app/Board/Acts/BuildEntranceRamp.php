<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use App\Board\NewElements;
use Heurema\Drafting\EntranceRamp;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Spatial\Home;

/** A ramp from the ground up to the chosen door, or the one that it has set anew. */
final readonly class BuildEntranceRamp implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $home = new Home($layout);
        $door = $home->opening($asked->select()) ?? throw new RefusedEdit(__('Choose a door.'));
        $ramp = new EntranceRamp(
            $asked->float('slope'),
            $asked->length('width', $layout),
            $asked->length('landing', $layout),
            $asked->length('rise', $layout),
        );

        return $ramp->to($door, $home, (new NewElements($layout))->nextId(ElementList::Ramps));
    }
}
