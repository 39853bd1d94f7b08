<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Layout\Guard;
use Heurema\Layout\Wall;

/** A railing where it stands. */
final readonly class StandingGuard implements Subject
{
    public function __construct(public Guard $guard, public StoreyPlan $plan) {}

    /** A wall that one looks over guards like a railing without gaps. */
    public static function lowWall(Wall $wall, StoreyPlan $plan): self
    {
        return new self(new Guard($wall->id, [$wall->from, $wall->to], $wall->height, 0.0), $plan);
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
        return "Guard {$this->guard->id}";
    }

    public function storey(): string
    {
        return $this->plan->storey->id;
    }
}
