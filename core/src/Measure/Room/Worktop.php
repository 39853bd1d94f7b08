<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\Polygon;
use Heurema\Geometry\Segment;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Run\Runs;
use Heurema\Units\Amount;
use Heurema\Words\Message;

#[Measures(
    'room.worktop',
    AnswerType::Length,
    'All worktop of the room’s runs along its fronts, 24 inches deep at the least, without what is set in it. `of`: `all`, or where '
    .'nothing is said; `longest`, the longest clear stretch.',
    with: ['of' => AnswerType::Word],
    words: ['of' => ['all', 'longest']],
)]
final class Worktop extends OutlineMeasure
{
    protected function measureWithin(Polygon $outline, RoomSpace $room, Home $home, Parameters $with): Measurement
    {
        $runs = Runs::of($room, $home);
        if ($runs === []) {
            return new NotApplicable(Message::of('room.worktop.no_run_stands_in_it'));
        }
        [$lengths, $lines] = [[], []];
        foreach ($runs as $run) {
            foreach ($run->worktops() as [$from, $to]) {
                $lengths[] = $to - $from;
                $lines[] = $run->lines($from, $to);
            }
        }
        if ($with->word('of') === 'longest' && $lengths !== []) {
            $longest = (int) array_search(max($lengths), $lengths, true);
            [$lengths, $lines] = [[$lengths[$longest]], [$lines[$longest]]];
        }

        return new Measured(
            Amount::length(array_sum($lengths)),
            array_map(
                static fn(Segment $line): Witness => Witness::dimension($room->storey(), $line, Amount::length($line->length())),
                array_merge(...$lines),
            ),
            array_map(static fn(float $length): Message => Message::of('room.worktop.stretch', length: Amount::length($length)), $lengths),
        );
    }
}
