<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\JoinWalls as Join;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;

/** The chosen wall joined with the one that goes on in its line. */
final readonly class JoinWalls implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $wall = $asked->drawnOn($layout)->wall($asked->select()) ?? throw new RefusedEdit(__('Choose a wall.'));
        foreach ($asked->drawnOn($layout)->walls as $other) {
            $apart = min(...array_map(
                static fn($end): float => min($end->distanceTo($wall->from), $end->distanceTo($wall->to)),
                [$other->from, $other->to],
            ));
            if ($other !== $wall && $apart <= 1.0 && abs($other->line()->direction()->cross($wall->line()->direction())) < 1e-3) {
                return new Join($wall->id, $other->id);
            }
        }

        throw new RefusedEdit(__('No wall goes on in its line.'));
    }
}
