<?php

declare(strict_types=1);

namespace Heurema\Scene;

use Heurema\Layout\Fixture;
use Heurema\Layout\Guard;
use Heurema\Layout\Soffit;
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

        return $this->home->ground()->isSaid() ? $messages : [...$messages, Message::of('scene.ground_left_out')];
    }

    /** @return list<Message> */
    private function ofStorey(Storey $storey, int $number): array
    {
        $name = $storey->name;
        $guards = count(array_filter($storey->guards, static fn(Guard $one): bool => $one->height === null));
        $soffits = count(array_filter($storey->soffits, static fn(Soffit $one): bool => $one->underside === null));
        $fixtures = count(array_filter($storey->fixtures, static fn(Fixture $one): bool => $one->stands() && $one->height === null));
        [$ceiling, $guard] = [Amount::length(UsualSize::HEIGHT), Amount::length(UsualSize::GUARD)];
        [$underside, $thing] = [Amount::length(UsualSize::UNDERSIDE), Amount::length(UsualSize::THING_HEIGHT)];

        return [
            ...$storey->elevation === null && $number > 0 ? [Message::of('scene.elevation_taken', storey: $name)] : [],
            ...$storey->ceiling === null ? [Message::of('scene.ceiling_taken', storey: $name, height: $ceiling)] : [],
            ...$guards === 0 ? [] : [Message::of('scene.guards_taken', storey: $name, count: $guards, height: $guard)],
            ...$soffits === 0 ? [] : [Message::of('scene.soffits_taken', storey: $name, count: $soffits, height: $underside)],
            ...$fixtures === 0 ? [] : [Message::of('scene.fixtures_taken', storey: $name, count: $fixtures, height: $thing)],
        ];
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
