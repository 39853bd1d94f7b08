<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Draws;
use App\Board\NewElements;
use App\Http\Requests\BoardRequest;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\OffsetWall as Offset;
use Heurema\Layout\Layout;

/** Another wall beside the chosen one, at a clear distance. */
final readonly class OffsetWall implements Draws
{
    public function edit(BoardRequest $asked, Layout $layout): Edit
    {
        $distance = $asked->length('distance', $layout);

        return new Offset($asked->select(), $asked->string('side')->value() === 'right' ? -$distance : $distance, (new NewElements($layout))->nextId('w'));
    }

    public function letter(): string
    {
        return 'w';
    }
}
