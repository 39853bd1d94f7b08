<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\Point;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\UnderCeiling;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<RoomSpace> */
#[Measures(
    'room.height_at_fixtures',
    AnswerType::Length,
    'The least ceiling over the middle of the floor before the sanitary fixtures of the room, 21 in deep.',
)]
final class HeightAtFixtures extends SubjectMeasure
{
    private const SANITARY = [
        FixtureKind::WaterCloset, FixtureKind::Lavatory, FixtureKind::Bath, FixtureKind::Shower, FixtureKind::ShowerBath,
        FixtureKind::Bidet, FixtureKind::Urinal,
    ];
    private const HALF = 266.7;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $points = $missing = [];
        foreach ($home->fixturesIn($subject) as $fixture) {
            if (in_array($fixture->fixture->kind, self::SANITARY, true)) {
                $points[] = $fixture->frame->toPlan(new Point(0, ($fixture->fixture->depth ?? 0.0) + self::HALF));
                array_push($missing, ...($fixture->fixture->depth === null ? ["{$fixture->id()}.depth"] : []));
            }
        }
        if ($points === []) {
            return new NotApplicable(Message::of('room.height_at_fixtures.no_sanitary_fixture_stands'));
        }
        $height = UnderCeiling::over($points, $subject);
        if ($missing !== [] || $height === null) {
            return new Unknown([...$missing, ...($height === null ? [$subject->ceilingKey()] : [])]);
        }

        return new Measured(
            Amount::length($height),
            array_map(static fn(Point $at): Witness => Witness::mark($subject->storey(), $at), $points),
            [Message::of('room.height_at_fixtures.over_floor_before_its', height: Amount::length($height))],
        );
    }
}
