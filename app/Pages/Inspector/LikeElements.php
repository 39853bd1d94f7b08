<?php

declare(strict_types=1);

namespace App\Pages\Inspector;

use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\PlacedOpening;

/** The elements that are like the chosen one. */
final readonly class LikeElements
{
    public function __construct(private Chosen $chosen) {}

    /** @return list<string> ids of all of the chosen element's kind in its room */
    public function ofItsKind(): array
    {
        foreach ([...$this->chosen->home->fixtures, ...$this->chosen->home->openings] as $placed) {
            if ($placed->id() === $this->chosen->id()) {
                return $placed instanceof PlacedFixture ? $this->fixturesLike($placed) : $this->openingsLike($placed);
            }
        }

        return [];
    }

    /** @return list<string> */
    private function fixturesLike(PlacedFixture $fixture): array
    {
        $like = array_filter(
            $this->chosen->home->fixtures,
            static fn(PlacedFixture $other): bool => $other->fixture->kind === $fixture->fixture->kind
                && $other->room === $fixture->room
                && $other->storey() === $fixture->storey(),
        );

        return array_values(array_map(static fn(PlacedFixture $one): string => $one->id(), $like));
    }

    /** @return list<string> */
    private function openingsLike(PlacedOpening $opening): array
    {
        $rooms = array_filter([$opening->left->room, $opening->right->room]);
        $like = array_filter(
            $this->chosen->home->openingsOn($opening->storey()),
            static fn(PlacedOpening $other): bool => $other->opening->kind === $opening->opening->kind
                && array_filter($rooms, $other->borders(...)) !== [],
        );

        return array_values(array_map(static fn(PlacedOpening $one): string => $one->id(), $like));
    }
}
