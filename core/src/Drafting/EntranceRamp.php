<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Language\Text;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Edit\Replace;
use Heurema\Layout\Landing;
use Heurema\Layout\Ramp;
use Heurema\Layout\RampRun;
use Heurema\Layout\Words\Status;
use Heurema\Spatial\Home;
use Heurema\Spatial\OutsideLevel;
use Heurema\Spatial\PlacedOpening;

/**
 * A ramp from the ground straight up to a door: as few runs as the highest rise allows, landings between them and before the door. In mm.
 */
final readonly class EntranceRamp
{
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
            throw new RefusedEdit(Text::of('A ramp from the ground leads to a door to the outside.'));
        }
        if ($this->slope < self::STEEPEST || $this->slope > self::FLATTEST) {
            throw new RefusedEdit(Text::of(
                'Type a slope between 1 in {steepest} and 1 in {flattest}.',
                steepest: self::STEEPEST,
                flattest: self::FLATTEST,
            ));
        }
        if ($this->width <= 0.0 || $this->highest <= 0.0) {
            throw new RefusedEdit(Text::of('A ramp has a width and a rise.'));
        }
        $climb = ClimbToDoor::of($door, $home, Text::of('no ramp is'));
        $before = OutsideLevel::of($door, $home)->ramp?->ramp;
        $parts = $this->parts($climb);
        $length = array_sum(array_map(
            static fn(RampRun|Landing $part): float => $part instanceof RampRun ? $part->length : $part->depth ?? 0.0,
            $parts,
        ));
        $ramp = new Ramp(
            id: $before === null ? $id : $before->id,
            name: $before === null ? Text::of('Ramp') : $before->name,
            storey: $door->storey(),
            base: -$climb->rise,
            start: $climb->start($length),
            facing: $climb->facing(),
            width: $this->width,
            handrails: $before?->handrails,
            edge: $before?->edge,
            status: $before === null ? Status::New : $before->status,
            locked: false,
            parts: $parts,
        );

        return $before === null ? new Add(null, $ramp) : new Replace($ramp, Text::of('Ramp set anew'));
    }

    /** @return list<RampRun|Landing> */
    private function parts(ClimbToDoor $climb): array
    {
        $count = $climb->parts($this->highest);
        $run = new RampRun(round($climb->rise / $count * $this->slope, 4), round($climb->rise / $count, 4));
        $parts = [$run];
        for ($number = 1; $number < $count; ++$number) {
            array_push($parts, new Landing($this->landing), $run);
        }

        return $this->landing > 0.0 ? [...$parts, new Landing($this->landing)] : $parts;
    }
}
