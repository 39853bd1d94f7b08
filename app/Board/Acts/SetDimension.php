<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Drafting\CollinearWalls;
use Heurema\Drafting\SetDimension as Dimensioned;
use Heurema\Geometry\Segment;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Layout;

/** A dimension on the plan made what was typed, by moving the element at one of its ends along it. */
final readonly class SetDimension implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        [$element, $end] = explode(' ', $asked->string('moves')->value().' ');

        return new Dimensioned(
            new Segment($asked->point('from'), $asked->point('to')),
            $asked->length('distance', $layout),
            $element,
            $end === 'from',
            CollinearWalls::tryFrom($asked->string('in_line')->value()),
        );
    }
}
