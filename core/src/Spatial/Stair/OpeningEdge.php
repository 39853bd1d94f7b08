<?php

declare(strict_types=1);

namespace Heurema\Spatial\Stair;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;

/** Where the opening in the floor that a stair reaches has to begin for a headroom. */
final readonly class OpeningEdge
{
    /**
     * @param int          $treads that lie too high to pass under the floor
     * @param Segment|null $edge   across the stair; null where the whole stair may pass under the floor
     * @param Step|null    $step   on which it lies
     */
    private function __construct(public int $treads, public ?Segment $edge, public ?Step $step) {}

    /** @return self|list<string> what the document lacks to tell */
    public static function of(Climb $climb, float $headroom): self|array
    {
        $thickness = $climb->stair->to->floorThickness;
        if ($thickness === null) {
            return ["{$climb->stair->to->id}.floor_thickness"];
        }
        $highest = $climb->top() - $thickness - $headroom;
        $edge = $on = null;
        $treads = 0;
        foreach ($climb->stair->shape->steps as $step) {
            $level = $climb->level($step);
            $treads += $step->kind !== StepKind::Landing && $level > $highest + Tolerance::TOUCH ? 1 : 0;
            $next = $step->kind === StepKind::Landing ? $level : $climb->levels[$step->risers + 1];
            if ($edge === null && $next > $highest + Tolerance::TOUCH) {
                $on = $step;
                $edge = self::across($step, $next - $level < 1e-9 ? 0.0 : max(0.0, ($highest - $level) / ($next - $level)));
            }
        }

        return new self($treads, $edge, $on);
    }

    private static function across(Step $step, float $share): Segment
    {
        $between = static fn(Point $from, Point $to): Point => $from->towardsPoint($to, $share);

        return new Segment($between($step->front->from, $step->back->from), $between($step->front->to, $step->back->to));
    }
}
