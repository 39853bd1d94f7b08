<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Layout\Ramp;
use Heurema\Layout\RampRun;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;

/** A ramp where it lies on plan. */
final readonly class PlacedRamp implements Subject
{
    public RampShape $shape;

    public function __construct(public Ramp $ramp, public StoreyPlan $plan)
    {
        $this->shape = RampShape::of($ramp);
    }

    public function type(): SubjectType
    {
        return SubjectType::Ramp;
    }

    public function id(): string
    {
        return $this->ramp->id;
    }

    public function name(): string
    {
        return $this->plan->called($this);
    }

    public function storey(): string
    {
        return $this->plan->storey->id;
    }

    /** How high its upper end lies, mm; null where it cannot be told. */
    public function top(): ?float
    {
        $top = $this->plan->storey->elevation;
        foreach ($this->ramp->parts as $part) {
            $rise = $part instanceof RampRun ? $part->rise : 0.0;
            $top = $top === null || $rise === null ? null : $top + $rise;
        }

        return $top === null ? null : $top + ($this->ramp->base ?? 0.0);
    }
}
