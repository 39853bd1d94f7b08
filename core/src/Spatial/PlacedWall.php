<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Layout\Wall;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;

/** A standing wall of a storey. */
final readonly class PlacedWall implements Subject
{
    public function __construct(public Wall $wall, public StoreyPlan $plan) {}

    public function type(): SubjectType
    {
        return SubjectType::Wall;
    }

    public function id(): string
    {
        return $this->wall->id;
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
