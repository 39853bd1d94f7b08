<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\DrawingAct;
use App\Board\NewElements;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Guard;
use Heurema\Layout\Layout;
use Heurema\Layout\Words\GuardFilling;

/** A guard along the places that were pointed at, with the height and the largest gap that were typed. */
final readonly class DrawGuard implements DrawingAct
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $line = $asked->places('line');
        if (count($line) < 2) {
            throw new RefusedEdit(__('A guard runs from one place to another.'));
        }

        return new Add(
            $asked->drawnOn($layout)->id,
            self::guard((new NewElements($layout))->nextId(ElementList::Guards), $line, $asked, $layout),
        );
    }

    public function list(): ElementList
    {
        return ElementList::Guards;
    }

    /** @param list<Point> $line */
    public static function guard(string $id, array $line, ActInput $asked, Layout $layout): Guard
    {
        return new Guard(
            $id,
            $line,
            $asked->lengthIfTyped('height', $layout),
            $asked->lengthIfTyped('gap', $layout),
            filling: GuardFilling::tryFrom($asked->string('filling')->value()),
        );
    }
}
