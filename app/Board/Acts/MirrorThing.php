<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Http\Requests\BoardRequest;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\Mirror;
use Heurema\Layout\Layout;

/** The chosen thing turned over. */
final readonly class MirrorThing implements Act
{
    public function edit(BoardRequest $asked, Layout $layout): Edit
    {
        return new Mirror($asked->select());
    }
}
