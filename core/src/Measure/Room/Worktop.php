<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\Polygon;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
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
use Heurema\Spatial\Run\Runs;
use Heurema\Spatial\Run\WorktopUnder;
use Heurema\Units\Amount;
use Heurema\Words\Message;

#[Measures(
    'room.worktop',
    AnswerType::Length,
    'All worktop of the room’s runs along its fronts, 24 inches deep at the least, without what is set in it. `of`: `all`, or where '
    .'nothing is said; `longest`, the longest clear stretch. `clear_above`: what lies less than that under a wall unit does not count.',
    with: ['of' => AnswerType::Word, 'clear_above' => AnswerType::Length],
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
        [$low, $missing] = self::hungBelow($with->number('clear_above') ?? 0.0, $room, $home);
        if ($missing !== []) {
            return new Unknown($missing);
        }
        [$lengths, $lines] = [[], []];
        foreach ($runs as $run) {
            foreach ($run->worktops($low) as [$from, $to]) {
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

    /** @return array{list<PlacedFixture>, list<string>} wall units lower than that over a worktop, and what is missing to tell */
    private static function hungBelow(float $clear, RoomSpace $room, Home $home): array
    {
        [$low, $missing] = [[], []];
        foreach ($clear > 0.0 ? $home->fixturesOn($room->storey()) : [] as $one) {
            $isWallUnit = $one->fixture->kind === FixtureKind::WallCabinet && $one->room === $room;
            $under = $isWallUnit ? WorktopUnder::of($one, $home) : null;
            $missing = [...$missing, ...$under?->missing() ?? []];
            $low = [...$low, ...$under?->missing() === [] && $under->clear() < $clear - Tolerance::TOUCH ? [$one] : []];
        }

        return [$low, array_values(array_unique($missing))];
    }
}
