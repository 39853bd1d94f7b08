<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;

/** How far the floor at a door lies above the ground. */
final class RiseToDoor
{
    /** Of a rise that is nothing, or a whole number of steps, but for rounding; mm. */
    public const ROUNDING = 0.05;

    /**
     * @param string $need what would lead up, as a refusal says it: `no steps are`
     *
     * @return float mm, above zero
     *
     * @throws RefusedEdit where a height is not known or the ground lies no lower
     */
    public static function of(PlacedOpening $door, Home $home, string $need): float
    {
        [$floor, $ground] = [$door->plan->storey->elevation, $home->layout->grade];
        if ($floor === null || $ground === null) {
            throw new RefusedEdit(
                $floor === null
                    ? 'Say how high the storey lies first.'
                    : 'Say how far the ground lies below the floor first: under The home, where nothing is chosen.',
            );
        }

        return $floor - $ground > self::ROUNDING
            ? $floor - $ground
            : throw new RefusedEdit("The ground lies no lower than the floor: {$need} needed.");
    }
}
