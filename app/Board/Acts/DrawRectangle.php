<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\DrawingAct;
use App\Board\NewElements;
use Heurema\Drafting\DrawnSize;
use Heurema\Drafting\WallRectangle;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;

/** Four walls around a rectangle, from a corner to the opposite one, or as wide and deep as typed; walls that stand there are shared. */
final readonly class DrawRectangle implements DrawingAct
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $from = $asked->point('from');
        $to = $asked->has('to') ? $asked->point('to') : $asked->opposite($from, $layout);
        $rectangle = new WallRectangle($asked->drawnOn($layout), $asked->pen($layout), $asked->word('measured_at', DrawnSize::Middle));

        return $rectangle->between((new NewElements($layout))->nextIds(ElementList::Walls, WallRectangle::IDS), $from, $to);
    }

    public function list(): ElementList
    {
        return ElementList::Walls;
    }
}
