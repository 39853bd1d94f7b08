<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\DrawingAct;
use App\Board\NewElements;
use Heurema\Drafting\FixtureOutline;
use Heurema\Geometry\Segment;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Fixture;
use Heurema\Layout\Layout;
use Heurema\Layout\Words\FixtureKind;

/** A fixture by the corners of its outline on the plan, its back between the first two. */
final readonly class DrawFixtureOutline implements DrawingAct
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $ring = $asked->outline($layout, __('fixture'));
        $back = new Segment($ring->points[0], $ring->points[1] ?? $ring->points[0]);
        $name = $asked->string('name')->trim()->value();
        $fixture = new Fixture(
            (new NewElements($layout))->nextId($this->list()),
            $asked->word('kind', FixtureKind::Counter),
            $back->middle(),
            FixtureOutline::facing($ring->signedArea() > 0 ? $back : $back->reversed()),
            height: $asked->lengthIfTyped('height', $layout),
            base: $asked->lengthIfTyped('base', $layout),
            name: $name === '' ? null : $name,
        );

        return new Add($asked->drawnOn($layout)->id, FixtureOutline::onPlan($fixture, $ring));
    }

    public function list(): ElementList
    {
        return ElementList::Fixtures;
    }
}
