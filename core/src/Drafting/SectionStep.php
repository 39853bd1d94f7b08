<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Spatial\Stair\StepKind;

/** A tread or landing in an upright section, in mm. */
final readonly class SectionStep
{
    /**
     * @param float $from  along the line one walks, where its nosing is
     * @param float $to    where the next riser is
     * @param float $level its surface above the foot
     * @param float $next  where the line over the nosings leaves it
     */
    public function __construct(public float $from, public float $to, public float $level, public float $next, public StepKind $kind) {}
}
