<?php

declare(strict_types=1);

namespace Heurema\Measure\BeyondOpening;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Spatial\HallDoor;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;

/**
 * How one comes up to a door off a hall: `head_on` at its end, `side_on` along it; `none` where it opens off no hall.
 *
 * @extends SubjectMeasure<PlacedOpening>
 */
final class HallApproach extends SubjectMeasure
{
    public function name(): string
    {
        return 'door.hall_approach';
    }

    public function answer(): AnswerType
    {
        return AnswerType::Word;
    }

    public function words(): array
    {
        return [self::ANSWER => ['head_on', 'side_on', 'none']];
    }

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $hall = HallDoor::of($subject);
        if ($hall?->hall->outline() === null && $hall !== null) {
            return new Unknown([(string) $hall->hall->outlineProblem()]);
        }

        return new Measured(match ($hall?->isHeadOn()) {
            true => 'head_on',
            false => 'side_on',
            null => 'none',
        });
    }
}
