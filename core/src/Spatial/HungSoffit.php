<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Point;
use Heurema\Layout\Soffit;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;

/** A beam, duct or dropped ceiling with what hangs beside it on its storey. */
final readonly class HungSoffit implements Subject
{
    /** The room under its middle. */
    public ?RoomSpace $room;

    public function __construct(public Soffit $soffit, public StoreyPlan $plan)
    {
        $this->room = $plan->roomAt($this->middle());
    }

    public function type(): SubjectType
    {
        return SubjectType::Soffit;
    }

    public function id(): string
    {
        return $this->soffit->id;
    }

    public function name(): string
    {
        return $this->plan->called($this);
    }

    public function storey(): string
    {
        return $this->plan->storey->id;
    }

    public function middle(): Point
    {
        return $this->soffit->outline->bounds()->middle();
    }
}
