<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\DrawingAct;
use App\Board\NewElements;
use App\Board\UsualWalls;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\ParallelWall as Parallel;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Layout\Words\WallType;
use Heurema\Spatial\StoreyPlan;

/** Another wall beside the chosen one, at a clear distance; inside the home it is an inner one. */
final readonly class DrawParallelWall implements DrawingAct
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $storey = $asked->drawnOn($layout);
        $wall = $storey->wall($asked->select()) ?? throw new RefusedEdit(__('Choose a wall.'));
        $distance = $asked->length('distance', $layout);
        $left = $asked->string('side')->value() === 'right' ? -$distance : $distance;
        $middle = $wall->line()->offset($left + ($left < 0 ? -$wall->thickness : $wall->thickness))->middle();
        $isInside = (new StoreyPlan($storey))->at($middle)?->isOpenAir() === false;

        $id = (new NewElements($layout))->nextId(ElementList::Walls);

        return $isInside
            ? new Parallel($wall->id, $left, $id, WallType::Interior, UsualWalls::thicknesses($layout)['interior'])
            : new Parallel($wall->id, $left, $id);
    }

    public function list(): ElementList
    {
        return ElementList::Walls;
    }
}
