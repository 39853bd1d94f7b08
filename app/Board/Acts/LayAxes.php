<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\DrawingAct;
use App\Board\NewElements;
use Heurema\Drafting\AxisGrid;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Units\ReadLength;
use Heurema\Units\SpacingReader;

/** Axes by typed distances across and up, from where it was pointed at or the corner of what is drawn. */
final readonly class LayAxes implements DrawingAct
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $reader = new SpacingReader($layout->units, $layout->typing);
        $read = static fn(string $key): array => $asked->string($key)->trim()->isEmpty()
            ? []
            : array_map(static fn(ReadLength $one): float => $one->mm, $reader->read($asked->string($key)->value()));
        [$across, $up] = [$read('across'), $read('up')];
        $grid = new AxisGrid($layout);
        $ids = (new NewElements($layout))->nextIds($this->list(), count($across) + count($up) + 2);

        return $grid->lay($ids, $asked->filled('at') ? $asked->point('at') : $grid->usualFirst(), $across, $up);
    }

    public function list(): ElementList
    {
        return ElementList::Axes;
    }
}
