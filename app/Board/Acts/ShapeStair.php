<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Edit\Replace;
use Heurema\Layout\Flight;
use Heurema\Layout\Layout;
use Heurema\Layout\Stair;

/** The chosen stair’s first flight: how many risers, how deep a tread. */
final readonly class ShapeStair implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $stair = (new Draft($layout))->get($asked->select(), Stair::class);
        if (!$stair->parts[0] instanceof Flight) {
            throw new RefusedEdit(__('The stair does not begin with a flight.'));
        }
        $first = new Flight(max(1, min(40, $asked->integer('risers'))), $asked->length('tread', $layout));

        return new Replace($stair->withParts([$first, ...array_slice($stair->parts, 1)]));
    }
}
