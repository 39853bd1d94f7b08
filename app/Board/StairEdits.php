<?php

declare(strict_types=1);

namespace App\Board;

use Heurema\Drafting\StairParts;
use Heurema\Geometry\Ring;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Edit\Replace;
use Heurema\Layout\ElementList;
use Heurema\Layout\FloorOpening;
use Heurema\Layout\Layout;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\LeastOpening;
use Heurema\Spatial\Stair\PlacedStair;

/** What is changed of a stair from its section. */
final class StairEdits
{
    /** @throws RefusedEdit when its flights cannot share the risers */
    public static function steps(PlacedStair $stair, int $risers, float $tread): Edit
    {
        $parts = StairParts::of($stair->stair, $risers, $tread)
            ?? throw new RefusedEdit(__('The flights of :stair cannot share :risers risers.', [
                'stair' => $stair->name(),
                'risers' => $risers,
            ]));

        return new Replace($stair->stair->withParts($parts));
    }

    /**
     * The smallest opening that leaves the headroom, in place of the one that the stair comes up through.
     *
     * @throws RefusedEdit when something is not known
     */
    public static function opening(PlacedStair $stair, Layout $layout, float $headroom): Edit
    {
        $climb = Climb::of($stair);
        $outline = $climb instanceof Climb ? LeastOpening::of($climb, $headroom) : $climb;
        if (!$outline instanceof Ring) {
            throw new RefusedEdit(__('Not known: :outline.', ['outline' => implode(', ', $outline)]));
        }
        $void = $stair->opening();

        return $void !== null
            ? new Replace($void->withOutline($outline))
            : new Add($stair->to->id, new FloorOpening((new NewElements($layout))->nextId(ElementList::Voids), $outline));
    }
}
