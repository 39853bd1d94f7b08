<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Drafting\EditReader;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Layout;

/** An edit as the core writes it. */
final readonly class MakeEdit implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        return (new EditReader())->read($asked->string('edit')->value());
    }
}
