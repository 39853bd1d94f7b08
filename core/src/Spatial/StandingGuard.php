<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\Guard;
use Heurema\Layout\Wall;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Stair\StepKind;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;

/** A railing where it stands. */
final readonly class StandingGuard implements Subject
{
    /** A guard this near a step, mm, stands along it. */
    private const BESIDE = 150.0;

    public function __construct(public Guard $guard, public StoreyPlan $plan) {}

    /** A wall that one looks over guards like a railing without gaps. */
    public static function lowWall(Wall $wall, StoreyPlan $plan): self
    {
        return new self(new Guard($wall->id, [$wall->from, $wall->to], $wall->height, 0.0), $plan);
    }

    /** The middle of its first length. */
    public function middle(): Point
    {
        return (new Segment($this->guard->line[0], $this->guard->line[1]))->middle();
    }

    /** Does it stand along the side of a flight? */
    public function isAlong(PlacedStair $stair): bool
    {
        foreach ($stair->storey() === $this->storey() ? $stair->shape->steps : [] as $step) {
            foreach ($step->kind === StepKind::Landing ? [] : $step->outline->edges() as $edge) {
                if ($edge->distanceTo($this->middle()) <= self::BESIDE) {
                    return true;
                }
            }
        }

        return false;
    }

    public function type(): SubjectType
    {
        return SubjectType::Guard;
    }

    public function id(): string
    {
        return $this->guard->id;
    }

    public function name(): string
    {
        return $this->plan->called($this);
    }

    public function storey(): string
    {
        return $this->plan->storey->id;
    }
}
