<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Sweep;
use Heurema\Spatial\PlacedFixture;

/** How a fixture stands among the walls: its centre line to both sides, and what is free in front of it. */
final readonly class WallOffsets
{
    /** Farther than this, in mm, nobody asks. */
    private const FAR = 4000.0;

    public function __construct(private PlacedFixture $fixture) {}

    /** @return list<Segment> from the fixture's centre line to the wall at its left and at its right, where there is one */
    public function sides(): array
    {
        $frame = $this->fixture->frame;
        $centre = $frame->toPlan(new Point(0, ($this->fixture->fixture->depth ?? 0.0) / 2));
        $sides = [];
        foreach ([-1, 1] as $side) {
            $met = $this->fixture->plan->mass->obstructions()->ray($centre, $frame->xAxis->times($side));
            if ($met !== null && $met->distance <= self::FAR) {
                $sides[] = new Segment($centre, $centre->plus($frame->xAxis->times($side * $met->distance)));
            }
        }

        return $sides;
    }

    /** From the middle of its front to the first wall before any part of it; null when there is none near. */
    public function front(): ?Segment
    {
        $frame = $this->fixture->frame;
        $half = max(1.0, ($this->fixture->fixture->width ?? 0.0) / 2 - 1.0);
        $start = $frame->toPlan(new Point(0, $this->fixture->fixture->depth ?? 0.0));
        $met = $this->fixture->plan->mass->obstructions()->sweep(new Sweep($start, $frame->yAxis, -$half, $half));

        return $met === null || $met->distance > self::FAR ? null : new Segment($start, $start->plus($frame->yAxis->times($met->distance)));
    }

    /** The floor in front of it that is free of walls, at most as deep as said, in mm; null when its size is not known. */
    public function zone(float $deepest): ?Ring
    {
        [$width, $depth] = [$this->fixture->fixture->width, $this->fixture->fixture->depth];
        if ($width === null || $depth === null) {
            return null;
        }
        $frame = $this->fixture->frame;
        $free = min($deepest, $this->front()?->length() ?? $deepest);

        return $free < 1.0
            ? null
            : Ring::rectangle($frame->toPlan(new Point(-$width / 2, $depth)), $frame->xAxis->times($width), $frame->yAxis->times($free));
    }
}
