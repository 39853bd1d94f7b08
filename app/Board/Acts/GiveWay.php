<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\UsualWalls;
use App\Http\Requests\BoardRequest;
use Heurema\Drafting\BlockPlan;
use Heurema\Drafting\BlockSide;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Layout;

/** Of two blocks that disagree, the side of one brought to where the other wants it. */
final readonly class GiveWay implements Act
{
    public function edit(BoardRequest $asked, Layout $layout): Edit
    {
        $plan = new BlockPlan($asked->drawnOn($layout)->blocks, UsualWalls::thicknesses($layout)['interior']);

        return $plan->giveWay($asked->string('block')->value(), $asked->word('side', BlockSide::Right), $asked->string('to')->value(), $asked->word('to_side', BlockSide::Right));
    }
}
