<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Layout;

/** The chosen block and another one in each other’s place. */
final readonly class SwapBlocks implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        return $asked->blockPlan($layout)->swap($asked->select(), $asked->string('with')->value());
    }
}
