<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Draws;
use App\Board\NewElements;
use App\Http\Requests\BoardRequest;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\CopyElements;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Layout;

/** A copy of the chosen thing: at a place, or above itself on another storey. */
final readonly class CopyThing implements Draws
{
    public function edit(BoardRequest $asked, Layout $layout): Edit
    {
        $entry = (new Draft($layout))->find($asked->select());
        $storey = $asked->string('to_storey')->trim()->value();
        $by = $asked->has('at') ? $asked->point('at')->minus($entry->point('at')) : new Point(0, 0);

        return new CopyElements([$asked->select() => (new NewElements($layout))->nextId('f')], $by, $storey === '' ? null : $storey);
    }

    public function letter(): string
    {
        return 'f';
    }
}
