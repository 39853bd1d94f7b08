<?php

declare(strict_types=1);

namespace Heurema\Measure;

use Heurema\Geometry\Point;
use Heurema\Language\Text;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\PlacedWall;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Units\UnlikelyLength;
use Heurema\Words\Message;

/**
 * Sizes that are seldom so, and often mistyped.
 *
 * @extends SubjectMeasure<Subject>
 */
#[Measures('wall.unlikely_sizes', AnswerType::Count, 'How many of the sizes of the wall are unlikely for what it is.')]
#[Measures('room.unlikely_sizes', AnswerType::Count, 'How many of the sizes of the room are unlikely for what it is.')]
#[Measures('door.unlikely_sizes', AnswerType::Count, 'How many of the sizes of the door are unlikely for what it is.')]
#[Measures('window.unlikely_sizes', AnswerType::Count, 'How many of the sizes of the window are unlikely for what it is.')]
#[Measures('fixture.unlikely_sizes', AnswerType::Count, 'How many of the sizes of the fixture are unlikely for what it is.')]
#[Measures('stair.unlikely_sizes', AnswerType::Count, 'How many of the sizes of the stair are unlikely for what it is.')]
final class UnlikelySizes extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $questions = [];
        foreach (DrawnSizes::of($subject) as $key => [$kind, $mm]) {
            $doubt = $kind->doubt($mm);
            if ($doubt !== null) {
                $questions[] = self::question(Text::word($key), $doubt);
            }
        }
        $at = self::place($subject);

        return new Measured(
            Amount::count(count($questions)),
            $at === null ? [] : [Witness::mark((string) $subject->storey(), $at)],
            $questions === [] ? [Message::of('unlikely_sizes.all_its_sizes_are')] : $questions,
        );
    }

    private static function question(string $key, UnlikelyLength $doubt): Message
    {
        if ($doubt->likely !== null) {
            return Message::of(
                'unlikely_sizes.slip',
                size: $key,
                what: $doubt->kind->words(),
                found: Amount::length($doubt->mm),
                likely: Amount::length($doubt->likely),
                how: $doubt->how,
            );
        }
        [$least, $most] = $doubt->kind->range();

        return Message::of(
            'unlikely_sizes.unusual',
            size: $key,
            what: $doubt->kind->words(),
            found: Amount::length($doubt->mm),
            least: Amount::length($least),
            most: Amount::length($most),
        );
    }

    private static function place(Subject $subject): ?Point
    {
        return match (true) {
            $subject instanceof PlacedWall => $subject->wall->line()->middle(),
            $subject instanceof RoomSpace => $subject->room->at,
            $subject instanceof PlacedOpening => $subject->middle(),
            $subject instanceof PlacedFixture => $subject->fixture->at,
            $subject instanceof PlacedStair => $subject->stair->start,
            default => null,
        };
    }
}
