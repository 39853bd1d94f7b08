<?php

declare(strict_types=1);

namespace App\Board;

use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;
use Heurema\Units\UnreadableLength;

/** Something that can be done on the board: what was asked for, turned into an edit of the layout. */
interface Act
{
    /**
     * @throws RefusedEdit
     * @throws RefusedValue
     * @throws UnreadableLength
     */
    public function edit(ActInput $asked, Layout $layout): Edit;
}
