<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Draws;
use App\Board\NewElements;
use App\Http\Requests\BoardRequest;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;

/** An opening in this storey’s floor, from a corner to the opposite one. */
final readonly class DrawVoid implements Draws
{
    public function edit(BoardRequest $asked, Layout $layout): Edit
    {
        $from = $asked->point('from');
        $to = $asked->has('to') ? $asked->point('to') : $asked->opposite($from, $layout);
        if (abs($to->x - $from->x) < 1.0 || abs($to->y - $from->y) < 1.0) {
            throw new RefusedEdit('A floor opening has some length and width.');
        }
        $corners = [$from, new Point($to->x, $from->y), $to, new Point($from->x, $to->y)];

        return new Add($asked->drawnOn($layout)->id, 'voids', ['id' => (new NewElements($layout))->nextId('v'), 'outline' => array_map(static fn(Point $corner): array => $corner->toArray(), $corners)]);
    }

    public function letter(): string
    {
        return 'v';
    }
}
