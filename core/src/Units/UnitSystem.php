<?php

declare(strict_types=1);

namespace Heurema\Units;

/** How people see and type values; it never changes what is stored. */
enum UnitSystem: string
{
    case Imperial = 'imperial';
    case Metric = 'metric';

    public function other(): self
    {
        return $this === self::Imperial ? self::Metric : self::Imperial;
    }

    public function notation(): Notation
    {
        return $this === self::Imperial ? new ImperialNotation() : new MetricNotation();
    }
}
