<?php

declare(strict_types=1);

namespace Heurema\Measure;

use Heurema\Layout\Storey;
use Heurema\Spatial\Home;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;

/**
 * How many storeys up something lies: 0 on the ground floor, which is the lowest whose floor lies no more than 1.2 m below the
 * ground (common practice, no source); below it as well.
 *
 * @extends NamedCount<Subject>
 */
final class StoreysUp extends NamedCount
{
    private const SUNKEN = 1200.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $unknown = array_values(array_filter($home->layout->storeys, static fn(Storey $storey): bool => $storey->elevation === null));
        if ($unknown !== []) {
            return new Unknown(array_map(static fn(Storey $storey): string => "{$storey->id}.elevation", $unknown));
        }
        $up = 0;
        foreach ($home->layout->storeys as $storey) {
            if ($storey->id === $subject->storey()) {
                break;
            }
            $up += $storey->elevation >= ($home->layout->grade ?? 0.0) - self::SUNKEN ? 1 : 0;
        }

        return new Measured(Amount::count($up));
    }
}
