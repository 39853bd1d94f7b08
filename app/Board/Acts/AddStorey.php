<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\DrawingAct;
use App\Board\NewElements;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;

/** A storey on top or below, with the outer walls of the one next to it. */
final readonly class AddStorey implements DrawingAct
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $new = new NewElements($layout);

        return $asked->string('where')->value() === 'below' ? $new->storeyBelow() : $new->storeyAbove();
    }

    public function list(): ElementList
    {
        return ElementList::Storeys;
    }
}
