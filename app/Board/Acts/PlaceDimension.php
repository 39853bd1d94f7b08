<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\DrawingAct;
use App\Board\NewElements;
use Heurema\Drafting\DrawnDimensions;
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
        $storey = $asked->drawnOn($layout);
        $plan = new StoreyPlan($storey);
        $kind = DimensionKind::tryFrom($asked->string('kind')->value()) ?? DimensionKind::Length;

        return new Add($storey->id, $kind === DimensionKind::Angle
            ? $this->angle($asked, $layout, $plan)
            : $this->length($asked, $layout, $plan, $kind));
    }

    private function length(ActInput $asked, Layout $layout, StoreyPlan $plan, DimensionKind $kind): DrawnDimension
    {
        [$from, $to] = [$asked->point('from'), $asked->point('to')];
        if ($from->distanceTo($to) < self::SHORT) {
            throw new RefusedEdit(__('The two places are one.'));
        }
        $way = $kind === DimensionKind::Length ? self::WAYS[$asked->string('way')->value()] ?? null : null;
        $along = $way === null ? (new Segment($from, $to))->direction() : Point::towards($way);
        if (abs($to->minus($from)->dot($along)) < self::SHORT) {
            throw new RefusedEdit(__('The two places are one in the direction that is measured.'));
        }
        $places = new MeasuredPlaces($layout, $plan);

        return new DrawnDimension(
            $this->nextId($layout),
            $places->at($from, $along),
            $places->at($to, $along),
            $asked->point('through'),
            $kind,
            $way,
        );
    }

    private function angle(ActInput $asked, Layout $layout, StoreyPlan $plan): DrawnDimension
    {
        $places = new MeasuredPlaces($layout, $plan);
        [$from, $to] = [$places->onWall($asked->point('from')), $places->onWall($asked->point('to'))];
        $drawn = $from === null || $to === null
            ? null
            : new DrawnDimension($this->nextId($layout), $from, $to, $asked->point('through'), DimensionKind::Angle);
        if ($drawn === null || (new DrawnDimensions($layout, $plan))->angle($drawn) === null) {
            throw new RefusedEdit(__('Point at two walls that run in different directions.'));
        }

        return $drawn;
    }

    private function nextId(Layout $layout): string
    {
        return (new NewElements($layout))->nextId($this->list());
    }

    public function list(): ElementList
    {
        return ElementList::Dimensions;
    }
}
