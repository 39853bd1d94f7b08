<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Segment;
use Heurema\Layout\SurveyDistance;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;

/** A distance taped on site, beside the drawn one. */
final readonly class TapedDistance implements Subject
{
    public function __construct(public SurveyDistance $distance, public StoreyPlan $plan) {}

    public function type(): SubjectType
    {
        return SubjectType::Survey;
    }

    public function id(): string
    {
        return $this->distance->id;
    }

    public function name(): string
    {
        return $this->plan->called($this);
    }

    public function storey(): string
    {
        return $this->distance->storey;
    }

    public function drawn(): Segment
    {
        return new Segment($this->distance->from, $this->distance->to);
    }
}
