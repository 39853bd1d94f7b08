<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use App\Board\NewElements;
use App\Board\UsualWalls;
use Heurema\Drafting\WallsFromBlocks;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Layout;

/** The walls around all blocks of the storey, which become rooms. */
final readonly class WallBlocks implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $usual = UsualWalls::thicknesses($layout);

        return (new WallsFromBlocks($asked->drawnOn($layout), $usual['exterior'], $usual['interior']))
            ->make((new NewElements($layout))->nextIds(...), $asked->boolean('as_they_are'));
    }
}
