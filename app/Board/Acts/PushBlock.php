<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Drafting\BlockSide;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Layout;

/** The chosen block pushed edge to edge with the next one, or stretched up to it. */
final readonly class PushBlock implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $plan = $asked->blockPlan($layout);
        $towards = $asked->word('side', BlockSide::Right);

        return $asked->string('how')->value() === 'stretch'
            ? $plan->stretch($asked->select(), $towards)
            : $plan->push($asked->select(), $towards);
    }
}
