<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Draws;
use App\Board\NewElements;
use App\Http\Requests\BoardRequest;
use Heurema\Drafting\WallBeside;
use Heurema\Drafting\WallChain;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Layout;
use Heurema\Layout\Words\WallType;

/** Four walls around a rectangle, from a corner to the opposite one, or as wide and deep as typed. */
final readonly class DrawRectangle implements Draws
{
    public function edit(BoardRequest $asked, Layout $layout): Edit
    {
        $from = $asked->point('from');
        $to = $asked->has('to') ? $asked->point('to') : $from->plus(new Point($asked->length('width', $layout), $asked->length('depth', $layout)));
        $chain = new WallChain($asked->drawnOn($layout), $asked->length('thickness', $layout), $asked->word('type', WallType::Interior), $asked->word('beside', WallBeside::Centred));

        return $chain->rectangle((new NewElements($layout))->nextIds('w', 4), $from, $to);
    }

    public function letter(): string
    {
        return 'w';
    }
}
