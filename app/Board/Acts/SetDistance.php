<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Drafting\CollinearWalls;
use Heurema\Drafting\MoveWall;
use Heurema\Drafting\WallDistances;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;
use Heurema\Spatial\StoreyPlan;
use Heurema\Spatial\WallDatum;

/** The distance of the chosen wall from another made what was typed, by moving the one or the other. */
final readonly class SetDistance implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $storey = $asked->drawnOn($layout);
        $wall = $storey->wall($asked->select()) ?? throw new RefusedEdit(__('Choose a wall.'));
        $wanted = $asked->length('distance', $layout);
        $datum = $asked->word('datum', WallDatum::Finished);
        foreach (WallDistances::of(new StoreyPlan($storey), $wall) as $distance) {
            if ($distance->other->id === $asked->string('other')->value() && $distance->side->value === $asked->string('side')->value()) {
                $inLine = CollinearWalls::tryFrom($asked->string('in_line')->value());

                return $asked->string('moves')->value() === 'other'
                    ? new MoveWall($distance->other->id, $distance->moveOther($wanted, $datum), $inLine)
                    : new MoveWall($wall->id, $distance->moveOwn($wanted, $datum), $inLine);
            }
        }

        throw new RefusedEdit(__('The two walls do not look at each other any more.'));
    }
}
