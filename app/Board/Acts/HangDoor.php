<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;
use Heurema\Layout\Words\HingeEnd;
use Heurema\Layout\Words\WallSide;

/** The chosen door hung on its other jamb, or swung to the other side. */
final readonly class HangDoor implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $door = (new Draft($layout))->find($asked->select());
        if (($door->values['kind'] ?? null) !== 'door') {
            throw new RefusedEdit('Choose a door.');
        }
        $jamb = $door->values['hinge'] ?? HingeEnd::To->value;
        $side = $door->values['opens'] ?? WallSide::Right->value;

        return new ChangeValues($door->id(), $asked->string('other')->value() === 'side'
            ? ['opens' => $side === WallSide::Left->value ? WallSide::Right->value : WallSide::Left->value]
            : ['hinge' => $jamb === HingeEnd::From->value ? HingeEnd::To->value : HingeEnd::From->value]);
    }
}
