<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\DrawingAct;
use App\Board\NewElements;
use Heurema\Language\Text;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Layout\Room;
use Heurema\Layout\Words\RoomUse;

/** A closed space gets its use, and its name. */
final readonly class NameRoom implements DrawingAct
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $use = $asked->word('use', RoomUse::Other);
        $name = $asked->string('name')->trim()->value();

        return new Add($asked->drawnOn($layout)->id, new Room(
            (new NewElements($layout))->nextId(ElementList::Rooms),
            $name === '' ? Text::capital(Text::word($use->value)) : $name,
            $use,
            $asked->point('at'),
        ));
    }

    public function list(): ElementList
    {
        return ElementList::Rooms;
    }
}
