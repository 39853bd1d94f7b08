<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Drafting\BesideAnother;
use Heurema\Drafting\MeasuredFrom;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Layout;

/** The chosen fixture or opening at a distance from something else. */
final readonly class PlaceBeside implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        return new BesideAnother(
            $asked->select(),
            $asked->word('mine', MeasuredFrom::Near),
            $asked->string('other')->value(),
            $asked->word('theirs', MeasuredFrom::Near),
            $asked->length('distance', $layout),
            $asked->string('along')->value() === 'ahead',
        );
    }
}
