<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Drafting\OpeningPlace;
use Heurema\Drafting\WallStretches;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;

/** The chosen opening placed anew in a stretch of its wall. */
final readonly class MoveOpening implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $storey = $asked->drawnOn($layout);
        foreach ($storey->openings as $opening) {
            $wall = $opening->id === $asked->select() ? $storey->wall($opening->wall) : null;
            if ($wall === null) {
                continue;
            }
            $place = $asked->word('place', OpeningPlace::Centred);
            $stretch = (new WallStretches($storey, $wall))->named($asked->string('stretch')->value(), $opening->id);
            $middles = $place->middles(
                $stretch,
                $opening->width ?? 0.0,
                $place->needsDistance() ? $asked->length('distance', $layout) : 0.0,
            );

            return new ChangeValues($opening->id, ['at' => round($middles[0], 4)]);
        }

        throw new RefusedEdit(__('Choose an opening.'));
    }
}
