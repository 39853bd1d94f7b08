<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\Polygon;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\RoomSpace;
use Heurema\Units\Amount;
use Heurema\Words\Message;

#[Measures(
    'room.storage_in_reach',
    AnswerType::Ratio,
    'How much of the fronts of its base, tall and wall units, by area, lies no lower than `from` and no higher than `to` above the floor. '
    .'Shelves are taken to lie evenly behind them.',
    with: ['from' => AnswerType::Length, 'to' => AnswerType::Length],
)]
final class StorageInReach extends OutlineMeasure
{
    private const STORAGE = [FixtureKind::BaseCabinet, FixtureKind::TallCabinet, FixtureKind::WallCabinet];

    protected function measureWithin(Polygon $outline, RoomSpace $room, Home $home, Parameters $with): Measurement
    {
        $units = array_values(array_filter(
            $home->fixturesOn($room->storey()),
            static fn(PlacedFixture $one): bool => $one->room === $room && in_array($one->fixture->kind, self::STORAGE, true),
        ));
        if ($units === []) {
            return new NotApplicable(Message::of('room.storage_in_reach.no_units'));
        }
        $missing = array_merge(...array_map(self::missing(...), $units));
        if ($missing !== []) {
            return new Unknown($missing);
        }
        [$from, $to] = [$with->number('from') ?? 0.0, $with->number('to') ?? INF];
        [$all, $reached] = [0.0, 0.0];
        foreach ($units as $unit) {
            [$width, $top] = [$unit->fixture->width ?? 0.0, $unit->top() ?? 0.0];
            $all += $width * ($top - $unit->base());
            $reached += $width * max(0.0, min($to, $top) - max($from, $unit->base()));
        }

        return $all > 0.0
            ? new Measured(
                Amount::ratio($reached / $all),
                array_map(static fn(PlacedFixture $one): Witness => Witness::mark($room->storey(), $one->fixture->at), $units),
                [Message::of('room.storage_in_reach.of', reached: Amount::drawnArea($reached), all: Amount::drawnArea($all))],
            )
            : new NotApplicable(Message::of('room.storage_in_reach.no_units'));
    }

    /** @return list<string> */
    private static function missing(PlacedFixture $one): array
    {
        return [...$one->fixture->width === null ? ["{$one->id()}.width"] : [], ...$one->missingForTop()];
    }
}
