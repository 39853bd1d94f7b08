<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\Draws;
use App\Board\NewElements;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;

/** A soffit or beam from a corner to the opposite one, with the height of its underside that was typed. */
final readonly class DrawSoffit implements Draws
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $from = $asked->point('from');
        $to = $asked->has('to') ? $asked->point('to') : $asked->opposite($from, $layout);
        if (abs($to->x - $from->x) < 1.0 || abs($to->y - $from->y) < 1.0) {
            throw new RefusedEdit('A soffit has some length and width.');
        }
        $corners = [$from, new Point($to->x, $from->y), $to, new Point($from->x, $to->y)];

        return new Add($asked->drawnOn($layout)->id, 'soffits', [
            'id' => (new NewElements($layout))->nextId($this->letter()),
            'outline' => array_map(static fn(Point $point): array => $point->toArray(), $corners),
            'underside' => $asked->lengthIfTyped('underside', $layout) ?? throw new RefusedEdit('Type how high its underside is above the floor.'),
        ]);
    }

    public function letter(): string
    {
        return 'p';
    }
}
