<?php

declare(strict_types=1);

namespace Heurema\Tests\Review;

use Heurema\Review\Verdict;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;

/** The book `drawing` on homes drawn just under, at and just over what it asks: common practice, no source. */
final class DrawnCoordinationTest extends DrawnLimits
{
    /** The four walls of a room of 4000 x 3000, where their middle is along them, where something at them stands, and how it faces. */
    private const WALLS = [
        'w1' => [2100.0, [2000, 0], 90],
        'w2' => [1600.0, [4000, 1500], 180],
        'w3' => [2100.0, [2000, 3000], 270],
        'w4' => [1600.0, [0, 1500], 0],
    ];

    public static function limits(): iterable
    {
        foreach (self::WALLS as $wall => [$at, [$x, $y], $facing]) {
            [$dx, $dy] = [round(cos(deg2rad($facing))), round(sin(deg2rad($facing)))];
            yield "the head of a door at the ceiling, {$wall}" => [
                'drawing/door-under-ceiling',
                'd',
                static fn(float $height): Sketch => Sketch::room(4000, 3000)->door($wall, $at, 900, ['height' => $height]),
                2400,
                self::MOST,
            ];
            yield "the head of a window at the ceiling, {$wall}" => [
                'drawing/window-under-ceiling',
                'n',
                static fn(float $head): Sketch => Sketch::room(4000, 3000)->window($wall, $at, 900, $head - 900, ['sill' => 900]),
                2400,
                self::MOST,
            ];
            yield "a wardrobe up to the ceiling, {$wall}" => [
                'drawing/thing-under-ceiling',
                'f',
                static fn(float $height): Sketch => Sketch::room(4000, 3000)->fixture(
                    'f',
                    'wardrobe',
                    $x,
                    $y,
                    $facing,
                    1000,
                    600,
                    ['height' => $height],
                ),
                2400,
                self::MOST,
            ];
            yield "50 mm behind a fixture, {$wall}" => [
                'drawing/thing-against-wall',
                'f',
                static fn(float $gap): Sketch => Sketch::room(4000, 3000)->fixture(
                    'f',
                    'water_closet',
                    $x + $dx * $gap,
                    $y + $dy * $gap,
                    $facing,
                    400,
                    700,
                ),
                50,
                self::MOST,
            ];
            yield "a millimetre in a wall, {$wall}" => [
                'drawing/thing-clear-of-walls',
                'f',
                static fn(float $in): Sketch => Sketch::room(4000, 3000)->fixture(
                    'f',
                    'bed',
                    $x - $dx * $in,
                    $y - $dy * $in,
                    $facing,
                    1500,
                    1900,
                ),
                1,
                self::MOST,
            ];
            yield "a cabinet beside a window, {$wall}" => [
                'drawing/window-covered',
                'n',
                static fn(float $base): Sketch => Sketch::room(4000, 3000, 'kitchen')->window(
                    $wall,
                    $at,
                    1000,
                    1000,
                    ['sill' => 1000],
                )->fixture(
                    'f',
                    'wall_cabinet',
                    $x,
                    $y,
                    $facing,
                    600,
                    320,
                    ['base' => $base, 'height' => 300],
                ),
                2000,
                self::LEAST,
                1.5,
            ];
        }
        foreach ([['to', 1], ['from', -1]] as [$hinge, $way]) {
            yield "a pocket as long as its leaf, {$hinge}" => ['drawing/pocket', 'd', static fn(float $beyond): Sketch
                => Sketch::room(6000, 4000)->wall([2000, 0], [2000, 4000])->use('s', 'study', 1000, 1000)
                ->door(
                    'w5',
                    $way === 1 ? 4000 - 400 - $beyond : 400 + $beyond,
                    800,
                    ['operation' => 'pocket', 'hinge' => $hinge],
                ), 800, self::LEAST];
        }
        yield 'a lamp on its nightstand' => [
            'drawing/thing-held',
            'f',
            static fn(float $above): Sketch => Sketch::room(4000, 3000)->fixture(
                't',
                'nightstand',
                1000,
                1000,
                90,
                500,
                400,
                ['height' => 550],
            )->fixture(
                'f',
                'lamp',
                1000,
                1100,
                90,
                200,
                200,
                ['base' => 550 + $above, 'height' => 400],
            ),
            1,
            self::MOST,
        ];
        yield 'a doorway of 900 with 600 left of it' => [
            'drawing/door-obstructed',
            'd',
            static fn(float $left): Sketch => Sketch::room(4000, 3000)->door('w1', 2100, 900)->fixture(
                'f',
                'base_cabinet',
                1550 + (900 - $left) - 300,
                0,
                90,
                600,
                600,
            ),
            600,
            self::LEAST,
            1.0,
        ];
    }

