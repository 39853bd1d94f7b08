<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Drafting\BlockSide;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Layout;

/** Of two blocks that disagree, the side of one brought to where the other wants it. */
final readonly class GiveWay implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        return $asked->blockPlan($layout)->giveWay(
            $asked->string('block')->value(),
            $asked->word('side', BlockSide::Right),
            $asked->string('to')->value(),
            $asked->word('to_side', BlockSide::Right),
        );
    }
}
