<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\DrawingAct;
use App\Board\NewElements;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;

/** A straight stair from this storey to the next, its first step where was pointed, with risers and treads of a usual size. */
final readonly class PlaceStair implements DrawingAct
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        return (new NewElements($layout))->stair($asked->drawnOn($layout), $asked->point('at'), $asked->float('towards', 90.0));
    }

    public function list(): ElementList
    {
        return ElementList::Stairs;
    }
}
