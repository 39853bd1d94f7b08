<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\DrawingAct;
use App\Board\NewElements;
use Heurema\Drafting\WallBeside;
use Heurema\Drafting\WallChain;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;

/**
 * The last wall of a chain: all of its legs are sent, each to a point, or in a direction over a typed length, so that where it begins
 * does not hang on what came of those before.
 */
final readonly class DrawWall implements DrawingAct
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $reader = $layout->lengths();
        [$from, $to] = [null, $asked->point('from')];
        foreach ($asked->array('legs') as $leg) {
            $leg = is_array($leg) ? $leg : [];
            [$from, $to] = [$to, isset($leg['length']) && is_string($leg['length'])
                ? $to->plus(
                    Point::towards(
                        is_numeric($leg['towards'] ?? null) ? (float) $leg['towards'] : 0.0,
                    )->times($reader->read($leg['length'])->mm),
                )
                : ActInput::place(is_string($leg['to'] ?? null) ? $leg['to'] : '')];
        }
        if ($from === null) {
            throw new RefusedEdit(__('Point at where the wall ends.'));
        }

        return (new WallChain(
            $asked->drawnOn($layout),
            $asked->pen($layout),
            $asked->word('beside', WallBeside::Centred),
        ))->next((new NewElements($layout))->nextId(ElementList::Walls), $from, $to);
    }

    public function list(): ElementList
    {
        return ElementList::Walls;
    }
}
