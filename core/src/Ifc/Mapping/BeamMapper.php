<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Geometry\Point;
use Heurema\Ifc\Shape\LongestEdge;
use Heurema\Ifc\Shape\Solid;
use Heurema\Ifc\Shape\Vector;
use Heurema\Ifc\Step\Instance;
use Heurema\Words\Message;

/** Level beams that hang below a ceiling as soffits. */
final readonly class BeamMapper
{
    public const TYPES = ['IFCBEAM', 'IFCBEAMSTANDARDCASE'];

    /** Lengths that agree, mm. */
    private const SAME = 1.0;

    public function __construct(private Model $model) {}

    public function map(Instance $beam, StoreyDraft $storey): void
    {
        $solids = $this->model->bodies->of($beam);
        if ($solids === []) {
            $this->model->report->leaveOut($beam, Message::of('ifc.no_body'));

            return;
        }
        $corners = array_merge(...array_map(static fn(Solid $solid): array => $solid->corners(), $solids));
        $heights = array_map(static fn(Vector $corner): float => $corner->z - $storey->elevation, $corners);
        $low = array_filter($heights, static fn(float $height): bool => $height - min($heights) <= self::SAME);
        $outline = self::outline($solids);
        if (count($low) < count($heights) / 2 - 1 || $outline === null) {
            $this->model->report->leaveOut($beam, Message::of('ifc.beam.slopes'));

            return;
        }
        if ($storey->ceiling !== null && min($heights) >= $storey->ceiling - self::SAME) {
            $this->model->report->leaveOut($beam, Message::of('ifc.beam.above_ceiling'));

            return;
        }
        $storey->add('soffits', $beam, [
            'id' => $this->model->id($beam),
            'outline' => array_map(DrawnWall::place(...), $outline),
            'underside' => round(max(0.0, min($heights)), 4),
        ]);
        $this->model->report->take($beam);
    }

    /**
     * The rectangle around it along its longest edge.
     *
     * @param non-empty-list<Solid> $solids
     *
     * @return list<Point>|null
     */
    private static function outline(array $solids): ?array
    {
        $plan = array_merge(...array_map(static fn(Solid $solid): array => $solid->plan(), $solids));
        $way = LongestEdge::way($solids);
        if ($way === null) {
            return null;
        }
        $along = array_map(static fn(Point $point): float => $way->dot($point), $plan);
        $across = array_map(static fn(Point $point): float => $way->left()->dot($point), $plan);
        if (max($across) - min($across) < self::SAME) {
            return null;
        }

        return array_map(
            static fn(array $at): Point => $way->times($at[0])->plus($way->left()->times($at[1])),
            [
                [min($along), min($across)], [max($along), min($across)], [max($along), max($across)], [min($along), max($across)],
            ],
        );
    }
}
