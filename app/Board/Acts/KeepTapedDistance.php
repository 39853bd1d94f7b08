<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\DrawingAct;
use App\Board\NewElements;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Layout\TapedDistance;
use Heurema\Layout\Words\TapedRole;

/** A distance taped on site, held against the drawn one between two points. */
final readonly class KeepTapedDistance implements DrawingAct
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $group = $asked->string('group')->trim()->value();

        return new Add(null, new TapedDistance(
            id: (new NewElements($layout))->nextId(ElementList::Survey),
            storey: $asked->drawnOn($layout)->id,
            from: $asked->point('from'),
            to: $asked->point('to'),
            measured: $asked->length('measured', $layout),
            group: $group === '' ? null : $group,
            role: $group === '' ? null : $asked->word('role', TapedRole::Part),
            by: $asked->person(),
            on: now()->toDateString(),
        ));
    }

    public function list(): ElementList
    {
        return ElementList::Survey;
    }
}
