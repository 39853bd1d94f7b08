<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Drafting\DrawnFloorOpening;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Layout;
use Heurema\Units\SizeReader;

/** The chosen floor opening made as wide and deep as typed. */
final readonly class ResizeFloorOpening implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        [$width, $depth] = (new SizeReader($layout->lengths()))->read($asked->string('size')->value());

        return (new DrawnFloorOpening($asked->drawnOn($layout)))->resize($asked->select(), $width->mm, $depth->mm);
    }
}
