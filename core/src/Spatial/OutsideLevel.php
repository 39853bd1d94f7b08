<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Tolerance;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Words\Message;

/**
 * How high one stands outside a door: as it was said, else on steps or a ramp that come up to it, on a porch, or on the ground where that
 * is drawn.
 */
final readonly class OutsideLevel
{
    /** Steps and ramps that end this near a door, mm, lead up to it. */
    private const AT_THE_DOOR = 1500.0;

    /**
     * @param float|null  $elevation mm; null where it cannot be told
     * @param Message|null $assumed  what was taken on the way
     */
    private function __construct(
        public ?float $elevation,
        public ?Message $assumed,
        public ?PlacedStair $steps = null,
        public ?PlacedRamp $ramp = null,
    ) {}

    /** The door leads outside. */
    public static function of(PlacedOpening $door, Home $home): self
    {
        $steps = self::stepsAt($door, $home);
        $ramp = self::rampAt($door, $home);
        $said = $door->opening->door?->exteriorLevel;
        if ($said !== null) {
            return new self($said, null, $steps, $ramp);
        }
        $floor = $door->plan->storey->elevation;
        if ($steps !== null) {
            return new self($floor, Message::of('spatial.outside_level.steps', steps: $steps->name()), $steps, $ramp);
        }
        if ($ramp !== null) {
            return new self($ramp->top(), Message::of('spatial.outside_level.ramp', ramp: $ramp->name()), null, $ramp);
        }
        if ($door->left->room !== null && $door->right->room !== null) {
            return new self($floor, Message::of('spatial.outside_level.floor'));
        }
        $grade = $home->ground()->at($door->middle());

        return $grade === null ? new self(null, null) : new self($grade, Message::of('spatial.outside_level.ground'));
    }

    /** Does one come from the door onto a floor, steps or the ground without falling? Null where it cannot be told. */
    public static function isWalkable(PlacedOpening $door, Home $home, float $deepest): ?bool
    {
        $outside = self::of($door, $home)->elevation;
        $floor = $door->plan->storey->elevation;

        return $outside === null || $floor === null ? null : abs($floor - $outside) <= $deepest + Tolerance::TOUCH;
    }

    private static function stepsAt(PlacedOpening $door, Home $home): ?PlacedStair
    {
        foreach ($home->stairs as $stair) {
            if (
                $stair->from === null
                && $stair->to === $door->plan->storey
                && $stair->shape->head !== null
                && $stair->shape->head->shortestTo($door->span())->length() <= self::AT_THE_DOOR
            ) {
                return $stair;
            }
        }

        return null;
    }

    /** The nearest of those that end at the door. */
    private static function rampAt(PlacedOpening $door, Home $home): ?PlacedRamp
    {
        [$nearest, $least] = [null, self::AT_THE_DOOR];
        foreach ($home->ramps as $ramp) {
            $distance = $ramp->storey() === $door->storey() ? $ramp->shape->head()->shortestTo($door->span())->length() : INF;
            if ($distance <= $least) {
                [$nearest, $least] = [$ramp, $distance];
            }
        }

        return $nearest;
    }
}
