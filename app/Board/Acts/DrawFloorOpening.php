<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\DrawingAct;
use App\Board\NewElements;
use Heurema\Drafting\DrawnFloorOpening;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;

/** An opening in this storey’s floor, from a corner to the opposite one or by its corners; it joins those that it overlaps. */
final readonly class DrawFloorOpening implements DrawingAct
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        return (new DrawnFloorOpening($asked->drawnOn($layout)))->draw(
            (new NewElements($layout))->nextId($this->list()),
            $asked->outline($layout, __('floor opening')),
        );
    }

    public function list(): ElementList
    {
        return ElementList::Voids;
    }
}
