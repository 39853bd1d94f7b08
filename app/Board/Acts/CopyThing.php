<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Draws;
use App\Board\NewElements;
use App\Http\Requests\BoardRequest;
use Heurema\Drafting\Settling;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\CopyElements;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\Together;
use Heurema\Layout\Layout;
use Heurema\Spatial\StoreyPlan;

/** A copy of the chosen thing: at a place, its back against a face that is near, or above itself on another storey. */
final readonly class CopyThing implements Draws
{
    public function edit(BoardRequest $asked, Layout $layout): Edit
    {
        $entry = (new Draft($layout))->find($asked->select());
        $storey = $asked->string('to_storey')->trim()->value();
        $id = (new NewElements($layout))->nextId('f');
        if (!$asked->has('at')) {
            return new CopyElements([$asked->select() => $id], new Point(0, 0), $storey === '' ? null : $storey);
        }
        $at = $asked->point('at');
        $copy = new CopyElements([$asked->select() => $id], $at->minus($entry->point('at')), $asked->storey());
        $settled = (new Settling(new StoreyPlan($asked->drawnOn($layout))))->of($at, $entry->number('width') ?? 0.0, $entry->number('depth') ?? 0.0);

        return $settled === null ? $copy : new Together([$copy, new ChangeValues($id, ['at' => $settled->at->toArray(), 'facing' => $settled->facing])], $copy->words());
    }

    public function letter(): string
    {
        return 'f';
    }
}
