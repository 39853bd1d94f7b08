<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Http\Requests\BoardRequest;
use Heurema\Drafting\Settling;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;
use Heurema\Spatial\Home;

/** The chosen thing turned a quarter to the left about its middle, then out of walls, its back against the one behind it. */
final readonly class TurnThing implements Act
{
    public function edit(BoardRequest $asked, Layout $layout): Edit
    {
        foreach ((new Home($layout))->fixtures as $thing) {
            if ($thing->id() === $asked->select()) {
                [$width, $depth] = [$thing->fixture->width ?? 0.0, $thing->fixture->depth ?? 0.0];
                $middle = $thing->frame->toPlan(new Point(0, $depth / 2));
                $facing = fmod($thing->fixture->facing + 90, 360);

                return new ChangeValues($thing->id(), ['facing' => $facing, 'at' => (new Settling($thing->plan))->facing($middle, $facing, $width, $depth)->toArray()]);
            }
        }

        throw new RefusedEdit('Choose a thing.');
    }
}
