<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Drafting\From;
use Heurema\Drafting\Related;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Layout;

/** The chosen thing or opening at a distance from something else. */
final readonly class PlaceBeside implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        return new Related(
            $asked->select(),
            $asked->word('mine', From::Near),
            $asked->string('other')->value(),
            $asked->word('theirs', From::Near),
            $asked->length('distance', $layout),
            $asked->string('along')->value() === 'ahead',
        );
    }
}
