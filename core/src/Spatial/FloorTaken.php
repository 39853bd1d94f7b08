<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Overlap;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Tolerance;
use Heurema\Spatial\Stair\Climb;

/** What stairs take of the floor on which they begin, and openings of the floor that they are in. */
final class FloorTaken
{
    /** Under a stair that is as high as this, mm, one walks. */
    public const HEAD = 2000.0;

    /** Under one as high as this, mm, floor still counts: 5 ft. */
    public const FLOOR = 1524.0;

    /**
     * @param float $under floor with so much below a step, mm, is not taken
     *
     * @return list<Ring>
     */
    public static function in(RoomSpace $room, Home $home, float $under): array
    {
        $floor = $room->outline();
        if ($floor === null) {
            return [];
        }
        $rings = [];
        foreach ($home->plans[$room->storey()]->storey->voids as $void) {
            $rings[] = $void->outline->counterClockwise();
        }
        foreach ($home->stairs as $stair) {
            $climb = $stair->from?->id === $room->storey() ? Climb::of($stair) : [];
            foreach ($stair->from?->id === $room->storey() ? $stair->shape->steps : [] as $step) {
                if (!$climb instanceof Climb || $climb->level($step) - StairCovers::STAIR_DEPTH < $under) {
                    $rings[] = $step->outline->counterClockwise();
                }
            }
        }

        return array_values(array_filter($rings, static fn(Ring $ring): bool => Overlap::isWiderThan(Tolerance::GRAZE, $floor, $ring)));
    }
}
