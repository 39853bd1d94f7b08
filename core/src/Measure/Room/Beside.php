<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Layout\Words\RoomUse;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<RoomSpace> */
#[Measures(
    'room.beside',
    AnswerType::Count,
    'How many other rooms of a `use` it is beside: along 300 mm of wall or open boundary, on the same storey.',
    with: ['use' => AnswerType::Word],
    words: ['use' => [RoomUse::class]],
)]
final class Beside extends SubjectMeasure
{
    /** Less of a common wall, mm, is a corner (common practice, no source). */
    private const LEAST = 300.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if ($subject->sides() === []) {
            return new Unknown([(string) $subject->outlineProblem()]);
        }
        $use = (string) $with->word('use');
        $stretches = $names = $unnamed = [];
        foreach ($home->plans[$subject->storey()]->neighbours($subject) as $neighbour) {
            $room = $neighbour->beyond->room;
            if ($room?->room->use === null && $neighbour->beyond->isOpenAir() === null) {
                $unnamed[] = $neighbour->beyond->missing();
            } elseif ($room !== null && $room->isOf($use) && !$neighbour->beyond->isRoom($subject)) {
                $stretches[$room->id()][] = $neighbour->stretch;
                $names[$room->id()] = $room->name();
            }
        }
        $stretches = array_filter($stretches, static fn(array $common): bool => self::together($common) >= self::LEAST - Tolerance::TOUCH);
        $beside = array_values(array_intersect_key($names, $stretches));

        return $beside === [] && $unnamed !== []
            ? new Unknown(array_values(array_unique($unnamed)))
            : new Measured(
                Amount::count(count($beside)),
                array_merge(...array_map(
                    static fn(string $id): array => array_map(
                        static fn(Segment $one): Witness => Witness::dimension($subject->storey(), $one, $names[$id]),
                        $stretches[$id],
                    ),
                    array_keys($stretches),
                )),
                [
                    $beside === []
                        ? Message::of('room.beside.none')
                        : Message::of('room.beside.beside', names: $beside),
                ],
            );
    }

    /** @param non-empty-list<Segment> $stretches */
    private static function together(array $stretches): float
    {
        return array_sum(array_map(static fn(Segment $one): float => $one->length(), $stretches));
    }
}
