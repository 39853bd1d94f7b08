<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use App\Board\NewElements;
use Heurema\Drafting\EntranceSteps;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Spatial\Home;

/** Steps from the ground up to the chosen door, or those that it has set anew. */
final readonly class BuildEntranceSteps implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $home = new Home($layout);
        $door = $home->opening($asked->select()) ?? throw new RefusedEdit(__('Choose a door.'));
        $steps = new EntranceSteps(
            $asked->length('riser', $layout),
            $asked->length('tread', $layout),
            $asked->length('landing', $layout),
            $asked->lengthIfTyped('margin', $layout) ?? 0.0,
        );

        return $steps->to($door, $home, (new NewElements($layout))->nextId(ElementList::Stairs));
    }
}
