<?php

declare(strict_types=1);

namespace Heurema\Measure;

use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\UnderCeiling;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/**
 * How the head of an opening lies below the ceilings on both sides of its wall.
 *
 * @extends SubjectMeasure<PlacedOpening>
 */
#[Measures('door.above_ceiling', AnswerType::Length, 'By how much the head of the door is above the lowest ceiling beside its wall.')]
#[Measures('window.above_ceiling', AnswerType::Length, 'By how much the head of the window is above the lowest ceiling beside its wall.')]
#[Measures('door.over_head', AnswerType::Length, 'How much is left between the head of the door and the lowest ceiling beside its wall.')]
#[Measures(
    'window.over_head',
    AnswerType::Length,
    'How much is left between the head of the window and the lowest ceiling beside its wall.',
)]
final class OpeningHead extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if ($subject->roof !== null) {
            return new NotApplicable(Message::of('opening_head.lies_in_ceiling'));
        }
        $rooms = array_values(array_filter(
            [$subject->left->room, $subject->right->room],
            static fn(?RoomSpace $room): bool => $room?->outline() !== null,
        ));
        [$height, $sill] = [$subject->opening->height, $subject->sill()];
        $ceilings = array_map(static fn(RoomSpace $room): ?float => UnderCeiling::overOpening($subject, $room), $rooms);
        $missing = [
            ...($height === null ? ["{$subject->id()}.height"] : []),
            ...($sill === null ? ["{$subject->id()}.sill"] : []),
            ...array_map(
                static fn(RoomSpace $room): string => $room->ceilingKey(),
                array_values(array_filter($rooms, static fn(RoomSpace $room): bool => UnderCeiling::overOpening($subject, $room) === null)),
            ),
        ];
        $lowest = min([INF, ...array_filter($ceilings, is_float(...))]);
        if ($rooms === []) {
            return new NotApplicable(Message::of('opening_head.no_room_is_beside'));
        }
        if ($missing !== [] || $height === null || $sill === null) {
            return new Unknown(array_values(array_unique($missing)));
        }
        $left = $lowest - $sill - $height;
        $amount = str_ends_with($this->name(), 'above_ceiling') ? max(0.0, -$left) : max(0.0, $left);

        return new Measured(
            Amount::length($amount),
            [Witness::mark($subject->storey(), $subject->middle(), Amount::length($amount))],
            [Message::of('opening_head.its_head_is_at', sill: Amount::length($sill + $height), lowest: Amount::length($lowest))],
        );
    }
}
