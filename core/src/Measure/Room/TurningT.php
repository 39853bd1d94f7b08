<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\Tee;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Units\Amount;
use Heurema\Words\Message;

#[Measures(
    'room.turning_t',
    AnswerType::Count,
    '1 where a T finds room on the free floor, in any of four directions to the longest face; else 0. '
    .'The T lies in a square of `size`, with arms and stem as wide as `arm`.',
    with: ['size' => AnswerType::Length, 'arm' => AnswerType::Length, 'clear_of' => AnswerType::Word],
    words: ['clear_of' => ['swings']],
)]
final class TurningT extends FreeFloorMeasure
{
    private const SIZE = 1524.0;
    private const ARM = 914.4;

    /** Lengths closer than this are equal, mm. */
    private const EQUAL = 0.04;

    protected function measureOn(array $floor, RoomSpace $room, Home $home, Parameters $with): Measurement
    {
        $tee = new Tee(($with->number('size') ?? self::SIZE) - self::EQUAL, ($with->number('arm') ?? self::ARM) - self::EQUAL);
        foreach ($floor as $piece) {
            foreach ($room->wayDirections() as $along) {
                $ring = $tee->in($piece, $along);
                if ($ring !== null) {
                    return new Measured(
                        Amount::count(1),
                        [Witness::outline($room->storey(), $ring, Message::of('room.turning_t.t'))],
                        [Message::of('room.turning_t.t_finds_room_on')],
                    );
                }
            }
        }

        return new Measured(Amount::count(0), [], [Message::of('room.turning_t.no_t_finds_room')]);
    }
}
