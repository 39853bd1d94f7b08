<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Layout\Opening;
use Heurema\Layout\RoofWindow;
use Heurema\Layout\SlopedCeiling;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\WallType;

/**
 * The plane of a ceiling in which a roof window lies. Measures that ask a window of its wall are given a line along its lower edge, without
 * thickness, the room to the left of it.
 */
final readonly class RoofPlane
{
    /** Its lower edge is drawn so long, mm, where nobody said how wide it is. */
    private const EDGE = 100.0;

    public Wall $wall;
    public Opening $opening;

    /** How much of a length along it is upright, from 0 where it is level to 1. */
    public float $steepness;

    /** Straight up the slope, on plan; of length 1. */
    private Point $up;

    /** @param RoomSpace|null $room that it lies over */
    public function __construct(private RoofWindow $window, public ?RoomSpace $room)
    {
        $over = $room?->ceiling();
        $ceiling = $over instanceof SlopedCeiling ? $over->slopeAt($window->at) : $over;
        $run = $ceiling instanceof SlopedCeiling ? $ceiling->to->minus($ceiling->from) : new Point(0, 1);
        $this->up = $run->unit();
        $rise = $ceiling instanceof SlopedCeiling ? $ceiling->high - $ceiling->low : 0.0;
        $this->steepness = $rise / hypot($rise, $run->length());
        $half = $this->up->left()->times(-($window->width ?? self::EDGE) / 2);
        $this->wall = new Wall($window->id, $window->at->minus($half), $window->at->plus($half), 0.0, WallType::Exterior);
        $this->opening = $window->opening(
            $this->wall->id,
            $this->wall->line()->length() / 2,
            $ceiling instanceof SlopedCeiling ? $ceiling->heightAt($window->at) : $ceiling,
        );
    }

    /** What it covers on plan; null where its width or height nobody said. */
    public function outline(): ?Ring
    {
        $depth = ($this->window->height ?? 0.0) * sqrt(1 - $this->steepness ** 2);

        return $this->window->width === null || $depth <= 0.0
            ? null
            : Ring::rectangle($this->wall->from, $this->wall->line()->vector(), $this->up->times($depth));
    }
}
