<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures('fixture.in_main_bedroom', AnswerType::YesNo, 'Whether the fixture stands in the largest bedroom of the home.')]
final class InMainBedroom extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $main = $home->once('main bedroom', static fn(): RoomSpace|Unknown|null => self::main($home));

        return $main instanceof Unknown ? $main : new Measured($subject->room !== null && $subject->room === $main);
    }

    private static function main(Home $home): RoomSpace|Unknown|null
    {
        $largest = null;
        foreach ($home->bedrooms() as $bedroom) {
            $outline = $bedroom->outline();
            if ($outline === null) {
                return new Unknown([(string) $bedroom->outlineProblem()]);
            }
            $largest = $largest === null || $outline->area() > $largest[1] ? [$bedroom, $outline->area()] : $largest;
        }

        return $largest === null ? null : $largest[0];
    }
}
