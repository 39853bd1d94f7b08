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

/** A wall of a chain, from a point to another, or in a direction over a typed length. */
final readonly class DrawWall implements Draws
{
    public function edit(BoardRequest $asked, Layout $layout): Edit
    {
        $from = $asked->point('from');
        $length = $asked->string('length')->trim()->value();
        $to = $length === '' ? $asked->point('to') : $from->plus(Point::towards($asked->float('towards'))->times($asked->length('length', $layout)));
        $chain = new WallChain($asked->drawnOn($layout), $asked->length('thickness', $layout), $asked->word('type', WallType::Interior), $asked->word('beside', WallBeside::Centred));

        return $chain->next((new NewElements($layout))->nextId('w'), $from, $to);
    }

    public function letter(): string
    {
        return 'w';
    }
}
