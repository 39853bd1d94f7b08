<?php

declare(strict_types=1);

namespace Heurema\Measure\Ramp;

use Heurema\Layout\RampRun;
use Heurema\Measure\Unknown;
use Heurema\Spatial\PlacedRamp;
use Heurema\Spatial\RampPart;

/** The runs of a ramp with what each climbs. */
final class Runs
{
    /** @return non-empty-list<array{RampPart, float}>|Unknown run and rise, mm; Unknown where nobody said how much one climbs */
    public static function of(PlacedRamp $ramp): array|Unknown
    {
        $runs = $missing = [];
        foreach ($ramp->shape->parts as $number => $placed) {
            if (!$placed->part instanceof RampRun) {
                continue;
            }
            if ($placed->part->rise === null) {
                $missing[] = "{$ramp->id()}.parts.{$number}.run.rise";
            } else {
                $runs[] = [$placed, $placed->part->rise];
            }
        }

        return $missing === [] && $runs !== [] ? $runs : new Unknown($missing);
    }
}
