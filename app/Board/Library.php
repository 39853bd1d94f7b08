<?php

declare(strict_types=1);

namespace App\Board;

use Heurema\Language\Texts;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Units\Amount;
use Heurema\Units\UnitSystem;

/** Usual sizes of fixtures to place, in two ranges (common practice, no source): width, depth and height. */
final class Library
{
    /** Inches; height 0 where it does not matter. */
    private const IMPERIAL = [
        'water_closet' => [20, 28, 30], 'lavatory' => [20, 18, 34], 'bath' => [60, 30, 20], 'shower' => [36, 36, 0],
        'bidet' => [15, 25, 15],
        'sink' => [33, 22, 36], 'range' => [30, 25, 36], 'cooktop' => [30, 21, 36], 'refrigerator' => [36, 30, 70],
        'dishwasher' => [24, 24, 34.5],
        'base_cabinet' => [24, 24, 34.5], 'wall_cabinet' => [24, 12, 30], 'counter' => [60, 25, 1.5], 'island' => [60, 36, 36],
        'washer' => [27, 30, 38], 'dryer' => [27, 30, 38], 'bed' => [60, 80, 24], 'nightstand' => [20, 16, 24], 'wardrobe' => [48, 24, 80],
        'sofa' => [84, 36, 32], 'armchair' => [34, 34, 32], 'table' => [72, 38, 30], 'chair' => [18, 18, 34], 'desk' => [48, 24, 30],
        'shelf' => [36, 12, 72],
        'urinal' => [18, 14, 24], 'shower_bath' => [60, 30, 20], 'oven' => [30, 24, 29], 'hood' => [30, 20, 8],
        'tall_cabinet' => [24, 24, 84], 'filler' => [3, 24, 34.5],
        'television' => [48, 4, 28], 'lamp' => [16, 16, 10], 'column' => [12, 12, 96], 'duct' => [16, 12, 96], 'radiator' => [40, 5, 24],
        'water_heater' => [22, 22, 60], 'grab_bar' => [36, 3, 1.5], 'mirror' => [24, 2, 36], 'switch' => [3, 1, 4.5],
        'socket' => [3, 1, 4.5],
        'smoke_alarm' => [6, 6, 2], 'co_alarm' => [5, 5, 2],
        'vanity' => [48, 21, 34], 'shower_curtain' => [60, 1, 76], 'ceiling_access' => [22, 30, 0],
    ];

    /** Millimetres. */
    private const METRIC = [
        'water_closet' => [380, 700, 780], 'lavatory' => [550, 450, 850], 'bath' => [1700, 700, 560], 'shower' => [900, 900, 0],
        'bidet' => [370, 560, 400],
        'sink' => [800, 500, 900], 'range' => [600, 600, 900], 'cooktop' => [600, 520, 900], 'refrigerator' => [600, 650, 1850],
        'dishwasher' => [600, 600, 820],
        'base_cabinet' => [600, 600, 870], 'wall_cabinet' => [600, 320, 720], 'counter' => [1800, 630, 40], 'island' => [1600, 900, 910],
        'washer' => [600, 600, 850], 'dryer' => [600, 600, 850], 'bed' => [1500, 2000, 500], 'nightstand' => [450, 400, 550],
        'wardrobe' => [1200, 600, 2100],
        'sofa' => [2000, 900, 800], 'armchair' => [850, 850, 800], 'table' => [1600, 900, 750], 'chair' => [450, 450, 850],
        'desk' => [1200, 600, 750], 'shelf' => [900, 300, 1800],
        'urinal' => [360, 340, 600], 'shower_bath' => [1700, 750, 560], 'oven' => [600, 560, 600], 'hood' => [600, 500, 200],
        'tall_cabinet' => [600, 600, 2100], 'filler' => [50, 600, 870],
        'television' => [1200, 80, 700], 'lamp' => [400, 400, 250], 'column' => [300, 300, 2400], 'duct' => [400, 300, 2400],
        'radiator' => [1000, 110, 600],
        'water_heater' => [560, 560, 1500], 'grab_bar' => [900, 80, 40], 'mirror' => [600, 30, 900], 'switch' => [80, 20, 80],
        'socket' => [80, 20, 80],
        'smoke_alarm' => [120, 120, 40], 'co_alarm' => [120, 120, 40],
        'vanity' => [1200, 530, 860], 'shower_curtain' => [1500, 30, 1950], 'ceiling_access' => [560, 760, 0],
    ];

    /**
     * How high what hangs has its underside, inches and millimetres. How high alarms hang depends on the ceiling: nobody knows before it is
     * said.
     */
    private const BASES = [
        'wall_cabinet' => [54, 1400], 'counter' => [34.5, 870], 'hood' => [66, 1650], 'television' => [40, 1000], 'lamp' => [80, 2100],
        'grab_bar' => [34, 850],
        'mirror' => [40, 1000], 'shower_curtain' => [4, 100], 'switch' => [46, 1050], 'socket' => [15, 450],
    ];

    /** Other words by which fixtures are looked for. */
    #[Texts]
    private const ALSO = [
        'water_closet' => 'toilet wc', 'lavatory' => 'basin washbasin handbasin', 'vanity' => 'basin washbasin cabinet double',
        'bath' => 'tub bathtub', 'shower' => 'tray enclosure', 'shower_bath' => 'tub bathtub combined', 'sink' => 'basin',
        'cooktop' => 'hob stove', 'range' => 'stove cooker', 'refrigerator' => 'fridge freezer', 'hood' => 'extractor fan',
        'washer' => 'washing machine', 'dryer' => 'tumble', 'sofa' => 'couch settee', 'wardrobe' => 'closet cupboard',
        'base_cabinet' => 'cupboard unit', 'wall_cabinet' => 'cupboard unit', 'tall_cabinet' => 'cupboard unit larder',
        'counter' => 'worktop', 'filler' => 'strip scribe panel', 'shelf' => 'bookcase', 'television' => 'tv screen',
        'lamp' => 'light luminaire', 'radiator' => 'heating',
        'water_heater' => 'boiler', 'duct' => 'chase pipe', 'column' => 'post pier',
        'grab_bar' => 'rail', 'socket' => 'outlet receptacle', 'smoke_alarm' => 'detector',
        'co_alarm' => 'detector', 'ceiling_access' => 'loft attic hatch',
    ];

    public static function alsoCalled(FixtureKind $kind): string
    {
        return isset(self::ALSO[$kind->value]) ? __(self::ALSO[$kind->value]) : '';
    }

    /** @return array<string, float> width, depth and height in mm, as far as known; and a base for what hangs */
    public static function sizes(FixtureKind $kind, UnitSystem $units): array
    {
        $isImperial = $units === UnitSystem::Imperial;
        $scale = $isImperial ? Amount::MM_PER_INCH : 1.0;
        [$width, $depth, $height] = ($isImperial ? self::IMPERIAL : self::METRIC)[$kind->value];
        $bases = self::BASES[$kind->value] ?? null;
        $hangs = $bases === null ? [] : ['base' => $bases[$isImperial ? 0 : 1] * $scale];

        return ['width' => $width * $scale, 'depth' => $depth * $scale, ...($height > 0 ? ['height' => $height * $scale] : []), ...$hangs];
    }
}
