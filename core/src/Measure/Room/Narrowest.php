<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\FacingPairs;
use Heurema\Geometry\Polygon;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Units\Amount;
use Heurema\Words\Message;

#[Measures(
    'room.narrowest',
    AnswerType::Length,
    'The smallest distance between two wall faces that look at each other: antiparallel within 1 degree, '
    .'over 100 mm or more, floor between them. A divider is no face.',
)]
final class Narrowest extends OutlineMeasure
{
    private const COMMON_STRETCH = 100.0;

    protected function measureWithin(Polygon $outline, RoomSpace $room, Home $home, Parameters $with): Measurement
    {
        $closest = FacingPairs::closest($room->faces(), self::COMMON_STRETCH);
        if ($closest === null) {
            return new NotApplicable(Message::of('room.narrowest.no_two_walls_of'));
        }

        return new Measured(
            Amount::length($closest->length()),
            [Witness::dimension($room->storey(), $closest, Amount::length($closest->length()))],
            [Message::of('room.narrowest.between_two_closest_wall', closest: Amount::length($closest->length()))],
        );
    }
}
