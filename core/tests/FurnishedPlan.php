<?php

declare(strict_types=1);

namespace Heurema\Tests;

/**
 * Homes made by splitting a rectangle again and again, with doors, windows, a use for every room and fixtures against its walls. The
 * same seed makes the same home.
 */
final class FurnishedPlan
{
    private const LEAST_SIDE = 2100.0;
    private const THICKNESSES = [90.0, 100.0, 114.3, 140.0];
    private const USES = [
        'bedroom', 'bedroom', 'living', 'kitchen', 'bathroom', 'hall', 'study', 'wc', 'closet', 'dining', 'kitchen_dining', 'laundry',
        'entry', 'walk_in_closet', 'garage',
    ];

    /** Kind, width, depth, height and base of what may stand in a room. */
    private const FIXTURES = [
        'bedroom' => [
            ['bed', 1500, 2000, 500, 0],
            ['wardrobe', 1200, 600, 2100, 0],
            ['nightstand', 450, 400, 550, 0],
            ['smoke_alarm', 120, 120, 40, 2350],
        ],
        'living' => [
            ['sofa', 2000, 900, 800, 0],
            ['television', 1200, 80, 700, 900],
            ['shelf', 900, 300, 2000, 0],
            ['table', 900, 600, 450, 0],
        ],
        'kitchen' => [
            ['sink', 800, 600, 900, 0], ['range', 762, 650, 900, 0], ['refrigerator', 760, 700, 1800, 0], ['hood', 762, 500, 150, 1650],
            ['base_cabinet', 900, 600, 880, 0], ['wall_cabinet', 900, 320, 700, 1400], ['dishwasher', 600, 600, 860, 0],
        ],
        'bathroom' => [
            ['water_closet', 380, 680, 760, 0],
            ['lavatory', 560, 460, 860, 0],
            ['bath', 1700, 750, 550, 0],
            ['mirror', 600, 20, 800, 1100],
        ],
        'wc' => [['water_closet', 380, 680, 760, 0], ['lavatory', 450, 350, 860, 0]],
        'laundry' => [['washer', 690, 760, 950, 0], ['dryer', 690, 760, 950, 0], ['sink', 600, 500, 900, 0]],
        'study' => [['desk', 1400, 700, 740, 0], ['chair', 450, 450, 900, 0], ['shelf', 900, 300, 2000, 0]],
        'dining' => [['table', 1600, 900, 740, 0], ['chair', 450, 450, 900, 0]],
    ];

    /** @var list<array<string, mixed>> */
    private array $walls = [];

    /** @var list<array<string, mixed>> */
    private array $openings = [];

    /** @var list<array<string, mixed>> */
    private array $rooms = [];

    /** @var list<array<string, mixed>> */
    private array $fixtures = [];

    /** @return array<string, mixed> a layout document with about so many rooms */
    public static function document(int $seed, int $rooms = 8): array
    {
        mt_srand($seed);
        $plan = new self();
        $side = 3400.0 * sqrt($rooms);
        [$width, $depth] = [round($side * (0.8 + 0.4 * self::share())), round($side * (0.8 + 0.4 * self::share()))];
        $outer = [140.0 + 20 * mt_rand(0, 8), 140.0 + 20 * mt_rand(0, 8), 140.0 + 20 * mt_rand(0, 8), 140.0 + 20 * mt_rand(0, 8)];
        foreach ([
            [[0, 0], [$width, 0]],
            [[$width, 0], [$width, $depth]],
            [[$width, $depth], [0, $depth]],
            [[0, $depth], [0, 0]],
        ] as $number => [$from, $to]) {
            $wall = $plan->wall($from, $to, $outer[$number], 'exterior');
            $plan->pierce($wall, $number % 2 === 0 ? $width : $depth, true);
        }
        $plan->split(0, 0, $width, $depth, $rooms, $outer);

        return [
            'format' => 'heurema-layout', 'version' => 1, 'name' => "Furnished {$seed}", 'units' => $seed % 2 === 0
                ? 'metric'
                : 'imperial', 'grade' => -200,
            'storeys' => [[
                'id' => 'G', 'name' => 'Ground', 'elevation' => 0, 'ceiling' => 2440, 'floor_thickness' => 300, 'walls' => $plan->walls,
                'openings' => $plan->openings, 'rooms' => $plan->rooms, 'fixtures' => $plan->fixtures,
            ]],
        ];
    }

    /** @param array{float, float, float, float} $walls thickness below, to the right, above, to the left */
    private function split(float $x, float $y, float $width, float $depth, int $rooms, array $walls): void
    {
        $alongX = $width > $depth;
        $side = $alongX ? $width : $depth;
        if ($rooms < 2 || $side < 2 * self::LEAST_SIDE) {
            $this->room($x + $walls[3] / 2, $y + $walls[0] / 2, $width - ($walls[1] + $walls[3]) / 2, $depth - ($walls[0] + $walls[2]) / 2);

            return;
        }
        $first = max(1, min($rooms - 1, (int) round($rooms * (0.35 + 0.3 * self::share()))));
        $at = round(max(self::LEAST_SIDE, min($side - self::LEAST_SIDE, $side * $first / $rooms)), 1);
        $thickness = self::THICKNESSES[mt_rand(0, 3)];
        if ($alongX) {
            $wall = $this->wall([$x + $at, $y], [$x + $at, $y + $depth], $thickness, 'interior');
            $this->pierce($wall, $depth, false);
            $this->split($x, $y, $at, $depth, $first, [$walls[0], $thickness, $walls[2], $walls[3]]);
            $this->split($x + $at, $y, $width - $at, $depth, $rooms - $first, [$walls[0], $walls[1], $walls[2], $thickness]);
        } else {
            $wall = $this->wall([$x, $y + $at], [$x + $width, $y + $at], $thickness, 'interior');
            $this->pierce($wall, $width, false);
            $this->split($x, $y, $width, $at, $first, [$walls[0], $walls[1], $thickness, $walls[3]]);
            $this->split($x, $y + $at, $width, $depth - $at, $rooms - $first, [$thickness, $walls[1], $walls[2], $walls[3]]);
        }
    }

