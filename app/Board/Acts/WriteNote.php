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
use Heurema\Layout\Note;

/** A note where it was pointed at; its text is typed beside the plan. */
final readonly class WriteNote implements DrawingAct
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        return new Add(
            $asked->drawnOn($layout)->id,
            new Note((new NewElements($layout))->nextId($this->list()), $asked->point('at'), __('Note')),
        );
    }

    public function list(): ElementList
    {
        return ElementList::Notes;
    }
}
