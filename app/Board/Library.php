<?php

declare(strict_types=1);

namespace App\Board;

use Heurema\Layout\Words\FixtureKind;
use Heurema\Units\Amount;
use Heurema\Units\UnitSystem;

/** Usual sizes of things to place, in two families (common practice, no source): width, depth and height. */
final class Library
{
    /** Inches; height 0 where it does not matter. */
    private const IMPERIAL = [
        'water_closet' => [20, 28, 30], 'lavatory' => [20, 18, 34], 'bath' => [60, 30, 20], 'shower' => [36, 36, 0], 'bidet' => [15, 25, 15],
        'sink' => [33, 22, 36], 'range' => [30, 25, 36], 'cooktop' => [30, 21, 36], 'refrigerator' => [36, 30, 70], 'dishwasher' => [24, 24, 34.5],
        'base_cabinet' => [24, 24, 34.5], 'wall_cabinet' => [24, 12, 30], 'counter' => [60, 25, 1.5], 'island' => [60, 36, 36],
        'washer' => [27, 30, 38], 'dryer' => [27, 30, 38], 'bed' => [60, 80, 24], 'nightstand' => [20, 16, 24], 'wardrobe' => [48, 24, 80],
        'sofa' => [84, 36, 32], 'armchair' => [34, 34, 32], 'table' => [72, 38, 30], 'chair' => [18, 18, 34], 'desk' => [48, 24, 30], 'shelf' => [36, 12, 72],
    ];

    /** Millimetres. */
    private const METRIC = [
        'water_closet' => [380, 700, 780], 'lavatory' => [550, 450, 850], 'bath' => [1700, 700, 560], 'shower' => [900, 900, 0], 'bidet' => [370, 560, 400],
        'sink' => [800, 500, 900], 'range' => [600, 600, 900], 'cooktop' => [600, 520, 900], 'refrigerator' => [600, 650, 1850], 'dishwasher' => [600, 600, 820],
        'base_cabinet' => [600, 600, 870], 'wall_cabinet' => [600, 320, 720], 'counter' => [1800, 630, 40], 'island' => [1600, 900, 910],
        'washer' => [600, 600, 850], 'dryer' => [600, 600, 850], 'bed' => [1500, 2000, 500], 'nightstand' => [450, 400, 550], 'wardrobe' => [1200, 600, 2100],
        'sofa' => [2000, 900, 800], 'armchair' => [850, 850, 800], 'table' => [1600, 900, 750], 'chair' => [450, 450, 850], 'desk' => [1200, 600, 750], 'shelf' => [900, 300, 1800],
    ];

    /** @return list<string> */
    public static function kinds(): array
    {
        return array_keys(self::METRIC);
    }

    /** @return array<string, float> width, depth and height in mm, as far as known; and a base for what hangs */
    public static function sizes(FixtureKind $kind, UnitSystem $units): array
    {
        $scale = $units === UnitSystem::Imperial ? Amount::MM_PER_INCH : 1.0;
        [$width, $depth, $height] = ($units === UnitSystem::Imperial ? self::IMPERIAL : self::METRIC)[$kind->value] ?? [500 / $scale, 500 / $scale, 0];
        $hangs = match ($kind) {
            FixtureKind::WallCabinet => ['base' => $units === UnitSystem::Imperial ? 54 * $scale : 1400.0],
            FixtureKind::Counter => ['base' => $units === UnitSystem::Imperial ? 34.5 * $scale : 870.0],
            default => [],
        };

        return ['width' => $width * $scale, 'depth' => $depth * $scale, ...($height > 0 ? ['height' => $height * $scale] : []), ...$hangs];
    }
}
