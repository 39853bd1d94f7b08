<?php

declare(strict_types=1);

namespace Heurema\Measure\Dwelling;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\Room\AreaAtHeight;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Units\Amount;
use Heurema\Words\Message;

#[Measures(
    'dwelling.share_at_height',
    AnswerType::Ratio,
    'How much of the floor of all rooms lies under a ceiling of at least `height`; garages and what is in the open are left out.',
    with: ['height' => AnswerType::Length],
)]
final class ShareAtHeight extends FloorShare
{
    protected function some(RoomSpace $room, Measurement $floor, Home $home, Parameters $with): Measurement
    {
        return (new AreaAtHeight())->of($room, $home, $with);
    }

    protected function says(Amount $part, Amount $whole): Message
    {
        return Message::of('dwelling.share_at_height.of_have_that_height', high: $part, whole: $whole);
    }
}
