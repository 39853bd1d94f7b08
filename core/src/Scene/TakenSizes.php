<?php

declare(strict_types=1);

namespace Heurema\Scene;

use Heurema\Layout\Storey;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** What nobody said of a home and its scene took in a usual size. */
final readonly class TakenSizes
{
    public function __construct(private Home $home) {}

    /** @return list<Message> */
    public function messages(): array
    {
        $messages = [];
        foreach ($this->home->layout->storeys as $number => $storey) {
            array_push($messages, ...$this->ofStorey($storey, $number));
        }
        foreach ($this->home->openings as $opening) {
            array_push($messages, ...$this->ofOpening($opening));
        }
        foreach ($this->home->stairs as $stair) {
            if ($stair->totalRise() === null) {
                $messages[] = Message::of('scene.stair_left_out', stair: $stair->name());
            }
        }

        return $messages;
    }

    /** @return list<Message> */
    private function ofStorey(Storey $storey, int $number): array
    {
        $lacksGuard = array_filter($storey->guards, static fn($guard): bool => $guard->height === null);
        $lacksUnderside = array_filter($storey->soffits, static fn($soffit): bool => $soffit->underside === null);
        $lacksHeight = array_filter($storey->fixtures, static fn($fixture): bool => $fixture->stands() && $fixture->height === null);

        return [
            ...$storey->elevation === null && $number > 0 ? [Message::of('scene.elevation_taken', storey: $storey->name)] : [],
            ...$storey->ceiling === null
                ? [Message::of('scene.ceiling_taken', storey: $storey->name, height: Amount::length(UsualSize::HEIGHT))]
                : [],
            ...self::count('scene.guards_taken', $storey, count($lacksGuard), UsualSize::GUARD),
            ...self::count('scene.soffits_taken', $storey, count($lacksUnderside), UsualSize::UNDERSIDE),
            ...self::count('scene.fixtures_taken', $storey, count($lacksHeight), UsualSize::THING_HEIGHT),
        ];
    }

    /** @return list<Message> */
    private static function count(string $key, Storey $storey, int $count, float $taken): array
    {
        return $count === 0 ? [] : [Message::of($key, storey: $storey->name, count: $count, height: Amount::length($taken))];
    }

    /** @return list<Message> */
    private function ofOpening(PlacedOpening $placed): array
    {
        $opening = $placed->opening;
        [$width, $sill, $height] = array_map(Amount::length(...), UsualSize::ofOpening($opening));
        $lacksSill = $opening->sill === null && $opening->kind === OpeningKind::Window;

        return [
            ...$opening->width === null ? [Message::of('scene.width_taken', of: $placed->name(), size: $width)] : [],
            ...$lacksSill ? [Message::of('scene.sill_taken', of: $placed->name(), size: $sill)] : [],
            ...$opening->height === null ? [Message::of('scene.height_taken', of: $placed->name(), size: $height)] : [],
        ];
    }
}
