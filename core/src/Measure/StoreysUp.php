<?php

declare(strict_types=1);

namespace Heurema\Measure;

use Heurema\Layout\Storey;
use Heurema\Spatial\Home;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;

/**
 * The ground floor is the lowest whose floor lies no more than 1.2 m below the ground (common practice, no source).
 *
 * @extends SubjectMeasure<Subject>
 */
#[Measures('room.storeys_up', AnswerType::Count, 'How many storeys up the room lies: 0 on the ground floor and below it.')]
#[Measures('door.storeys_up', AnswerType::Count, 'How many storeys up the door lies: 0 on the ground floor and below it.')]
#[Measures('window.storeys_up', AnswerType::Count, 'How many storeys up the window lies: 0 on the ground floor and below it.')]
#[Measures('fixture.storeys_up', AnswerType::Count, 'How many storeys up the fixture lies: 0 on the ground floor and below it.')]
final class StoreysUp extends SubjectMeasure
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
            $up += $storey->elevation >= ($home->ground()->plane() ?? 0.0) - self::SUNKEN ? 1 : 0;
        }

        return new Measured(Amount::count($up));
    }
}
