<?php

declare(strict_types=1);

namespace Heurema\Scene;

use Heurema\Layout\Words\FixtureKind;

/** What something looks as if it were made of. */
enum Material: string
{
    case Wall = 'wall';
    case Floor = 'floor';
    case Tiles = 'tiles';
    case WallTiles = 'wall_tiles';
    case Boards = 'boards';
    case Carpet = 'carpet';
    case Ceiling = 'ceiling';
    case Roof = 'roof';
    case Plinth = 'plinth';
    case Ground = 'ground';
    case Stair = 'stair';
    case Guard = 'guard';
    case Leaf = 'leaf';
    case Frame = 'frame';
    case Glass = 'glass';
    case Soffit = 'soffit';
    case Ceramic = 'ceramic';
    case Appliance = 'appliance';
    case Wood = 'wood';
    case Fabric = 'fabric';
    case Fitting = 'fitting';

    /** Nothing: where one cannot stand upright. */
    case LowSpace = 'low_space';

    private const CERAMIC = ['water_closet', 'bidet', 'urinal', 'lavatory', 'vanity', 'bath', 'shower', 'shower_bath', 'sink'];
    private const APPLIANCES = [
        'cooktop', 'range', 'oven', 'hood', 'refrigerator', 'dishwasher', 'washer', 'dryer', 'television', 'radiator', 'water_heater',
    ];
    private const FABRIC = ['bed', 'sofa', 'armchair', 'shower_curtain'];
    private const FITTINGS = ['lamp', 'grab_bar', 'mirror', 'switch', 'socket', 'smoke_alarm', 'co_alarm', 'ceiling_access', 'duct'];

    /** Words for what floors are finished with. */
    private const FINISHES = [
        'tiles' => '/tile|porcelain|ceramic|terrazzo|stone|slate|marble|granite/i',
        'boards' => '/board|wood|timber|oak|pine|ash|bamboo|parquet|laminate|plank/i',
        'carpet' => '/carpet|rug|felt|sisal/i',
    ];

    /** Of a floor, by what the drawing calls its finish; null where that is none of those that are told apart. */
    public static function ofFinish(?string $finish): ?self
    {
        foreach (self::FINISHES as $material => $words) {
            if ($finish !== null && preg_match($words, $finish) === 1) {
                return self::from($material);
            }
        }

        return null;
    }

    public static function of(FixtureKind $kind): self
    {
        return match (true) {
            $kind === FixtureKind::Column => self::Wall,
            in_array($kind->value, self::CERAMIC, true) => self::Ceramic,
            in_array($kind->value, self::APPLIANCES, true) => self::Appliance,
            in_array($kind->value, self::FABRIC, true) => self::Fabric,
            in_array($kind->value, self::FITTINGS, true) => self::Fitting,
            default => self::Wood,
        };
    }

    /** @return array{float, float, float, float} red, green, blue and opacity, linear, from 0 to 1 */
    public function colour(): array
    {
        return match ($this) {
            self::Wall => [0.85, 0.8, 0.72, 1.0],
            self::Floor => [0.62, 0.52, 0.4, 1.0],
            self::Tiles, self::WallTiles => [0.74, 0.79, 0.8, 1.0],
            self::Boards => [0.66, 0.46, 0.28, 1.0],
            self::Carpet => [0.5, 0.46, 0.5, 1.0],
            self::Ceiling => [0.93, 0.9, 0.85, 1.0],
            self::Roof => [0.42, 0.3, 0.26, 1.0],
            self::Plinth => [0.45, 0.44, 0.42, 1.0],
            self::Ground => [0.5, 0.53, 0.42, 1.0],
            self::Stair => [0.52, 0.38, 0.25, 1.0],
            self::Guard => [0.12, 0.15, 0.2, 1.0],
            self::Leaf => [0.55, 0.32, 0.18, 1.0],
            self::Frame => [0.9, 0.88, 0.84, 1.0],
            self::Glass => [0.55, 0.72, 0.78, 0.35],
            self::Soffit => [0.8, 0.77, 0.7, 1.0],
            self::Ceramic => [0.93, 0.93, 0.92, 1.0],
            self::Appliance => [0.6, 0.62, 0.64, 1.0],
            self::Wood => [0.66, 0.5, 0.33, 1.0],
            self::Fabric => [0.36, 0.43, 0.5, 1.0],
            self::Fitting => [0.75, 0.73, 0.68, 1.0],
            self::LowSpace => [0.3, 0.32, 0.7, 0.35],
        };
    }
}
