<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Overlap;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
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
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures(
    'fixture.door_clash',
    AnswerType::Count,
    'How many doors of the room and of other appliances the open door of a range, oven, dishwasher or refrigerator meets. Its door '
    .'takes the width of the appliance and as much before it as it sweeps.',
)]
final class DoorClash extends SubjectMeasure
{
    private const APPLIANCES = [FixtureKind::Range, FixtureKind::Oven, FixtureKind::Dishwasher, FixtureKind::Refrigerator];

    /** Doors that meet by less only touch, mm. */
    private const TOUCH = 1.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if (!in_array($subject->fixture->kind, self::APPLIANCES, true)) {
            return new NotApplicable(Message::of('fixture.door_clash.it_is_no_appliance'));
        }
        $own = self::opened($subject);
        if ($own === null) {
            return new Unknown(self::missing($subject));
        }
        [$met, $missing] = [self::roomDoors($subject, $own, $home), []];
        foreach ($home->fixturesOn($subject->storey()) as $other) {
            if ($other === $subject || $other->room !== $subject->room || !in_array($other->fixture->kind, self::APPLIANCES, true)) {
                continue;
            }
            $there = self::opened($other);
            $missing = [...$missing, ...$there === null ? self::missing($other) : []];
            if ($there !== null && Overlap::isWiderThan(self::TOUCH, new Polygon($there), $own)) {
                $met[] = [$other->id(), $other->name(), $there];
            }
        }

        return match (true) {
            $met !== [] => new Measured(
                Amount::count(count($met)),
                array_map(static fn(Ring $open): Witness => Witness::outline($subject->storey(), $open), [$own, ...array_column($met, 2)]),
                [Message::of('fixture.door_clash.meets', names: array_column($met, 1))],
                parties: array_column($met, 0),
            ),
            $missing !== [] => new Unknown($missing),
            default => new Measured(Amount::count(0)),
        };
    }

    /** What the open door takes; null: nobody said how far it sweeps. */
    private static function opened(PlacedFixture $one): ?Ring
    {
        [$width, $depth, $swing] = [$one->fixture->width, $one->fixture->depth, $one->fixture->doorSwing];
        if ($width === null || $depth === null || $swing === null) {
            return null;
        }

        return (new Ring(array_map(
            $one->frame->toPlan(...),
            [
                new Point(-$width / 2, $depth), new Point($width / 2, $depth), new Point($width / 2, $depth + $swing),
                new Point(-$width / 2, $depth + $swing),
            ],
        )))->counterClockwise();
    }

    /** @return list<string> */
    private static function missing(PlacedFixture $one): array
    {
        return array_map(static fn(string $key): string => "{$one->id()}.{$key}", array_keys(array_filter(
            ['width' => $one->fixture->width, 'depth' => $one->fixture->depth, 'door_swing' => $one->fixture->doorSwing],
            static fn(?float $said): bool => $said === null,
        )));
    }

    /** @return list<array{string, string, Ring}> id, name and swept floor of the doors of the room that the open one meets */
    private static function roomDoors(PlacedFixture $one, Ring $own, Home $home): array
    {
        $met = [];
        foreach ($home->leavesNear($one->storey(), $own->bounds()) as [$door, $leaf]) {
            $swept = $leaf->sector->counterClockwise();
            if (Overlap::isWiderThan(self::TOUCH, new Polygon($swept), $own)) {
                $met[] = [$door->id(), $door->name(), $swept];
            }
        }

        return $met;
    }
}
