<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\Draws;
use App\Board\NewElements;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Layout\Words\FixtureKind;

/** A thing of the library, settled against the wall nearest to the place that was pointed at. */
final readonly class PlaceFixture implements Draws
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        return (new NewElements($layout))->fixture($asked->drawnOn($layout), $asked->word('kind', FixtureKind::Table), $asked->point('at'));
    }

    public function list(): ElementList
    {
        return ElementList::Fixtures;
    }
}
