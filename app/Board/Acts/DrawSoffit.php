<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\Draws;
use App\Board\NewElements;
use Heurema\Geometry\Ring;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Layout\Soffit;

/** A soffit or beam from a corner to the opposite one, with the height of its underside that was typed. */
final readonly class DrawSoffit implements Draws
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        return new Add($asked->drawnOn($layout)->id, new Soffit(
            (new NewElements($layout))->nextId($this->list()),
            new Ring($asked->rectangle($layout, 'soffit')),
            $asked->lengthIfTyped('underside', $layout) ?? throw new RefusedEdit('Type how high its underside is above the floor.'),
        ));
    }

    public function list(): ElementList
    {
        return ElementList::Soffits;
    }
}
