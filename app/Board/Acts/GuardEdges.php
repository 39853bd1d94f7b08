<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\DrawingAct;
use App\Board\NewElements;
use Heurema\Drafting\Polylines;
use Heurema\Geometry\Segment;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\EditGroup;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Spatial\Home;
use Heurema\Spatial\OpenEdge;

/** Guards along the edges over which one can fall: of the chosen floor opening, stair or room outdoors, or of the whole storey. */
final readonly class GuardEdges implements DrawingAct
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $storey = $asked->drawnOn($layout);
        $home = new Home($layout);
        $edges = $home->openEdges($home->plans[$storey->id]);
        $id = $asked->select();
        $lines = array_map(
            static fn(OpenEdge $edge): Segment => $edge->line,
            array_values(array_filter($edges->found, static fn(OpenEdge $edge): bool => $id === '' || in_array($id, $edge->of, true))),
        );
        if ($lines === []) {
            throw new RefusedEdit(
                $edges->missing === []
                    ? __('None of its edges is open.')
                    : __('How deep one falls is not known: say how high the storeys lie.'),
            );
        }
        $guards = Polylines::of($lines);
        $ids = (new NewElements($layout))->nextIds($this->list(), count($guards));
        $add = static fn(int $number): Add => new Add($storey->id, DrawGuard::guard($ids[$number], $guards[$number], $asked, $layout));

        return new EditGroup(
            array_map($add, array_keys($guards)),
            count($guards) === 1
                ? __('a guard along the open edge')
                : __(':count guards along the open edges', ['count' => count($guards)]),
        );
    }

    public function list(): ElementList
    {
        return ElementList::Guards;
    }
}