    /** Openings along a wall, one to every few metres: doors inside, windows and now and then a door outside. */
    private function pierce(string $wall, float $length, bool $isOuter): void
    {
        for ($at = 700.0 + mt_rand(0, 900); $at < $length - 900; $at += 1900.0 + mt_rand(0, 1500)) {
            $id = 'o'.count($this->openings);
            $isWindow = $isOuter && mt_rand(0, 3) > 0;
            $this->openings[] = $isWindow
                ? [
                    'id' => $id,
                    'kind' => 'window',
                    'wall' => $wall,
                    'at' => $at,
                    'width' => 600.0 + 100 * mt_rand(0, 6),
                    'height' => 1000.0 + 100 * mt_rand(0, 3),
                    'sill' => 300.0 + 100 * mt_rand(0, 6),
                    'operation' => ['casement', 'sliding', 'fixed', 'hung'][mt_rand(0, 3)],
                    'safety_glass' => mt_rand(0, 1) === 1,
                ]
                : [
                    'id' => $id,
                    'kind' => mt_rand(0, 7) === 0 ? 'gap' : 'door',
                    'wall' => $wall,
                    'at' => $at,
                    'width' => 700.0 + 50 * mt_rand(0, 5),
                    'height' => 2040.0,
                    'sill' => 0.0,
                ];
            $last = count($this->openings) - 1;
            if ($this->openings[$last]['kind'] === 'door') {
                $this->openings[$last] += [
                    'operation' => ['hinged', 'hinged', 'hinged', 'pocket', 'double_hinged'][mt_rand(0, 4)],
                    'hinge' => ['from', 'to'][mt_rand(0, 1)],
                    'opens' => ['left', 'right'][mt_rand(0, 1)],
                    'threshold' => 15.0,
                    ...($isOuter ? ['exterior_level' => -50.0] : []),
                ];
            }
        }
    }

    private function room(float $x, float $y, float $width, float $depth): void
    {
        $use = self::USES[mt_rand(0, count(self::USES) - 1)];
        $id = 'r'.count($this->rooms);
        $this->rooms[] = [
            'id' => $id,
            'name' => ucfirst(str_replace('_', ' ', $use)).' '.(count($this->rooms) + 1),
            'use' => $use,
            'at' => [round($x + $width * 0.41, 1), round($y + $depth * 0.47, 1)],
            'lit' => true,
            'exhaust' => mt_rand(0, 1) === 1,
            'bedspaces' => $use === 'bedroom' ? mt_rand(1, 2) : 0,
            'tile_height' => 2000,
        ];
        foreach (self::FIXTURES[$use] ?? [] as [$kind, $fixtureWidth, $fixtureDepth, $height, $base]) {
            $this->furnish($kind, (float) $fixtureWidth, (float) $fixtureDepth, $height, $base, $x, $y, $width, $depth);
        }
    }

    /** With its back to one of the room's walls, mostly right against it. */
    private function furnish(
        string $kind,
        float $width,
        float $depth,
        int $height,
        int $base,
        float $x,
        float $y,
        float $roomWidth,
        float $roomDepth,
    ): void {
        $side = mt_rand(0, 3);
        $length = $side % 2 === 0 ? $roomWidth : $roomDepth;
        if ($width > $length || $depth > ($side % 2 === 0 ? $roomDepth : $roomWidth)) {
            return;
        }
        $along = mt_rand(0, 3) === 0 ? $width / 2 : round($width / 2 + ($length - $width) * self::share(), 1);
        $off = mt_rand(0, 4) === 0 ? (float) mt_rand(30, 600) : 0.0;
        [$at, $facing] = match ($side) {
            0 => [[$x + $along, $y + $off], 90],
            1 => [[$x + $roomWidth - $off, $y + $along], 180],
            2 => [[$x + $along, $y + $roomDepth - $off], 270],
            default => [[$x + $off, $y + $along], 0],
        };
        $this->fixtures[] = [
            'id' => 'f'.count($this->fixtures),
            'kind' => $kind,
            'at' => array_map(static fn(float $v): float => round($v, 4), $at),
            'facing' => $facing,
            'width' => $width,
            'depth' => $depth,
            'height' => $height,
            'base' => $base,
            ...($kind === 'lavatory' ? ['rim' => 850] : []),
        ];
    }

    /**
     * @param array{float|int, float|int} $from
     * @param array{float|int, float|int} $to
     */
    private function wall(array $from, array $to, float $thickness, string $type): string
    {
        $id = 'w'.count($this->walls);
        $this->walls[] = ['id' => $id, 'from' => $from, 'to' => $to, 'thickness' => $thickness, 'type' => $type];

        return $id;
    }

    private static function share(): float
    {
        return mt_rand() / mt_getrandmax();
    }
}
