<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\Draws;
use App\Board\NewElements;
use Heurema\Drafting\FloorOpening;
use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;

/** An opening in this storey’s floor, from a corner to the opposite one; it joins those that it overlaps. */
final readonly class DrawFloorOpening implements Draws
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $from = $asked->point('from');
        $to = $asked->has('to') ? $asked->point('to') : $asked->opposite($from, $layout);
        if (abs($to->x - $from->x) < 1.0 || abs($to->y - $from->y) < 1.0) {
            throw new RefusedEdit('A floor opening has some length and width.');
        }
        $corners = [$from, new Point($to->x, $from->y), $to, new Point($from->x, $to->y)];

        return (new FloorOpening($asked->drawnOn($layout)))->draw((new NewElements($layout))->nextId('v'), new Ring($corners));
    }

    public function letter(): string
    {
        return 'v';
    }
}
