<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\DrawingAct;
use App\Board\NewElements;
use Heurema\Drafting\AgainstWalls;
use Heurema\Drafting\Carried;
use Heurema\Drafting\Selection;
use Heurema\Geometry\Motion;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\CopyElements;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\EditGroup;
use Heurema\Layout\ElementList;
use Heurema\Layout\Fixture;
use Heurema\Layout\Layout;
use Heurema\Spatial\Home;
use Heurema\Spatial\StoreyPlan;

/** A copy of what is chosen: at a place, its back against a face that is near, or above itself on another storey. */
final readonly class CopyFixture implements DrawingAct
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        if ($asked->several() !== []) {
            return $this->severalCopied($asked, $layout);
        }
        $fixture = (new Draft($layout))->get($asked->select(), Fixture::class);
        $storey = $asked->string('to_storey')->trim()->value();
        $id = (new NewElements($layout))->nextId(ElementList::Fixtures);
        if (!$asked->has('at')) {
            return new CopyElements([$asked->select() => $id], new Point(0, 0), $storey === '' ? null : $storey);
        }
        $at = $asked->point('at');
        $copy = new CopyElements([$asked->select() => $id], $at->minus($fixture->at), $asked->storey());
        $settled = (new AgainstWalls(new StoreyPlan($asked->drawnOn($layout))))->of($at, $fixture->width ?? 0.0, $fixture->depth ?? 0.0);

        return $settled === null
            ? $copy
            : new EditGroup(
                [$copy, new ChangeValues($id, ['at' => $settled->at->toArray(), 'facing' => $settled->facing])],
                $copy->words(),
            );
    }

    /** All that is chosen, with openings and names of rooms: its middle to the place. */
    private function severalCopied(ActInput $asked, Layout $layout): Edit
    {
        $draft = new Draft($layout);
        $ids = Carried::together($draft, $asked->several());
        $copies = [];
        foreach (ElementList::ofStorey() as $list) {
            $ofList = array_values(array_filter($ids, static fn(string $id): bool => $draft->find($id)->list === $list));
            $copies += $ofList === [] ? [] : array_combine($ofList, (new NewElements($layout))->nextIds($list, count($ofList)));
        }
        $by = $asked->has('at')
            ? $asked->point('at')->minus((new Selection(new Home($layout), $asked->several()))->middle())
            : new Point(0, 0);
        $storey = $asked->string('to_storey')->trim()->value();

        return new Carried($ids, Motion::by($by), __(':count elements copied', [
            'count' => count($ids),
        ]), $copies, $storey === '' ? null : $storey);
    }

    public function list(): ElementList
    {
        return ElementList::Fixtures;
    }
}
