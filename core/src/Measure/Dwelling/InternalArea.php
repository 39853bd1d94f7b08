<?php

declare(strict_types=1);

namespace Heurema\Measure\Dwelling;

use Heurema\Geometry\Polygon;
use Heurema\Layout\Words\RoomUse;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\Room\AreaAtHeight;
use Heurema\Measure\Room\FloorArea;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Units\Quantity;
use Heurema\Words\Message;

/** @extends SubjectMeasure<Home> */
#[Measures(
    'dwelling.internal_area',
    AnswerType::Area,
    'The floor inside the inner faces of the outer walls, partitions, stairs and the voids over them '
    .'included, all storeys together; garages are left out.  `count_from_height`: floor of rooms under a lower ceiling does not count.',
    with: ['count_from_height' => AnswerType::Length],
)]
final class InternalArea extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $area = 0.0;
        $witness = $working = [];
        foreach ($home->plans as $id => $plan) {
            $floors = $plan->innerFloor();
            $ofStorey = array_sum(array_map(static fn(Polygon $floor): float => $floor->area(), $floors));
            $area += $ofStorey;
            array_push($witness, ...array_map(static fn(Polygon $floor): Witness => Witness::outline($id, $floor), $floors));
            $working[] = Message::of('dwelling.internal_area.value', name: $plan->storey->name, ofStorey: Amount::drawnArea($ofStorey));
        }
        if ($area === 0.0) {
            return new Unknown(['outer walls closed around the dwelling']);
        }
        $garages = self::areaOf(
            $home,
            array_filter($home->rooms, static fn(RoomSpace $room): bool => $room->room->use === RoomUse::Garage),
        );
        $height = $with->number('count_from_height');
        $low = $height === null ? 0.0 : self::lowFloor($home, $height);
        if (is_array($low)) {
            return new Unknown($low);
        }
        $counted = Amount::area($area / 1e6 - $garages - $low);

        return new Measured($counted, $witness, [
            ...$working,
            ...($garages > 0 ? [Message::of('dwelling.internal_area.less_garage', garages: Amount::area($garages))] : []),
            ...($low > 0 ? [Message::of('dwelling.internal_area.less_floor_under_low', low: Amount::area($low))] : []),
        ]);
    }

    /**
     * In m².
     *
     * @param array<RoomSpace> $rooms
     */
    private static function areaOf(Home $home, array $rooms): float
    {
        $areas = array_map(static fn(RoomSpace $room): Measurement => (new FloorArea())->of($room, $home, new Parameters()), $rooms);

        return array_sum(array_map(
            static fn(Measurement $area): float => $area instanceof Measured ? $area->amount()->number : 0.0,
            $areas,
        ));
    }

    /** @return float|list<string> m² of rooms that lie under a ceiling lower than said, or what is missing to tell */
    private static function lowFloor(Home $home, float $height): float|array
    {
        $low = 0.0;
        $missing = [];
        foreach ($home->rooms as $room) {
            $whole = (new FloorArea())->of($room, $home, new Parameters());
            $high = (new AreaAtHeight())->of($room, $home, new Parameters(['height' => Amount::of(Quantity::Length, $height)]));
            if ($whole instanceof Measured && $high instanceof Measured && $room->room->use !== RoomUse::Garage) {
                $low += $whole->amount()->number - $high->amount()->number;
            } elseif ($high instanceof Unknown) {
                array_push($missing, ...$high->missing);
            }
        }

        return $missing === [] ? $low : array_values(array_unique($missing));
    }
}
