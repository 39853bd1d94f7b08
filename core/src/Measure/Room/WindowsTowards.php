<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\Point;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Spatial\Compass;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;
use Heurema\Words\Message;

#[Measures(
    'room.windows_towards',
    AnswerType::Count,
    'How many windows and glazed doors of the room look out within 45 degrees of a `side` of the compass.',
    with: ['side' => AnswerType::Word],
    words: ['side' => Compass::SIDES],
)]
final class WindowsTowards extends CountedOpenings
{
    /** cos 45 degrees, less what is not noticed. */
    private const NEAR = M_SQRT1_2 - 1e-6;

    protected function counts(PlacedOpening $opening, RoomSpace $room, Home $home, Parameters $with): ?bool
    {
        $side = array_search($with->word('side'), Compass::SIDES, true);
        $isThere = $side !== false
            && self::isSeenThrough($opening)
            && self::out($opening, $room)->dot((new Compass($home->layout->north))->way($side)) >= self::NEAR;

        return $isThere ? $opening->isOpenAirFrom($room) : false;
    }

    protected function assumptions(RoomSpace $room, Home $home): array
    {
        $north = $home->layout->north === null ? [Message::of('room.orientation.north_is_taken_to')] : [];

        return [...$north, ...self::notGlazed($room, $home)];
    }

    /** Across its wall, away from the room. */
    private static function out(PlacedOpening $opening, RoomSpace $room): Point
    {
        $left = $opening->wall->line()->direction()->left();

        return $opening->left->isRoom($room) ? $left->times(-1) : $left;
    }
}
