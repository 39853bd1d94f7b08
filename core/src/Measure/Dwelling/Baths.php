<?php

declare(strict_types=1);

namespace Heurema\Measure\Dwelling;

use Heurema\Layout\Words\FixtureKind;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;

/** @extends SubjectMeasure<Home> */
#[Measures('dwelling.baths', AnswerType::Count, 'How many baths it has, those with a shower over them among them.')]
final class Baths extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $baths = array_filter(
            $home->fixtures,
            static fn(PlacedFixture $fixture): bool => in_array(
                $fixture->fixture->kind,
                [FixtureKind::Bath, FixtureKind::ShowerBath],
                true,
            ),
        );

        return new Measured(Amount::count(count($baths)));
    }
}
