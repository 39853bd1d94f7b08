<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use App\Board\NewElements;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\SplitWall as Split;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;

/** The chosen wall made two, at a distance from its start. */
final readonly class SplitWall implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        return new Split($asked->select(), $asked->length('distance', $layout), (new NewElements($layout))->nextId(ElementList::Walls));
    }
}
