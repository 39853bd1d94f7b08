<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Layout\Guard;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\FloorTaken;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Spatial\WidestWay;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<RoomSpace> */
#[Measures(
    'room.passage',
    AnswerType::Length,
    'The narrowest free floor on the widest way between all of the room’s doors and open borders; fixtures '
    .'that take floor narrow it. `to: windows` asks for the way to its windows to the open air as well, as if they were doors.',
    with: ['to' => AnswerType::Word],
    words: ['to' => ['windows']],
)]
final class Passage extends SubjectMeasure
{
    /** A guard takes no more floor than its line. */
    private static function alongGuard(Guard $guard): Ring
    {
        return new Ring([$guard->line[0], ...array_slice($guard->line, 1), ...array_slice(array_reverse($guard->line), 1, -1)]);
    }

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $outline = $subject->outline();
        if ($outline === null) {
            return new Unknown([(string) $subject->outlineProblem()]);
        }
        $openings = array_values(array_filter(
            $home->openingsOf($subject),
            static fn(PlacedOpening $opening): bool => $opening->type() === SubjectType::Door
                || ($with->word('to') === 'windows' && $opening->isOpenAirFrom($subject) === true),
        ));
        $unsaid = array_filter($openings, static fn(PlacedOpening $opening): bool => $opening->opening->width === null);
        if ($unsaid !== []) {
            return new Unknown(array_values(array_map(static fn(PlacedOpening $opening): string => "{$opening->id()}.width", $unsaid)));
        }
        $ways = array_map(static fn(PlacedOpening $opening): Segment => $opening->span(), $openings);
        foreach ($subject->sides() as $side) {
            if ($side->isOpen()) {
                $ways[] = $side->segment;
            }
        }
        $fixtures = [];
        foreach ($home->fixturesNear($subject->storey(), $outline->bounds()) as $fixture) {
            if ($fixture->outline !== null && $fixture->takesFloor && $fixture->standsIn($outline)) {
                $fixtures[] = $fixture->outline;
            }
        }
        $storey = $home->plans[$subject->storey()]->storey;
        array_push(
            $fixtures,
            ...FloorTaken::in($subject, $home, FloorTaken::HEAD),
            ...array_map(
                self::alongGuard(...),
                array_filter($storey->guards, static fn(Guard $guard): bool => array_filter($guard->line, $outline->contains(...)) !== []),
            ),
        );
        $narrowest = WidestWay::bottleneck($outline, $ways, $fixtures);
        if ($narrowest === null) {
            return new NotApplicable(Message::of('room.passage.it_has_fewer_than'));
        }

        return new Measured(
            Amount::length($narrowest->length()),
            [Witness::dimension($subject->storey(), $narrowest, Amount::length($narrowest->length()))],
            [Message::of('room.passage.widest_way_from_door', narrowest: Amount::length($narrowest->length()))],
        );
    }
}
