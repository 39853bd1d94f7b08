<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Ifc\Shape\LongestEdge;
use Heurema\Ifc\Shape\Solid;
use Heurema\Ifc\Shape\Vector;
use Heurema\Ifc\Step\Instance;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\ElementList;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\WallType;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** Walls by what their bodies fill on plan: a line along their middle as long and as thick as they are. */
final readonly class WallMapper
{
    public const TYPES = ['IFCWALLSTANDARDCASE', 'IFCWALL', 'IFCWALLELEMENTEDCASE', 'IFCCURTAINWALL'];

    /** A wall that begins higher above the floor, mm, is no wall of the storey. */
    private const HIGHEST_FOOT = 500.0;

    /** A wall that ends lower above the floor, mm, is one that one looks over. */
    private const LOW = 1800.0;

    /** Thicknesses that agree, mm. */
    private const SAME = 1.0;

    public function __construct(private Model $model) {}

    /** @return list<DrawnWall> */
    public function map(Instance $element, StoreyDraft $storey): array
    {
        $kept = $this->kept($element);
        if ($kept !== null) {
            $this->model->report->take($element);

            return [$kept];
        }
        $solids = $this->solids($element);
        if ($solids === []) {
            $this->model->report->leaveOut($element, Message::of('ifc.no_body'));

            return [];
        }
        $foot = min(array_map(static fn(Solid $solid): float => $solid->bottom(), $solids)) - $storey->elevation;
        $top = max(array_map(static fn(Solid $solid): float => $solid->top(), $solids)) - $storey->elevation;
        if ($foot > self::HIGHEST_FOOT) {
            $this->model->report->leaveOut($element, Message::of('ifc.wall.begins_above', foot: Amount::length($foot)));

            return [];
        }
        $lines = $this->lines($element, $solids);
        if ($lines === []) {
            $this->model->report->leaveOut($element, Message::of('ifc.wall.no_line'));

            return [];
        }
        $this->model->report->take($element);
        if (count($lines) > 1) {
            $this->model->report->simplify($element, Message::of('ifc.wall.curved', count: count($lines)));
        }
        $walls = [];
        foreach ($lines as $number => [$line, $thickness]) {
            $walls[] = new DrawnWall(
                element: $element,
                id: $this->model->id($element).($number === 0 ? '' : "_{$number}"),
                line: $line,
                thickness: $thickness,
                type: $this->type($element),
                height: $top < self::LOW ? round($top, 4) : null,
                fireMinutes: $this->fireMinutes($element),
            );
        }

        return $walls;
    }

    /** As a layout had it, where nobody changed its body since. */
    public function kept(Instance $element): ?DrawnWall
    {
        $kept = $this->model->kept->element($element);
        $wall = $kept === null ? null : Draft::read(ElementList::Walls, $kept);

        return $wall instanceof Wall ? new DrawnWall(
            element: $element,
            id: $wall->id,
            line: $wall->line(),
            thickness: $wall->thickness,
            type: $wall->type,
            height: $wall->height,
            fireMinutes: $wall->fireMinutes,
            kept: $kept,
        ) : null;
    }

    /** @return list<Solid> its own, or those of what it is made of */
    private function solids(Instance $element): array
    {
        $solids = $this->model->bodies->of($element);
        foreach ($solids === [] ? $this->model->relations->partsOf($element) : [] as $part) {
            $this->model->report->take($part);
            array_push($solids, ...$this->model->bodies->of($part));
        }

        return $solids;
    }

    /**
     * @param non-empty-list<Solid> $solids
     *
     * @return list<array{Segment, float}> straight pieces with their thickness
     */
    private function lines(Instance $element, array $solids): array
    {
        $corners = array_merge(...array_map(static fn(Solid $solid): array => $solid->plan(), $solids));
        $axis = array_map(static fn(Vector $place): Point => new Point($place->x, $place->y), $this->model->bodies->axis($element));
        if (count($axis) > 2 && !self::isStraight($axis)) {
            return self::pieces($axis, $corners);
        }
        $way = self::way($axis, $solids);
        if ($way === null) {
            return [];
        }
        $origin = $corners[0];
        $across = array_map(static fn(Point $corner): float => $way->left()->dot($corner->minus($origin)), $corners);
        $along = array_map(static fn(Point $corner): float => $way->dot($corner->minus($origin)), $corners);
        $thickness = max($across) - min($across);
        if ($thickness < self::SAME || max($along) - min($along) < self::SAME) {
            return [];
        }
        $this->compare($element, $thickness);
        $middle = $origin->plus($way->left()->times((max($across) + min($across)) / 2));

        return [[new Segment($middle->plus($way->times(min($along))), $middle->plus($way->times(max($along)))), $thickness]];
    }

    /**
     * As its axis runs; else as the longest level edge of its bodies does.
     *
     * @param list<Point>           $axis
     * @param non-empty-list<Solid> $solids
     */
    private static function way(array $axis, array $solids): ?Point
    {
        if (count($axis) > 1 && $axis[0]->distanceTo($axis[count($axis) - 1]) > self::SAME) {
            return (new Segment($axis[0], $axis[count($axis) - 1]))->direction();
        }

        return LongestEdge::way($solids);
    }

    /** @param non-empty-list<Point> $axis */
    private static function isStraight(array $axis): bool
    {
        $line = new Segment($axis[0], $axis[count($axis) - 1]);

        return $line->length() > self::SAME
            && array_filter($axis, static fn(Point $point): bool => abs($line->leftOf($point)) > self::SAME) === [];
    }

    /**
     * A curved wall in straight pieces: how thick it is, and on which side of its axis, is told by the corners nearest to each.
     *
     * @param non-empty-list<Point> $axis
     * @param list<Point>           $corners
     *
     * @return list<array{Segment, float}>
     */
    private static function pieces(array $axis, array $corners): array
    {
        $pieces = [];
        for ($number = 1, $count = count($axis); $number < $count; ++$number) {
            $line = new Segment($axis[$number - 1], $axis[$number]);
            $beside = array_filter(
                $corners,
                static fn(Point $corner): bool => $line->length() > self::SAME
                    && $line->along($corner) >= -self::SAME
                    && $line->along($corner) <= $line->length() + self::SAME
                    && abs($line->leftOf($corner)) < 1000.0,
            );
            $across = array_map($line->leftOf(...), $beside);
            if ($across !== [] && max($across) - min($across) > self::SAME) {
                $pieces[] = [$line->offset((max($across) + min($across)) / 2), max($across) - min($across)];
            }
        }

        return $pieces;
    }

    /** Its layers may come to another thickness than its body. */
    private function compare(Instance $element, float $thickness): void
    {
        $material = $this->model->relations->materialOf($element);
        $set = $material?->is('IFCMATERIALLAYERSETUSAGE') === true ? $material->one('ForLayerSet') : null;
        $layers = array_sum(array_map(
            fn(Instance $layer): float => ($layer->number('LayerThickness') ?? 0.0) * $this->model->units->mm,
            $set?->many('MaterialLayers') ?? [],
        ));
        if ($layers > 0.0 && abs($layers - $thickness) > self::SAME) {
            $this->model->report->simplify($element, Message::of(
                'ifc.wall.layers_differ',
                layers: Amount::length($layers),
                body: Amount::length($thickness),
            ));
        }
    }

    private function type(Instance $element): WallType
    {
        $told = $this->model->relations->property($element, 'Pset_WallCommon', 'IsExternal')
            ?? $this->model->relations->property($element, 'Pset_CurtainWallCommon', 'IsExternal');

        return PropertyWords::yesNo($told) === true || $element->is('IFCCURTAINWALL') ? WallType::Exterior : WallType::Interior;
    }

    private function fireMinutes(Instance $element): ?float
    {
        return PropertyWords::minutes($this->model->relations->property($element, 'Pset_WallCommon', 'FireRating'));
    }
}
