<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\Draws;
use App\Board\NewElements;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Layout;

/** A distance taped on site, held against the drawn one between two points. */
final readonly class KeepSurveyDistance implements Draws
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $group = $asked->string('group')->trim()->value();

        return new Add(null, 'survey', [
            'id' => (new NewElements($layout))->nextId('t'),
            'storey' => $asked->drawnOn($layout)->id,
            'from' => $asked->point('from')->toArray(),
            'to' => $asked->point('to')->toArray(),
            'measured' => $asked->length('measured', $layout),
            ...($group === '' ? [] : ['group' => $group, 'role' => $asked->string('role')->value() === 'overall' ? 'overall' : 'part']),
        ]);
    }

    public function letter(): string
    {
        return 't';
    }
}
