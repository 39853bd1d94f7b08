<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Layout\Axis;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\EditGroup;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Edit\Remove;
use Heurema\Layout\Layout;

/** All axes, taken away; what was built on them stays. */
final readonly class RemoveAxes implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        if ($layout->axes === []) {
            throw new RefusedEdit(__('There are no axes.'));
        }

        return new EditGroup(
            [new Remove(array_map(static fn(Axis $axis): string => $axis->id, $layout->axes))],
            __(':count axes removed', ['count' => count($layout->axes)]),
        );
    }
}
