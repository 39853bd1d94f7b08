<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Draws;
use App\Board\NewElements;
use App\Http\Requests\BoardRequest;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Layout;

/** A storey on top, with the outer walls of the highest one. */
final readonly class AddStorey implements Draws
{
    public function edit(BoardRequest $asked, Layout $layout): Edit
    {
        return (new NewElements($layout))->storeyAbove();
    }

    public function letter(): string
    {
        return 's';
    }
}
