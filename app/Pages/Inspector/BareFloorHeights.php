<?php

declare(strict_types=1);

namespace App\Pages\Inspector;

use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;

/**
 * Heights above the bare floor, for those who build before the finish lies: heights are drawn above the finished floor, and the finish of
 * the room is as thick as it was said.
 */
final readonly class BareFloorHeights
{
    /**
     * @param list<RoomSpace>          $rooms that it stands in or opens into
     * @param array<string, float|null> $heights mm above the finished floor, by what they are called
     */
    private function __construct(private array $rooms, private array $heights, private Home $home) {}

    public static function of(PlacedFixture|PlacedOpening $placed, Home $home): self
    {
        if ($placed instanceof PlacedFixture) {
            [$base, $height] = [$placed->fixture->base ?? ($placed->fixture->kind->hangs() ? null : 0.0), $placed->fixture->height];

            return new self(
                $placed->room === null ? [] : [$placed->room],
                [__('Underside') => $base, __('Top') => self::top($base, $height)],
                $home,
            );
        }

        return new self(
            array_values(array_filter([$placed->left->room, $placed->right->room])),
            [__('Sill') => $placed->sill(), __('Head') => $placed->head()],
            $home,
        );
    }

    /** @return array<string, array<string, string>> by room where the finish is known, then by what it is; none where nobody said */
    public function list(): array
    {
        $list = [];
        foreach ($this->rooms as $room) {
            $finish = $room->room->floorFinishThickness;
            foreach ($this->heights as $name => $height) {
                if ($finish !== null && $height !== null) {
                    $list[$room->name()][$name] = $this->home->length($height + $finish);
                }
            }
        }

        return $list;
    }

    private static function top(?float $bottom, ?float $height): ?float
    {
        return $bottom === null || $height === null ? null : $bottom + $height;
    }
}
