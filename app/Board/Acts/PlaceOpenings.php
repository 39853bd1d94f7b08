<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\DrawingAct;
use App\Board\NewElements;
use App\Board\OpeningLibrary;
use Heurema\Drafting\OpeningPlace;
use Heurema\Drafting\WallStretches;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Layout\Words\OpeningKind;

/** Openings in the chosen wall, or the chosen opening, placed in a stretch of the wall as one says it. */
final readonly class PlaceOpenings implements DrawingAct
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $storey = $asked->drawnOn($layout);
        $kind = $asked->word('kind', OpeningKind::Door);
        $wall = $storey->wall($asked->filled('wall') ? $asked->string('wall')->value() : $asked->select())
            ?? throw new RefusedEdit(__('Choose a wall on this storey.'));
        $place = $asked->word('place', OpeningPlace::Centred);
        $size = (new OpeningLibrary($layout))->size($kind, $asked->string('size')->value());
        $stretch = (new WallStretches($storey, $wall))->named($asked->string('stretch')->value());
        $middles = $place->middles(
            $stretch,
            $size->wholeWidth(),
            $place->needsDistance() ? $asked->length('distance', $layout) : 0.0,
            max(1, min(50, $asked->integer('count', 1))),
        );

        return (new NewElements($layout))->openings($storey, $wall->id, $kind, $size, $middles);
    }

    public function list(): ElementList
    {
        return ElementList::Openings;
    }
}
