<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\Move;
use Heurema\Layout\Layout;

/** The chosen block moved; brought edge to edge or into line with what it comes near, unless it is to stay free. */
final readonly class MoveBlock implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        return $asked->boolean('free')
            ? new Move([$asked->select()], $asked->point('by'))
            : $asked->blockPlan($layout)->move($asked->select(), $asked->point('by'));
    }
}
