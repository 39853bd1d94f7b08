<?php

declare(strict_types=1);

namespace Heurema\Measure\Dwelling;

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
use Heurema\Spatial\Beyond;
use Heurema\Spatial\Home;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<Home> */
#[Measures(
    'dwelling.share_at_height',
    AnswerType::Ratio,
    'How much of the floor of all rooms lies under a ceiling of at least `height`; garages and what is in the open are left out.',
    with: ['height' => AnswerType::Length],
)]
final class ShareAtHeight extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $whole = $high = 0.0;
        $missing = $witness = [];
        foreach ($home->rooms as $room) {
            if ($room->room->use === RoomUse::Garage || Beyond::room($room)->isOpenAir() === true) {
                continue;
            }
            $floor = (new FloorArea())->of($room, $home, new Parameters());
            $atHeight = (new AreaAtHeight())->of($room, $home, $with);
            if ($floor instanceof Measured && $atHeight instanceof Measured) {
                $whole += $floor->amount()->number;
                $high += $atHeight->amount()->number;
                array_push($witness, ...$atHeight->witness);
            } else {
                array_push(
                    $missing,
                    ...($floor instanceof Unknown ? $floor->missing : []),
                    ...($atHeight instanceof Unknown ? $atHeight->missing : []),
                );
            }
        }
        if ($missing !== [] || $whole === 0.0) {
            return new Unknown($missing === [] ? ['rooms with walls closed around them'] : array_values(array_unique($missing)));
        }

        return new Measured(
            Amount::ratio($high / $whole),
            $witness,
            [Message::of('dwelling.share_at_height.of_have_that_height', high: Amount::area($high), whole: Amount::area($whole))],
        );
    }
}
