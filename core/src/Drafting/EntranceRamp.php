<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Edit\Replace;
use Heurema\Layout\Landing;
use Heurema\Layout\Ramp;
use Heurema\Layout\RampRun;
use Heurema\Layout\Words\Status;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\PlacedRamp;

/**
 * A ramp from the ground straight up to a door: as few runs as the highest rise allows, landings between them and before the door. In mm.
 */
final readonly class EntranceRamp
{
    /** A ramp that ends this near the door, mm, is the door's. */
    private const AT_THE_DOOR = 3000.0;

    private const STEEPEST = 4;
    private const FLATTEST = 50;

    /**
     * @param float $slope   length over rise: 12 for 1 in 12
     * @param float $width
     * @param float $landing how long landings are, the one before the door too
     * @param float $highest rise of a run at the most
     */
    public function __construct(private float $slope, private float $width, private float $landing, private float $highest) {}

    /**
     * The door's ramp set anew where it has one.
     *
     * @param string $id of a new ramp
     *
     * @throws RefusedEdit where the door leads nowhere outside, or a height is not known
     */
    public function to(PlacedOpening $door, Home $home, string $id): Edit
    {
        if ($door->isToOutside() !== true) {
            throw new RefusedEdit('A ramp from the ground leads to a door to the outside.');
        }
        if ($this->slope < self::STEEPEST || $this->slope > self::FLATTEST) {
            throw new RefusedEdit('Type a slope between 1 in '.self::STEEPEST.' and 1 in '.self::FLATTEST.'.');
        }
        if ($this->width <= 0.0 || $this->highest <= 0.0) {
            throw new RefusedEdit('A ramp has a width and a rise.');
        }
        $rise = RiseToDoor::of($door, $home, 'no ramp is');
        $before = $this->standing($door, $home);
        $parts = $this->parts($rise);
        $length = array_sum(array_map(
            static fn(RampRun|Landing $part): float => $part instanceof RampRun ? $part->length : $part->depth ?? 0.0,
            $parts,
        ));
        $out = $door->wall->line()->direction()->left()->times($door->left->isOpenAir() === true ? 1 : -1);
        $start = $door->middle()->plus($out->times($door->wall->thickness / 2 + $length));
        $ramp = new Ramp(
            $before === null ? $id : $before->id,
            $before === null ? 'Ramp' : $before->name,
            $door->storey(),
            -$rise,
            new Point(round($start->x, 4) + 0.0, round($start->y, 4) + 0.0),
            round(rad2deg(atan2(-$out->y, -$out->x)), 4) + 0.0,
            $this->width,
            $before?->handrails,
            $before?->edge,
            Status::New,
            false,
            $parts,
        );

        return $before === null ? new Add(null, $ramp) : new Replace($ramp, 'Ramp set anew');
    }

    /** @return list<RampRun|Landing> */
    private function parts(float $rise): array
    {
        $count = max(1, (int) ceil(($rise - RiseToDoor::ROUNDING) / $this->highest));
        $run = new RampRun(round($rise / $count * $this->slope, 4), round($rise / $count, 4));
        $parts = [$run];
        for ($number = 1; $number < $count; ++$number) {
            array_push($parts, new Landing($this->landing), $run);
        }

        return $this->landing > 0.0 ? [...$parts, new Landing($this->landing)] : $parts;
    }

    private function standing(PlacedOpening $door, Home $home): ?Ramp
    {
        $isOf = static fn(PlacedRamp $ramp): bool => $ramp->storey() === $door->storey()
            && $ramp->shape->head()->shortestTo($door->span())->length() <= self::AT_THE_DOOR;

        return array_values(array_filter($home->ramps, $isOf))[0]->ramp ?? null;
    }
}
