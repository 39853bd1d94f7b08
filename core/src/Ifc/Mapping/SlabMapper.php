<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Ifc\Shape\Solid;
use Heurema\Ifc\Step\Instance;
use Heurema\Words\Message;

/**
 * Floors, but for landings, which belong to their stairs and ramps: how thick they are, and the openings in them. Roofs are left to the
 * ceilings of the spaces under them.
 */
final readonly class SlabMapper
{
    public const TYPES = ['IFCSLAB', 'IFCSLABSTANDARDCASE', 'IFCSLABELEMENTEDCASE'];

    /** The top of a floor lies no farther from its storey's level, mm. */
    private const AT_LEVEL = 60.0;

    public function __construct(private Model $model) {}

    /** @param list<StoreyDraft> $storeys */
    public function map(Instance $slab, array $storeys): void
    {
        if ($this->model->relations->wholeOf($slab)?->is('IFCSTAIR', 'IFCRAMP') === true) {
            return;
        }
        if ($this->model->kept->isKept($slab)) {
            // its storey says it
            array_map($this->model->report->take(...), [$slab, ...$this->model->relations->openingsIn($slab)]);

            return;
        }
        $solids = $this->model->bodies->of($slab);
        if ($slab->word('PredefinedType') === 'ROOF' || $solids === []) {
            $this->model->report->leaveOut($slab, $solids === [] ? Message::of('ifc.no_body') : Message::of('ifc.slab.roof'));

            return;
        }
        $top = max(array_map(static fn(Solid $solid): float => $solid->top(), $solids));
        $storey = self::at($top, $storeys);
        if ($storey === null) {
            $this->model->report->leaveOut($slab, Message::of('ifc.slab.at_no_level'));

            return;
        }
        $thickness = round($top - min(array_map(static fn(Solid $solid): float => $solid->bottom(), $solids)), 4);
        $storey->floorThickness = max($storey->floorThickness ?? 0.0, $thickness);
        $this->model->report->take($slab);
        foreach ($this->model->relations->openingsIn($slab) as $opening) {
            $this->cut($opening, $storey);
        }
    }

    private function cut(Instance $opening, StoreyDraft $storey): void
    {
        $prism = $this->model->bodies->of($opening)[0]->prism ?? null;
        if ($prism === null) {
            $this->model->report->leaveOut($opening, Message::of('ifc.no_body'));

            return;
        }
        $storey->add('voids', $opening, [
            'id' => $this->model->id($opening),
            'outline' => array_map(DrawnWall::place(...), $prism->outline->points),
        ]);
        $this->model->report->take($opening);
    }

    /** @param list<StoreyDraft> $storeys */
    private static function at(float $top, array $storeys): ?StoreyDraft
    {
        foreach ($storeys as $storey) {
            if (abs($storey->elevation - $top) <= self::AT_LEVEL) {
                return $storey;
            }
        }

        return null;
    }
}
