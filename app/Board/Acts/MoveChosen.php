<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Drafting\Carried;
use Heurema\Drafting\InLine;
use Heurema\Drafting\MoveWall;
use Heurema\Geometry\Motion;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\Move;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;

/** What is chosen, moved: a wall by itself sideways with what meets it, everything else as it is. */
final readonly class MoveChosen implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        if ($asked->several() !== []) {
            return new Carried($asked->several(), Motion::by($asked->point('by')), count($asked->several()).' elements moved');
        }
        $chosen = (new Draft($layout))->find($asked->select());

        return match ($chosen->list) {
            ElementList::Walls => new MoveWall($chosen->id(), $asked->point('by'), InLine::tryFrom($asked->string('in_line')->value())),
            ElementList::Rooms => throw new RefusedEdit('A room goes with its walls: move one of them.'),
            ElementList::Storeys => throw new RefusedEdit('A storey stays where it is.'),
            default => new Move([$chosen->id()], $asked->point('by')),
        };
    }
}
