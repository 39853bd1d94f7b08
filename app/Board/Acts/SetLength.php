<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Drafting\SetWallLength;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Layout;

/** The chosen wall made as long as typed; its other end stays. */
final readonly class SetLength implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        return new SetWallLength(
            $asked->select(),
            $asked->length('distance', $layout),
            $asked->string('end')->value() === 'from' ? 'from' : 'to',
        );
    }
}
