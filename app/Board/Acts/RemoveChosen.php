<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Edit\Remove;
use Heurema\Layout\Layout;

/** What is chosen, taken away. */
final readonly class RemoveChosen implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        if ($asked->several() !== []) {
            return new Remove($asked->several());
        }

        return $asked->select() === '' ? throw new RefusedEdit(__('Nothing is chosen.')) : new Remove([$asked->select()]);
    }
}
