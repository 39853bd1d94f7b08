<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\DrawingAct;
use App\Board\NewElements;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\CopyElements;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\EditGroup;
use Heurema\Layout\ElementList;
use Heurema\Layout\Fixture;
use Heurema\Layout\Layout;

/** The chosen fixture repeated in a row beside itself, with a clear distance between one and the next. */
final readonly class RepeatFixture implements DrawingAct
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $fixture = (new Draft($layout))->get($asked->select(), Fixture::class);
        $apart = ($fixture->width ?? 0.0) + $asked->length('distance', $layout);
        $right = Point::towards($fixture->facing - 90)->times($asked->string('side')->value() === 'left' ? -$apart : $apart);
        $ids = (new NewElements($layout))->nextIds(ElementList::Fixtures, max(1, min(50, $asked->integer('count'))));
        $copies = array_map(
            static fn(string $id, int $number): Edit => new CopyElements([$asked->select() => $id], $right->times($number + 1)),
            $ids,
            array_keys($ids),
        );

        return new EditGroup($copies, __(':select repeated', ['select' => $asked->select()]));
    }

    public function list(): ElementList
    {
        return ElementList::Fixtures;
    }
}
