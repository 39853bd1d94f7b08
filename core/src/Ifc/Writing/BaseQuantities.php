<?php

declare(strict_types=1);

namespace Heurema\Ifc\Writing;

use Heurema\Layout\Opening;
use Heurema\Layout\SlopedCeiling;
use Heurema\Layout\Storey;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Spatial\RoomSpace;

/** What an element measures, under the names that the standard has for it (ISO 16739-1:2018, from memory). Lengths in mm, areas in m2. */
final readonly class BaseQuantities
{
    /**
     * @param array<string, float> $lengths
     * @param array<string, float> $areas
     */
    private function __construct(public string $set, public array $lengths, public array $areas) {}

    public static function ofWall(Wall $wall, Storey $storey): self
    {
        $length = $wall->line()->length();
        $height = $wall->height ?? $storey->ceiling;

        return new self(
            'Qto_WallBaseQuantities',
            ['Length' => $length, 'Width' => $wall->thickness, ...self::given('Height', $height)],
            self::area('GrossSideArea', $length, $height),
        );
    }

    public static function ofOpening(Opening $opening): self
    {
        return new self(
            $opening->kind === OpeningKind::Window ? 'Qto_WindowBaseQuantities' : 'Qto_DoorBaseQuantities',
            [...self::given('Width', $opening->width), ...self::given('Height', $opening->height)],
            self::area('Area', $opening->width, $opening->height),
        );
    }

    /** Of the floor between the faces of the walls; a height only where the ceiling is level. */
    public static function ofSpace(RoomSpace $room): self
    {
        $outline = $room->outline();
        $ceiling = $room->ceiling();

        return new self(
            'Qto_SpaceBaseQuantities',
            [
                ...self::given('Height', $ceiling instanceof SlopedCeiling ? null : $ceiling),
                ...self::given('NetPerimeter', $outline?->perimeter()),
            ],
            $outline === null ? [] : ['NetFloorArea' => $outline->area() / 1_000_000],
        );
    }

    /** @return array<string, float> */
    private static function given(string $name, ?float $mm): array
    {
        return $mm === null ? [] : [$name => $mm];
    }

    /** @return array<string, float> */
    private static function area(string $name, ?float $width, ?float $height): array
    {
        return $width === null || $height === null ? [] : [$name => $width * $height / 1_000_000];
    }
}
