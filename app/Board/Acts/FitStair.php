<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Drafting\StairBetween;
use Heurema\Geometry\Segment;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Edit\Replace;
use Heurema\Layout\Layout;
use Heurema\Layout\Stair;
use Heurema\Spatial\Home;

/** The chosen stair from the edge of its first riser to that of its last one, with risers that are not higher than typed. */
final readonly class FitStair implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $stair = (new Draft($layout))->get($asked->select(), Stair::class);
        $places = $asked->places('line');
        if (count($places) !== 2 || $places[0]->distanceTo($places[1]) < 1.0) {
            throw new RefusedEdit(__('Point at the edge of its first riser, then at that of its last one.'));
        }

        return new Replace(StairBetween::fit(
            $stair,
            new Segment($places[0], $places[1]),
            (new Home($layout))->stair($stair->id)?->totalRise() ?? throw new RefusedEdit(__('Say how high both storeys lie first.')),
            $asked->length('riser', $layout),
        ));
    }
}
