<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Tolerance;
use Heurema\Layout\Words\OpeningKind;
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
        $grade = $home->ground()->at($door->placeOutside());

        return $grade === null ? new self(null, null) : new self($grade, Message::of('spatial.outside_level.ground'));
    }

    /** Does one come from the door onto a floor, steps or the ground without falling? Null where it cannot be told. */
    public static function isWalkable(PlacedOpening $door, Home $home, float $deepest): ?bool
    {
        $outside = self::of($door, $home)->elevation;
        $floor = $door->plan->storey->elevation;

        return $outside === null || $floor === null ? null : abs($floor - $outside) <= $deepest + Tolerance::TOUCH;
    }

    /** The door to the outside that is closest to where steps end; null where there is none. */
    public static function doorOf(PlacedStair $steps, Home $home): ?PlacedOpening
    {
        $head = $steps->shape->head;
        if ($head === null) {
            return null;
        }
        [$nearest, $least] = [null, INF];
        foreach ($home->openingsOn($steps->to->id) as $door) {
            $isOuter = $door->opening->kind !== OpeningKind::Window && $door->isToOutside() === true;
            $distance = $isOuter ? $door->span()->distanceTo($head->middle()) : INF;
            if ($distance < $least) {
                [$nearest, $least] = [$door, $distance];
            }
        }

        return $nearest;
    }

    private static function stepsAt(PlacedOpening $door, Home $home): ?PlacedStair
    {
        foreach ($home->stairs as $stair) {
            if ($stair->from === null && $stair->to === $door->plan->storey && self::leadsTo($stair, $door, $home)) {
                return $stair;
            }
        }

        return null;
    }

    /** Do steps end near a door, before it or with no other one nearer? */
    private static function leadsTo(PlacedStair $steps, PlacedOpening $door, Home $home): bool
    {
        $head = $steps->shape->head;
        if ($head === null || $head->shortestTo($door->span())->length() > self::AT_THE_DOOR) {
            return false;
        }
        $along = $head->along($door->middle());

        return ($along >= 0.0 && $along <= $head->length()) || self::doorOf($steps, $home) === $door;
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
