<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Kitchen\NumberAnew;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Layout;

/** All marks that are numbers given anew, in reading order. */
final readonly class NumberMarksAnew implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        return new NumberAnew();
    }
}
