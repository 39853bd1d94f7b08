<?php

declare(strict_types=1);

namespace App\Pages\Inspector;

use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\PlacedOpening;

/** What the chosen fixture or opening can be placed by. */
final readonly class Neighbours
{
    public function __construct(private Chosen $chosen) {}

    /** @return array<string, string> names by id */
    public function list(): array
    {
        $chosen = $this->chosen->fixture() ?? $this->chosen->opening();
        if ($chosen === null) {
            return [];
        }
        $rooms = $chosen instanceof PlacedFixture
            ? array_filter([$chosen->room])
            : array_filter([$chosen->left->room, $chosen->right->room]);
        $names = [];
        foreach ($chosen instanceof PlacedOpening ? $rooms : [] as $room) {
            $names[$room->id()] = $room->name();
        }
        $home = $this->chosen->home;
        foreach ([...$home->fixturesOn($this->chosen->storey), ...$home->openingsOn($this->chosen->storey)] as $placed) {
            $isHere = $placed instanceof PlacedFixture
                ? in_array($placed->room, $rooms, true)
                : array_filter($rooms, $placed->borders(...)) !== [];
            if ($placed->id() !== $chosen->id() && $isHere) {
                $names[$placed->id()] = $placed->spoken();
            }
        }
        foreach ($rooms as $room) {
            foreach ($room->sides() as $side) {
                $names[$side->wall->id] = __('the :wallCalled', ['wallCalled' => $this->chosen->wallCalled($side->wall->id)]);
            }
        }

        return $names;
    }
}