    public static function advice(): iterable
    {
        foreach ([
            ['exterior', 900.0, 232.0], ['exterior', 1219.2, 232.0], ['exterior', 1220.0, 283.0], ['exterior', 1828.8, 283.0],
            ['exterior', 1830.0, 334.0], ['exterior', 2438.4, 334.0], ['exterior', 2440.0, 404.0],
        ] as [$type, $width, $over]) {
            yield "a lintel over {$width} mm in an outer wall" => [
                'drawing/window-lintel',
                'n',
                static fn(float $left): Sketch => Sketch::room(4000, 3000)->window('w1', 2100, $width, 1500 - $left, ['sill' => 900]),
                $over,
                self::LEAST,
            ];
        }
        yield 'a plate over a door in an inner wall' => [
            'drawing/door-lintel',
            'd',
            static fn(float $left): Sketch => Sketch::room(6000, 3000)
                ->wall([2000, -100], [2000, 3100])
                ->use('s', 'study', 1000, 1000)
                ->door('w5', 1600, 900, ['height' => 2400 - $left]),
            86,
            self::LEAST,
        ];
        yield 'heads more than 30 mm apart' => [
            'drawing/window-heads',
            'n',
            static fn(float $apart): Sketch => Sketch::room(6000, 3000)->window(
                'w1',
                1500,
                900,
                1200,
                ['id' => 'm', 'sill' => 700],
            )->window('w1', 4500, 900, 1200, ['sill' => 700 + $apart]),
            30.1,
            self::LEAST,
        ];
        yield 'a gap that a unit fits' => [
            'drawing/run-gap',
            'f',
            static fn(float $gap): Sketch => Sketch::room(5000, 3000, 'kitchen')->fixture(
                'f',
                'base_cabinet',
                1000,
                0,
                90,
                600,
                600,
            )->fixture(
                'g',
                'base_cabinet',
                1600 + $gap,
                0,
                90,
                600,
                600,
            ),
            150,
            self::LEAST,
        ];
    }

    /** @return iterable<string, array{string, string, Sketch}> rule, subject, home */
    public static function unknowns(): iterable
    {
        yield 'a door without a height' => [
            'drawing/door-under-ceiling',
            'd',
            Sketch::room(4000, 3000)->add('openings', ['id' => 'd', 'kind' => 'door', 'wall' => 'w1', 'at' => 2000, 'width' => 900]),
        ];
        yield 'a window without a sill' => ['drawing/window-under-ceiling', 'n', Sketch::room(4000, 3000)->window('w1', 2000, 900, 1200)];
        yield 'a wardrobe without a height' => [
            'drawing/thing-under-ceiling',
            'f',
            Sketch::room(4000, 3000)->fixture('f', 'wardrobe', 2000, 0, 90, 1000, 600),
        ];
        yield 'a room without a ceiling' => [
            'drawing/thing-under-ceiling',
            'f',
            Sketch::room(4000, 3000)->with(['ceiling' => null])->fixture('f', 'wardrobe', 2000, 0, 90, 1000, 600, ['height' => 2000]),
        ];
        yield 'a lamp without a base' => [
            'drawing/thing-held',
            'f',
            Sketch::room(4000, 3000)->fixture('f', 'lamp', 2000, 1500, 90, 200, 200, ['height' => 400]),
        ];
        yield 'a cabinet of no known height before a window' => [
            'drawing/window-covered',
            'n',
            Sketch::room(4000, 3000, 'kitchen')->window('w1', 2100, 1000, 1000, ['sill' => 1000])->fixture(
                'f',
                'wall_cabinet',
                2000,
                0,
                90,
                600,
                320,
            ),
        ];
    }

    #[DataProvider('unknowns')]
    public function test_what_nobody_drew_is_not_met(string $rule, string $subject, Sketch $drawn): void
    {
        self::assertSame(Verdict::Undetermined, self::verdict($rule, $drawn, $subject));
    }

    public function test_glass_that_turns_a_corner_is_not_two_openings_on_one_another(): void
    {
        $corner = static fn(float $from): Sketch => Sketch::room(4000, 3000)->window(
            'w1',
            $from,
            1400,
            1200,
            ['id' => 'a', 'sill' => 900],
        )->window('w2', 800, 1400, 1200, ['sill' => 900]);
        self::assertSame(Verdict::Met, self::verdict('drawing/window-apart', $corner(3400), 'n'));
        $over = Sketch::room(4000, 3000)->window(
            'w1',
            2000,
            900,
            1000,
            ['id' => 'a', 'sill' => 300],
        )->window('w1', 2100, 900, 600, ['sill' => 1300]);
        self::assertSame(Verdict::Met, self::verdict('drawing/window-apart', $over, 'n'), 'one over the other');
        $into = Sketch::room(4000, 3000)->window(
            'w1',
            2000,
            900,
            1000,
            ['id' => 'a', 'sill' => 400],
        )->window('w1', 2100, 900, 600, ['sill' => 1300]);
        self::assertSame(Verdict::Violated, self::verdict('drawing/window-apart', $into, 'n'), 'into one another by height');
    }
}
