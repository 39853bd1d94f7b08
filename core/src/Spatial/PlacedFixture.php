<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Box;
use Heurema\Geometry\Frame;
use Heurema\Geometry\Overlap;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Tolerance;
use Heurema\Language\Text;
use Heurema\Layout\Fixture;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;

/**
 * A fixture where it stands. Its own frame has x along its width, to the right of one who stands with his back to its back, and y out of
 * its front.
 */
final readonly class PlacedFixture implements Subject
{
    /** What hangs on a wall without taking room from anybody. */
    private const FLAT = [
        FixtureKind::GrabBar, FixtureKind::Mirror, FixtureKind::Switch, FixtureKind::Socket, FixtureKind::SmokeAlarm,
        FixtureKind::CoAlarm, FixtureKind::Lamp, FixtureKind::ShowerCurtain, FixtureKind::CeilingAccess,
    ];

    /** What basins, sinks and hobs are set into. */
    private const COUNTERS = [FixtureKind::Counter, FixtureKind::Island, FixtureKind::BaseCabinet, FixtureKind::Vanity];

    /** A fixture whose underside is this high, in mm, leaves the floor below it free. */
    private const ABOVE_HEADS = 2000.0;

    /** Its outline on the plan; null when its width or depth is not known. */
    public ?Ring $outline;

    /** The upright box around its outline. */
    public ?Box $bounds;

    /** The room its middle lies in; where that is in a wall or on the edge of one, the room that some more of it lies in. */
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
        $this->takesFloor = $this->base() < self::ABOVE_HEADS && !in_array($fixture->kind, self::FLAT, true);
        $this->room = $this->roomBelow($fixture->width ?? 4.0, $fixture->depth ?? 4.0);
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
        return $this->plan->called($this);
    }

    /** Its name within a sentence. */
    public function spoken(): string
    {
        return Text::of('the {name}', name: Text::small($this->name()));
    }

    public function storey(): string
    {
        return $this->plan->storey->id;
    }

    /**
     * Where somebody stands before it, across its width in its own frame: at its middle, or before each of its basins, which are taken to
     * divide its top evenly.
     *
     * @return non-empty-list<float>
     */
    public function places(): array
    {
        $count = $this->fixture->basins ?? 1;
        $width = $this->fixture->width ?? 0.0;

        return array_map(static fn(int $number): float => $width * (($number + 0.5) / $count - 0.5), range(0, $count - 1));
    }

    /** A basin, sink or hob set in a counter, or an oven in a tall unit, has that around it, not in its way. */
    public function isSetIn(self $other): bool
    {
        $isOven = $this->fixture->kind === FixtureKind::Oven && $other->fixture->kind === FixtureKind::TallCabinet;

        return $other !== $this && ($isOven || in_array($other->fixture->kind, self::COUNTERS, true))
            && $other->outline?->contains($this->frame->toPlan(new Point(0, ($this->fixture->depth ?? 0.0) / 2))) === true;
    }

    /** Do the two cover some common floor, by more than a millimetre, at whatever heights? */
    public function overlaps(self $other): bool
    {
        return $this->outline !== null
            && $other->outline !== null
            && Overlap::isWiderThan(Tolerance::GRAZE, new Polygon($other->outline->counterClockwise()), $this->outline->counterClockwise());
    }

    /** Does it stand on some of a floor, by more than a millimetre? */
    public function standsIn(Polygon $floor): bool
    {
        return $this->outline !== null && Overlap::isWiderThan(Tolerance::GRAZE, $floor, $this->outline->counterClockwise());
    }

    /** The rectangle around its outline that is turned as it is, counter-clockwise. */
    public function extent(Ring $outline): Ring
    {
        $frame = $this->frame;
        $box = Box::around(array_map($frame->fromPlan(...), $outline->points));

        return Ring::rectangle(
            $frame->toPlan(new Point($box->left, $box->bottom)),
            $frame->xAxis->times($box->width()),
            $frame->yAxis->times($box->height()),
        )->counterClockwise();
    }

    private function roomBelow(float $width, float $depth): ?RoomSpace
    {
        // a little off the middle, so as not to look along an edge that runs through it
        foreach ([[0.0, 0.0], [0.0, 0.25], [0.25, 0.0], [-0.25, 0.0], [0.0, -0.25]] as [$aside, $ahead]) {
            $room = $this->plan->roomAt($this->frame->toPlan(new Point($aside * $width, (0.5 + $ahead) * $depth + Tolerance::GRAZE)));
            if ($room !== null) {
                return $room;
            }
        }

        return null;
    }

    /** Its underside above the floor, mm; what hangs at a height that nobody said is taken to hang low. */
    public function base(): float
    {
        return $this->fixture->base ?? 0.0;
    }

    /** Its underside above the floor, mm; null where nobody said how high it hangs. */
    public function knownBase(): ?float
    {
        return $this->fixture->base ?? ($this->fixture->kind->hangs() ? null : 0.0);
    }

    /** Its top above the floor, mm; null where a height is not known. */
    public function top(): ?float
    {
        $base = $this->knownBase();

        return $base === null || $this->fixture->height === null ? null : $base + $this->fixture->height;
    }

    /** @return list<string> what the document lacks for its top */
    public function missingForTop(): array
    {
        return [
            ...($this->knownBase() === null ? ["{$this->id()}.base"] : []),
            ...($this->fixture->height === null ? ["{$this->id()}.height"] : []),
        ];
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
