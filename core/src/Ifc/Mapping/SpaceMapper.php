<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Ifc\Shape\Plane;
use Heurema\Ifc\Shape\Prism;
use Heurema\Ifc\Shape\Solid;
use Heurema\Ifc\Step\Instance;
use Heurema\Layout\SlopedCeiling;
use Heurema\Words\Message;

/** Spaces of a file: their outlines on plan, and the rooms that they are. */
final readonly class SpaceMapper
{
    /** A room's own ceiling differs from its storey's by more than this, mm. */
    private const OTHER = 1.0;

    /** What rises by less, mm in mm, is level. */
    private const LEVEL = 0.001;

    public function __construct(private Model $model) {}

    /** Null where it has no outline on plan; that is reported. */
    public function draw(Instance $space): ?DrawnSpace
    {
        $solids = $this->model->bodies->of($space);
        $outline = Solid::largestFootprint($solids);
        if ($outline === null) {
            $this->model->report->leaveOut($space, Message::of('ifc.no_body'));

            return null;
        }
        $this->model->report->take($space);
        [$height, $slope] = count($solids) === 1 ? self::ceiling($solids[0], $outline) : [null, null];
        if ($height === null && $slope === null) {
            $this->model->report->simplify($space, Message::of('ifc.space.not_level_above'));
        }

        return new DrawnSpace($space, $this->model->id($space), $outline, $height, $slope);
    }

    /** @return array{float|null, SlopedCeiling|null} how high it is where it is level above; its slopes; neither in other shapes */
    private static function ceiling(Solid $solid, Ring $outline): array
    {
        if ($solid->prism instanceof Prism && !$solid->isCut) {
            return [round($solid->prism->top - $solid->prism->bottom, 4), null];
        }
        $planes = $solid->above === [] ? array_values(array_filter(
            $solid->tops(),
            static fn(Plane $plane): bool => $plane->heightAt($outline->middle()) > $solid->bottom() + self::OTHER,
        )) : $solid->above;
        if (count($planes) === 1 && $planes[0]->gradient()->length() < self::LEVEL) {
            return [round($planes[0]->heightAt($outline->middle()) - $solid->bottom(), 4), null];
        }

        return [null, CeilingPlanes::over($outline, $planes, $solid->bottom(), $solid->top())];
    }

    /** @return array<string, mixed> */
    public function room(DrawnSpace $space, StoreyDraft $storey): array
    {
        $kept = $this->model->kept->element($space->element);
        if ($kept !== null) {
            return $kept;
        }
        $classes = array_map(
            static fn(Instance $class): ?string => $class->text('Name') ?? $class->text('Identification'),
            $this->model->relations->classesOf($space->element),
        );
        $use = RoomWords::useOf(
            $space->element->text('LongName'),
            $space->element->text('Name'),
            $space->element->text('ObjectType'),
            ...$classes,
        );
        $name = $space->element->text('LongName') ?? $space->element->text('Name') ?? 'Space';

        return array_filter([
            'id' => $space->id,
            'name' => mb_substr($name, 0, 200),
            'use' => $use?->value,
            'at' => DrawnWall::place(self::within($space->outline)),
            'ceiling' => match (true) {
                $space->slope !== null => $space->slope->toArray(),
                $space->height === null => null,
                $storey->ceiling !== null && abs($space->height - $storey->ceiling) <= self::OTHER => null,
                default => $space->height,
            },
            'floor_finish' => $space->floorFinish,
            'floor_finish_thickness' => $space->floorFinishThickness,
        ], static fn(mixed $value): bool => $value !== null);
    }

    /** A place inside an outline, as far from its edges as may be found on lines across it. */
    private static function within(Ring $outline): Point
    {
        $box = $outline->bounds();
        [$best, $farthest] = [$outline->middle(), -1.0];
        foreach ([0.5, 0.35, 0.65, 0.2, 0.8, 0.1, 0.9] as $up) {
            foreach ([0.5, 0.35, 0.65, 0.2, 0.8, 0.1, 0.9] as $across) {
                $point = new Point($box->left + $across * $box->width(), $box->bottom + $up * $box->height());
                $away = $outline->contains($point)
                    ? min([INF, ...array_map(static fn($edge): float => $edge->distanceTo($point), $outline->edges())])
                    : -1.0;
                if ($away > $farthest + 1.0) {
                    [$best, $farthest] = [$point, $away];
                }
            }
        }

        return $best;
    }
}
