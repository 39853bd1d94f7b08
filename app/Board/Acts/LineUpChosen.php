<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Drafting\LineUp;
use Heurema\Drafting\Selection;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Layout;
use Heurema\Spatial\Home;

/** All that is chosen lined up with the first of it, or spaced evenly. */
final readonly class LineUpChosen implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $several = new Selection(new Home($layout), $asked->several());

        return match ($asked->string('along')->value()) {
            'spaced-across' => $several->space(true),
            'spaced-up' => $several->space(false),
            default => $several->lineUp($asked->word('along', LineUp::Left)),
        };
    }
}
