<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Geometry\Ring;
use Heurema\Ifc\Shape\Solid;
use Heurema\Ifc\Step\Instance;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** What covers floors and ceilings: finishes with their thickness, ceilings that hang lower than the space is high, soffits. In mm. */
final readonly class CoveringMapper
{
    /** A ceiling under the whole of a space covers at least this share of it. */
    private const WHOLE = 0.95;

    /** Heights that agree. */
    private const SAME = 1.0;

    public function __construct(private Model $model) {}

    public function map(Instance $covering, StoreyDraft $storey): void
    {
        $solids = $this->model->bodies->of($covering);
        $kind = $covering->word('PredefinedType');
        if (!in_array($kind, ['CEILING', 'FLOORING'], true)) {
            $this->model->report->leaveOut($covering, Message::of('ifc.covering.kind_not_read'));

            return;
        }
        $outline = Solid::largestFootprint($solids);
        $space = $outline === null ? null : $storey->spaceAt($outline->middle());
        if ($solids === [] || $outline === null || $space === null) {
            $this->model->report->leaveOut(
                $covering,
                $solids === [] ? Message::of('ifc.no_body') : Message::of('ifc.covering.in_no_space'),
            );

            return;
        }
        $kind === 'CEILING'
            ? $this->ceiling($covering, self::bottom($solids) - $storey->elevation, $outline, $space, $storey)
            : $this->floor($covering, $solids, $space, $storey);
    }

    private function ceiling(Instance $covering, float $underside, Ring $outline, DrawnSpace $space, StoreyDraft $storey): void
    {
        if ($underside <= 0.0 || ($space->height !== null && $underside >= $space->height + self::SAME)) {
            $this->model->report->leaveOut($covering, Message::of('ifc.covering.above_space'));

            return;
        }
        $this->model->report->take($covering);
        if ($outline->area() >= self::WHOLE * $space->outline->area()) {
            [$space->height, $space->slope] = [round($underside, 4), null];

            return;
        }
        $storey->add('soffits', $covering, [
            'id' => $this->model->id($covering),
            'outline' => array_map(DrawnWall::place(...), $outline->points),
            'underside' => round($underside, 4),
        ]);
    }

    /** @param non-empty-list<Solid> $solids */
    private function floor(Instance $covering, array $solids, DrawnSpace $space, StoreyDraft $storey): void
    {
        $top = max(array_map(static fn(Solid $solid): float => $solid->top(), $solids));
        $thickness = round($top - self::bottom($solids), 4);
        $this->model->report->take($covering);
        if ($space->floorFinishThickness === null || $thickness > $space->floorFinishThickness) {
            $space->floorFinishThickness = $thickness;
            $space->floorFinish = $this->material($covering);
        }
        if (abs($top - $storey->elevation) > self::SAME) {
            $this->model->report->simplify(
                $covering,
                Message::of('ifc.covering.floor_off_level', off: Amount::length($top - $storey->elevation)),
            );
        }
    }

    /** What it is made of: the layer that is seen, else what the covering is called. */
    private function material(Instance $covering): ?string
    {
        $material = $this->model->relations->materialOf($covering);
        $layers = $material?->is('IFCMATERIALLAYERSETUSAGE') === true ? $material->one('ForLayerSet') : $material;
        $seen = $layers?->is('IFCMATERIALLAYERSET') === true
            ? ($layers->many('MaterialLayers')[0] ?? null)?->one('Material')
            : $material;
        $name = $seen?->is('IFCMATERIAL') === true ? $seen->text('Name') : $covering->text('Name');

        return $name === null || trim($name) === '' ? null : mb_substr(trim($name), 0, 200);
    }

    /** @param non-empty-list<Solid> $solids */
    private static function bottom(array $solids): float
    {
        return min(array_map(static fn(Solid $solid): float => $solid->bottom(), $solids));
    }
}
