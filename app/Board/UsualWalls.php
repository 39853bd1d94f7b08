<?php

declare(strict_types=1);

namespace App\Board;

use Heurema\Layout\Layout;
use Heurema\Units\UnitSystem;

/** How thick walls are drawn where nobody says: as the last one of their type, else as is usual (common practice, no source). */
final class UsualWalls
{
    private const METRIC = ['exterior' => 240.0, 'interior' => 100.0, 'party' => 300.0, 'divider' => 0.0];
    private const IMPERIAL = ['exterior' => 165.1, 'interior' => 114.3, 'party' => 254.0, 'divider' => 0.0];

    /** @return array<string, float> by type of wall, mm */
    public static function thicknesses(Layout $layout): array
    {
        $thicknesses = $layout->units === UnitSystem::Imperial ? self::IMPERIAL : self::METRIC;
        foreach ($layout->storeys as $storey) {
            foreach ($storey->walls as $wall) {
                $thicknesses[$wall->type->value] = $wall->thickness;
            }
        }

        return $thicknesses;
    }
}
