<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Geometry\Tolerance;
use Heurema\Language\Text;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;

/** What leads straight up from the ground to the middle of a door: how far it climbs, where it begins and which way it goes. In mm. */
final readonly class ClimbToDoor
{
    /**
     * @param float $rise above zero
     * @param Point $out  away from the door, square to its wall; of length 1
     */
    private function __construct(public float $rise, private Point $out, private PlacedOpening $door) {}

    /**
     * The door leads outside.
     *
     * @param string $need what would lead up, as a refusal says it: `no steps are`
     *
     * @throws RefusedEdit where a height is not known or the ground lies no lower
     */
    public static function of(PlacedOpening $door, Home $home, string $need): self
    {
        [$floor, $ground] = [$door->plan->storey->elevation, $home->ground()->at($door->placeOutside())];
        if ($floor === null || $ground === null) {
            throw new RefusedEdit(
                $floor === null
                    ? Text::of('Say how high the storey lies first.')
                    : Text::of('Say how far the ground lies below the floor first: under The home, where nothing is chosen.'),
            );
        }
        if ($floor - $ground <= Tolerance::TOUCH) {
            throw new RefusedEdit(Text::of('The ground lies no lower than the floor: {need} needed.', need: $need));
        }
        $out = $door->wall->line()->direction()->left()->times($door->left->isOpenAir() === true ? 1 : -1);

        return new self($floor - $ground, $out, $door);
    }

    /** The fewest equal parts of the rise of which none is higher. */
    public function parts(float $highest): int
    {
        return max(1, (int) ceil(($this->rise - Tolerance::TOUCH) / $highest));
    }

    /** This far before the face of the wall. */
    public function start(float $before): Point
    {
        $start = $this->door->middle()->plus($this->out->times($this->door->wall->thickness / 2 + $before));

        return new Point(round($start->x, 4) + 0.0, round($start->y, 4) + 0.0);
    }

    /** The way up, in degrees. */
    public function facing(): float
    {
        return $this->out->times(-1)->degrees();
    }
}
