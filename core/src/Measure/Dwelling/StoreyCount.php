<?php

declare(strict_types=1);

namespace Heurema\Measure\Dwelling;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Spatial\Home;
use Heurema\Spatial\StoreyPlan;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<Home> */
#[Measures('dwelling.storey_count', AnswerType::Count, 'On how many storeys it has rooms.')]
final class StoreyCount extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $storeys = array_filter($home->plans, static fn(StoreyPlan $plan): bool => $plan->rooms !== []);

        return new Measured(
            Amount::count(count($storeys)),
            [],
            [Message::of(
                'dwelling.storey_count.value',
                value: array_map(static fn(StoreyPlan $plan): string => $plan->storey->name, $storeys),
            )],
        );
    }
}
