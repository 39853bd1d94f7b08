<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\DrawingAct;
use App\Board\NewElements;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Layout\Soffit;
use Heurema\Spatial\Home;
use Heurema\Spatial\UnderCeiling;

/**
 * A soffit or beam: from a corner to the opposite one, by its corners, or along a line as wide as typed; with the height of its underside,
 * or how far it drops below the ceiling.
 */
final readonly class DrawSoffit implements DrawingAct
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $outline = $asked->has('line') ? $this->along($asked, $layout) : $asked->outline($layout, __('soffit'));

        return new Add($asked->drawnOn($layout)->id, new Soffit(
            (new NewElements($layout))->nextId($this->list()),
            $outline,
            $this->underside($asked, $layout, $outline),
        ));
    }

    public function list(): ElementList
    {
        return ElementList::Soffits;
    }

    private function along(ActInput $asked, Layout $layout): Ring
    {
        $line = $asked->places('line');
        $width = $asked->lengthIfTyped('width', $layout) ?? throw new RefusedEdit(__('Type how wide the beam is.'));
        if (count($line) !== 2 || $line[0]->distanceTo($line[1]) < 1.0 || $width < 1.0) {
            throw new RefusedEdit(__('A beam runs from one place to another, and has some width.'));
        }
        $middle = new Segment($line[0], $line[1]);
        [$right, $left] = [$middle->offset(-$width / 2), $middle->offset($width / 2)];

        return new Ring([$right->from, $right->to, $left->to, $left->from]);
    }

    private function underside(ActInput $asked, Layout $layout, Ring $outline): float
    {
        $drop = $asked->lengthIfTyped('drop', $layout);
        if ($drop === null) {
            return $asked->lengthIfTyped('underside', $layout) ?? throw new RefusedEdit(__(
                'Type how high its underside is above the floor.',
            ));
        }
        $plan = (new Home($layout))->plans[$asked->storey()];
        $room = $plan->roomAt($outline->middle());
        $ceiling = $room === null ? $plan->storey->ceiling : UnderCeiling::over($outline->points, $room);
        if ($ceiling === null) {
            throw new RefusedEdit(__('Nobody said how high the ceiling is: type the height of its underside.'));
        }

        return $ceiling > $drop ? round($ceiling - $drop, 4) : throw new RefusedEdit(__('It drops to the floor: type a smaller drop.'));
    }
}
