<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Geometry\OutwardDistances;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Run\Run;
use Heurema\Spatial\Run\RunLeg;

/** How long a run is and what is left over beyond its ends; mm. */
final readonly class RunFigures
{
    /** What is left is left over as long as it is no wider than a way through: then the end is open, mm. */
    private const LEFT_OVER = 600.0;

    /**
     * @param float      $length along its fronts, corners once
     * @param float|null $left   from its left end to the wall; null: none is near
     * @param float|null $right  the same at its right end
     */
    private function __construct(public Run $run, public float $length, public ?float $left, public ?float $right) {}

    public static function of(Run $run, RoomSpace $room): self
    {
        [$first, $last] = [$run->legs[0], $run->legs[count($run->legs) - 1]];
        $at = static fn(RunLeg $leg, float $along, float $out): Point => $leg->along->times($along)->plus($leg->facing->times($out));
        $walls = $room->outline()?->edges() ?? [];
        $beyond = static function (Segment $end) use ($walls, $room): ?float {
            // an end that touches a wall is not seen to meet it
            $just = $end->offset(-2.0)->middle();
            $away = $room->outline()?->contains($just) === false ? 0.0 : (new OutwardDistances($end))->nearest($walls)?->length();

            return $away === null || $away > self::LEFT_OVER ? null : $away;
        };

        return new self(
            $run,
            $run->length(),
            $beyond(new Segment($at($first, $first->left, $first->back), $at($first, $first->left, $first->front))),
            $beyond(new Segment($at($last, $last->right, $last->front), $at($last, $last->right, $last->back))),
        );
    }

    public function openEnds(): int
    {
        return ($this->left === null ? 1 : 0) + ($this->right === null ? 1 : 0);
    }
}
