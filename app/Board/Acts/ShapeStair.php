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

/** The chosen stair’s first flight: how many risers, how deep a tread. */
final readonly class ShapeStair implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $stair = (new Draft($layout))->find($asked->select());
        $parts = $stair->values['parts'] ?? null;
        if (!is_array($parts) || !is_array($parts[0] ?? null) || !is_array($parts[0]['flight'] ?? null)) {
            throw new RefusedEdit('The stair does not begin with a flight.');
        }
        $parts[0]['flight'] = array_diff_key([...$parts[0]['flight'], 'risers' => max(1, min(40, $asked->integer('risers'))), 'tread' => $asked->length('tread', $layout)], ['rises' => true]);

        return new ChangeValues($stair->id(), ['parts' => $parts]);
    }
}
