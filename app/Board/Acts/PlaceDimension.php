<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\DrawingAct;
use App\Board\NewElements;
use Heurema\Drafting\MeasuredPlaces;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\DrawnDimension;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Layout\Words\DimensionKind;
use Heurema\Spatial\StoreyPlan;

/** A dimension between two places that were pointed at, written on a line through a third: straight, across the sheet or up it. */
final readonly class PlaceDimension implements DrawingAct
{
    /** How a dimension can be measured; degrees where it is not straight between its ends. */
    public const WAYS = ['straight' => null, 'across' => 0.0, 'up' => 90.0];

    /** A shorter dimension is none, mm. */
    private const SHORT = 1.0;

    public function edit(ActInput $asked, Layout $layout): Edit
    {
        [$from, $to] = [$asked->point('from'), $asked->point('to')];
        if ($from->distanceTo($to) < self::SHORT) {
            throw new RefusedEdit('The two places are one.');
        }
        $kind = DimensionKind::tryFrom($asked->string('kind')->value()) ?? DimensionKind::Length;
        $way = $kind === DimensionKind::Length ? self::WAYS[$asked->string('way')->value()] ?? null : null;
        $along = $way === null ? (new Segment($from, $to))->direction() : Point::towards($way);
        if (abs($to->minus($from)->dot($along)) < self::SHORT) {
            throw new RefusedEdit('The two places are one in the direction that is measured.');
        }
        $storey = $asked->drawnOn($layout);
        $places = new MeasuredPlaces($layout, new StoreyPlan($storey));
        $isAngle = $kind === DimensionKind::Angle;
        $ends = $isAngle
            ? [$places->onWall($from), $places->onWall($to)]
            : [$places->at($from, $along), $places->at($to, $along)];
        if ($ends[0] === null || $ends[1] === null || ($isAngle && $ends[0]->of === $ends[1]->of)) {
            throw new RefusedEdit('Point at two walls that run in different directions.');
        }

        return new Add($storey->id, new DrawnDimension(
            (new NewElements($layout))->nextId($this->list()),
            $ends[0],
            $ends[1],
            $asked->point('through'),
            $kind,
            $way,
        ));
    }

    public function list(): ElementList
    {
        return ElementList::Dimensions;
    }
}
