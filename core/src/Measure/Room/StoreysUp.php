<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Layout\Storey;
use Heurema\Measure\Answer;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject;
use Heurema\Units\Amount;

/**
 * How many storeys up the room lies: 0 on the ground floor, which is the lowest whose floor lies no more than 1.2 m below the
 * ground (common practice, no source); below it as well.
 *
 * @extends SubjectMeasure<RoomSpace>
 */
final class StoreysUp extends SubjectMeasure
{
    private const SUNKEN = 1200.0;

    public function name(): string
    {
        return 'room.storeys_up';
    }

    public function answer(): Answer
    {
        return Answer::Count;
    }

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
