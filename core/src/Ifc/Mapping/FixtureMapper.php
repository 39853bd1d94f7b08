<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Geometry\Frame;
use Heurema\Geometry\Point;
use Heurema\Ifc\Shape\Solid;
use Heurema\Ifc\Shape\Vector;
use Heurema\Ifc\Step\Instance;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Words\Message;

/** Furniture, sanitary fixtures, columns and alarms as boxes of their sizes, each with its back to the wall that it stands at. */
final class FixtureMapper
{
    public const TYPES = [
        'IFCFURNISHINGELEMENT', 'IFCFURNITURE', 'IFCSYSTEMFURNITUREELEMENT', 'IFCFLOWTERMINAL', 'IFCSANITARYTERMINAL',
        'IFCELECTRICAPPLIANCE',
        'IFCALARM', 'IFCSENSOR', 'IFCLIGHTFIXTURE', 'IFCOUTLET', 'IFCSWITCHINGDEVICE', 'IFCSPACEHEATER', 'IFCCOLUMN',
        'IFCCOLUMNSTANDARDCASE',
        'IFCBUILDINGELEMENTPROXY',
    ];

    /** A side that is so near a wall, mm, is its back. */
    private const AT_WALL = 120.0;

    /** @var array<string, WallsNear> by storey */
    private array $near = [];

    public function __construct(private readonly Model $model) {}

    public function map(Instance $element, StoreyDraft $storey): void
    {
        $kind = $this->kind($element);
        if ($kind === null) {
            $this->model->report->leaveOut($element, Message::of('ifc.fixture.kind_not_told'));

            return;
        }
        $solids = $this->model->bodies->of($element);
        $corners = array_merge(...array_map(static fn(Solid $solid): array => $solid->corners(), $solids));
        if ($corners === []) {
            $this->model->report->leaveOut($element, Message::of('ifc.no_body'));

            return;
        }
        $box = $this->box($element, $corners);
        $back = $this->back($box, $storey);
        $heights = array_map(static fn(Vector $corner): float => $corner->z - $storey->elevation, $corners);
        $base = min($heights);
        $name = $element->text('Name');
        $storey->add('fixtures', $element, [
            'id' => $this->model->id($element),
            'kind' => $kind->value,
            ...($name === null ? [] : ['name' => mb_substr($name, 0, 200)]),
            'at' => DrawnWall::place($back->origin),
            'facing' => $back->yAxis->degrees(),
            ...self::size($box, $back),
            'height' => round(max($heights) - $base, 4),
            ...($kind->hangs() || $base > 5.0 ? ['base' => round(max(0.0, $base), 4)] : []),
        ]);
        $this->model->report->take($element);
        if ($kind !== FixtureKind::Column) {
            $this->model->report->simplify($element, Message::of('ifc.fixture.box', kind: $kind->words()));
        }
    }

    private function kind(Instance $element): ?FixtureKind
    {
        return match ($element->type) {
            'IFCCOLUMN', 'IFCCOLUMNSTANDARDCASE' => FixtureKind::Column,
            'IFCSPACEHEATER' => FixtureKind::Radiator,
            'IFCLIGHTFIXTURE' => FixtureKind::Lamp,
            'IFCOUTLET' => FixtureKind::Socket,
            'IFCSWITCHINGDEVICE' => FixtureKind::Switch,
            default => FixtureWords::kindOf($element, $this->model->relations->typeOf($element)),
        };
    }

    /**
     * The rectangle around it, turned as its placement is.
     *
     * @param non-empty-list<Vector> $corners
     *
     * @return array{Frame, float, float, float, float} frame, then left, right, bottom and top in it
     */
    private function box(Instance $element, array $corners): array
    {
        $placed = $this->model->bodies->placement->of($element->one('ObjectPlacement'));
        $axis = hypot($placed->y->x, $placed->y->y) > 0.5 ? new Point($placed->y->x, $placed->y->y) : new Point(0, 1);
        $frame = Frame::facing(new Point($placed->origin->x, $placed->origin->y), $axis->unit());
        $plan = array_map(static fn(Vector $corner): Point => $frame->fromPlan(new Point($corner->x, $corner->y)), $corners);
        $x = array_map(static fn(Point $point): float => $point->x, $plan);
        $y = array_map(static fn(Point $point): float => $point->y, $plan);

        return [$frame, min($x), max($x), min($y), max($y)];
    }

    /**
     * Its own frame: the middle of its back edge, y to its front. Its back is the side nearest to a wall; the longer one of two that are
     * as near.
     *
     * @param array{Frame, float, float, float, float} $box
     */
    private function back(array $box, StoreyDraft $storey): Frame
    {
        [$frame, $left, $right, $bottom, $top] = $box;
        [$x, $y] = [($left + $right) / 2, ($bottom + $top) / 2];
        $sides = [
            [new Point($x, $bottom), new Point(0, 1), $right - $left],
            [new Point($x, $top), new Point(0, -1), $right - $left],
            [new Point($left, $y), new Point(1, 0), $top - $bottom],
            [new Point($right, $y), new Point(-1, 0), $top - $bottom],
        ];
        $origin = $frame->toPlan(new Point(0, 0));
        $best = null;
        foreach ($sides as [$middle, $front, $length]) {
            $place = $frame->toPlan($middle);
            $away = $this->near($storey)->distanceTo($place);
            $order = [$away > self::AT_WALL, $away > self::AT_WALL ? 0.0 : -$length, $away];
            if ($best === null || $order < $best[0]) {
                $best = [$order, Frame::facing($place, $frame->toPlan($front)->minus($origin)->unit())];
            }
        }

        return $best[1];
    }

    private function near(StoreyDraft $storey): WallsNear
    {
        return $this->near[$storey->id] ??= new WallsNear(array_values(array_filter(
            $storey->walls,
            static fn(DrawnWall $wall): bool => $wall->thickness > 0.0,
        )));
    }

    /**
     * @param array{Frame, float, float, float, float} $box
     *
     * @return array{width: float, depth: float}
     */
    private static function size(array $box, Frame $back): array
    {
        [$frame, $left, $right, $bottom, $top] = $box;
        $isAlong = abs($back->yAxis->dot($frame->yAxis)) > 0.5;
        [$width, $depth] = $isAlong ? [$right - $left, $top - $bottom] : [$top - $bottom, $right - $left];

        return ['width' => round(max(1.0, $width), 4), 'depth' => round(max(1.0, $depth), 4)];
    }
}
