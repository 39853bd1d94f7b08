<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Layout\Words\RoomUse;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;

#[Measures(
    'room.overlooks',
    AnswerType::Count,
    'Through how many windows and glazed doors of the room one looks onto a room of a `use`: a porch, a balcony, a hall; '
    .'`terrace` is ground that is made level outside as well.',
    with: ['use' => AnswerType::Word],
    words: ['use' => [RoomUse::class]],
)]
final class Overlooks extends CountedOpenings
{
    protected function counts(PlacedOpening $opening, RoomSpace $room, Home $home, Parameters $with): ?bool
    {
        $beyond = $opening->across($room);

        return match (true) {
            !self::isSeenThrough($opening) => false,
            $beyond->room !== null => $beyond->room->room->use === null ? null : $beyond->room->isOf((string) $with->word('use')),
            $beyond->isOutside() => $with->word('use') === RoomUse::Terrace->value && self::isOnTerrace($opening, $home),
            $beyond->isRest() => false,
            default => null,
        };
    }

    protected function assumptions(RoomSpace $room, Home $home): array
    {
        return self::notGlazed($room, $home);
    }

    private static function isOnTerrace(PlacedOpening $opening, Home $home): bool
    {
        $at = $opening->placeOutside();
        foreach ($home->layout->storeys as $storey) {
            foreach ($storey->id === $opening->storey() ? $storey->terraces : [] as $terrace) {
                if ($terrace->outline->contains($at)) {
                    return true;
                }
            }
        }

        return false;
    }
}
