<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Box;
use Heurema\Geometry\Frame;
use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Layout\Fixture;
use Heurema\Layout\Words\FixtureKind;

/** A fixture where it stands. Its own frame has x along its width, to the right of one who stands with his back to its back, and y out of its front. */
final readonly class PlacedFixture implements Subject
{
    /** What hangs on a wall without taking room from anybody. */
    private const FLAT_THINGS = [
        FixtureKind::GrabBar, FixtureKind::Mirror, FixtureKind::Switch, FixtureKind::Socket, FixtureKind::SmokeAlarm,
        FixtureKind::CoAlarm, FixtureKind::Lamp,
    ];

    /** A thing whose underside is this high, in mm, leaves the floor below it free. */
    private const ABOVE_HEADS = 2000.0;

    /** Its outline on the plan; null when its width or depth is not known. */
    public ?Ring $outline;

    /** The upright box around its outline. */
    public ?Box $bounds;

    /** The room its middle lies in. */
    public ?RoomSpace $room;

    /** Origin in the middle of its back edge, y the way it faces. */
    public Frame $frame;

    /** Does it take away floor that somebody would stand or walk on? */
    public bool $takesFloor;

    public function __construct(public Fixture $fixture, public StoreyPlan $plan)
    {
        $points = $fixture->outline ?? $this->rectangle();
        $this->frame = Frame::facing($fixture->at, Point::towards($fixture->facing));
        $this->outline = $points === null || $points === [] ? null : new Ring(array_map($this->frame->toPlan(...), $points));
        $this->bounds = $this->outline?->bounds();
        $this->takesFloor = $this->base() < self::ABOVE_HEADS && !in_array($fixture->kind, self::FLAT_THINGS, true);
        $this->room = $plan->roomAt($this->frame->toPlan(new Point(0, ($fixture->depth ?? 4.0) / 2)));
    }

    public function type(): SubjectType
    {
        return SubjectType::Fixture;
    }

    public function id(): string
    {
        return $this->fixture->id;
    }

    public function name(): string
    {
        $kind = ucfirst(str_replace('_', ' ', $this->fixture->kind->value));

        return $this->room === null ? "{$kind} {$this->fixture->id}" : "{$kind} {$this->fixture->id}, {$this->room->name()}";
    }

    public function storey(): string
    {
        return $this->plan->storey->id;
    }

    /** The rectangle around its outline that is turned as it is, counter-clockwise. */
    public function extent(Ring $outline): Ring
    {
        $frame = $this->frame;
        $box = Box::around(array_map($frame->fromPlan(...), $outline->points));

        return Ring::rectangle($frame->toPlan(new Point($box->left, $box->bottom)), $frame->xAxis->times($box->width()), $frame->yAxis->times($box->height()))->counterClockwise();
    }

    public function base(): float
    {
        return $this->fixture->base ?? 0.0;
    }

    /** @return list<Point>|null */
    private function rectangle(): ?array
    {
        if ($this->fixture->width === null || $this->fixture->depth === null) {
            return null;
        }
        $half = $this->fixture->width / 2;
        $depth = $this->fixture->depth;

        return [new Point(-$half, 0), new Point($half, 0), new Point($half, $depth), new Point(-$half, $depth)];
    }
}
