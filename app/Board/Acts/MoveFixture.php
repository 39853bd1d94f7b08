<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Drafting\AgainstWalls;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;
use Heurema\Spatial\Home;

/** The chosen fixture brought to a place: against a wall that is near, unless it is to stay free. */
final readonly class MoveFixture implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $at = $asked->point('at');
        foreach ((new Home($layout))->fixtures as $placed) {
            if ($placed->id() === $asked->select()) {
                [$width, $depth] = [$placed->fixture->width ?? 0.0, $placed->fixture->depth ?? 0.0];
                $middle = $at->plus(Point::towards($placed->fixture->facing)->times($depth / 2));
                $settled = $asked->boolean('free') ? null : (new AgainstWalls($placed->plan))->of($middle, $width, $depth);

                return new ChangeValues(
                    $placed->id(),
                    $settled === null ? ['at' => $at->toArray()] : ['at' => $settled->at->toArray(), 'facing' => $settled->facing],
                );
            }
        }

        throw new RefusedEdit(__('Choose a fixture.'));
    }
}
