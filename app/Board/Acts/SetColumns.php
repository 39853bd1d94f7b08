<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use App\Board\NewElements;
use Heurema\Drafting\AxisNet;
use Heurema\Drafting\ColumnsAtCrossings;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Units\SizeReader;

/** Columns at all crossings of the axes, or at those that are chosen. */
final readonly class SetColumns implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $net = new AxisNet($layout->axes);
        $crossings = $asked->boolean('all')
            ? $net->allCrossings()
            : $net->chosenCrossings(array_map(strval(...), array_keys($asked->array('crossings'))));
        [$width, $depth] = (new SizeReader($layout->lengths()))->read($asked->string('size')->value());

        return (new ColumnsAtCrossings($asked->drawnOn($layout), $width->mm, $depth->mm, $this->kind($asked)))
            ->set($crossings, static fn(int $count): array => (new NewElements($layout))->nextIds(ElementList::Fixtures, $count));
    }

    private function kind(ActInput $asked): FixtureKind
    {
        return $asked->string('kind')->value() === FixtureKind::Duct->value ? FixtureKind::Duct : FixtureKind::Column;
    }
}
