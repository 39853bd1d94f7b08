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
use Heurema\Layout\Opening;
use Heurema\Layout\Words\HingeEnd;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Layout\Words\WallSide;

/** The chosen door hung on its other jamb, or swung to the other side. */
final readonly class HangDoor implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $opening = (new Draft($layout))->get($asked->select(), Opening::class);
        if ($opening->kind !== OpeningKind::Door || $opening->door === null) {
            throw new RefusedEdit(__('Choose a door.'));
        }
        $isSide = $asked->string('other')->value() === 'side';

        return new ChangeValues($opening->id, $isSide
            ? ['opens' => ($opening->door->opens ?? WallSide::Right)->other()->value]
            : ['hinge' => ($opening->door->hinge ?? HingeEnd::To)->other()->value]);
    }
}
