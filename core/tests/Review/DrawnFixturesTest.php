<?php

declare(strict_types=1);

namespace Heurema\Tests\Review;

use Heurema\Review\Verdict;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * Fixtures, and the floor before and around them, drawn at the limits of the books.
 *
 * Limits from memory: International Residential Code 2021 (IRC), ADA Standards 2010 (ADA), Fair Housing Act Design Manual 1998 (FH),
 * Approved Document M volume 1, 2015 (AD M), Livable Housing Design standard 2022 (LHD).
 */
final class DrawnFixturesTest extends DrawnLimits
{
    public static function limits(): iterable
    {
        yield 'IRC P2705.1: 30 in from a water closet to a bidet' => [
            'us-irc-2021/fixture-spacing',
            'f',
            static fn(float $apart): Sketch => self::toilet(600)->fixture('g', 'bidet', 600 + $apart, 0, 90, 380, 560),
            30 * self::INCH,
            self::LEAST,
        ];
        yield 'IRC Figure R307.1: 4 in from a basin to the wall' => [
            'us-irc-2021/lavatory-side',
            'f',
            static fn(float $beside): Sketch => self::basin(250 + $beside),
            4 * self::INCH,
            self::LEAST,
        ];
        yield 'IRC R307.1: 21 in before a bath' => [
            'us-irc-2021/bath-front',
            'f',
            static fn(float $front): Sketch => self::before('bath', 1500, 700, $front),
            21 * self::INCH,
            self::LEAST,
        ];
        yield 'IRC R307.1: 24 in before a shower' => [
            'us-irc-2021/shower-front',
            'f',
            static fn(float $front): Sketch => self::before('shower', 900, 900, $front),
            24 * self::INCH,
            self::LEAST,
        ];
        yield 'IRC P2708.1.1: 22 in to get into a shower' => [
            'us-irc-2021/shower-entry',
            'f',
            static fn(float $entry): Sketch => self::before('shower', 900, 900, 900, ['entry' => $entry]),
            22 * self::INCH,
            self::LEAST,
        ];
        yield 'IRC R310.4: a window well 36 in wide' => [
            'us-irc-2021/window-well',
            'n',
            static fn(float $width): Sketch => self::well($width, 1200),
            36 * self::INCH,
            self::LEAST,
        ];
        yield 'IRC R310.4: a window well 36 in out' => [
            'us-irc-2021/window-well',
            'n',
            static fn(float $out): Sketch => self::well(1200, $out),
            36 * self::INCH,
            self::LEAST,
        ];
        yield 'IRC R305.1: bathrooms 6 ft 8 in high' => [
            'us-irc-2021/ceiling-wet',
            'r',
            static fn(float $height): Sketch => Sketch::room(3000, 2500, 'bathroom')->with(['ceiling' => $height]),
            80 * self::INCH,
            self::LEAST,
        ];
        yield 'IRC R303.3: 3 sq ft of glass in a bathroom' => [
            'us-irc-2021/bath-window',
            'r',
            static fn(float $height): Sketch => self::glazed(12 * self::INCH, $height),
            36 * self::INCH,
            self::LEAST,
            1,
        ];

        yield 'ADA 305.3: 48 in before a basin, in a room too narrow for more' => [
            'us-access/floor-space', 'f', self::narrowBasin(...), 48 * self::INCH, self::LEAST, 0.5,
        ];
        yield 'ADA 305.3: alongside, 30 in deep' => [
            'us-access/floor-space',
            'f',
            static fn(float $front): Sketch => self::before('lavatory', 500, 450, $front, [], 3000),
            30 * self::INCH,
            self::LEAST,
            0.5,
        ];
        yield 'ADA 604.3.1: 60 in across at a water closet' => [
            'us-access/toilet-space',
            'f',
            static fn(float $across): Sketch => self::corner($across, 1600),
            60 * self::INCH,
            self::LEAST,
            0.5,
        ];
        yield 'ADA 604.3.1: 56 in deep at a water closet' => [
            'us-access/toilet-space',
            'f',
            static fn(float $deep): Sketch => self::corner(1700, $deep),
            56 * self::INCH,
            self::LEAST,
            0.5,
        ];
        yield 'ADA 607.2: 30 in beside a bath' => [
            'us-access/bath-space',
            'f',
            static fn(float $front): Sketch => self::before('bath', 1500, 750, $front, [], 1500),
            30 * self::INCH,
            self::LEAST,
            0.5,
        ];
        yield 'ADA 606.3: a sink 34 in high' => [
            'us-access/sink-height',
            'f',
            static fn(float $rim): Sketch => self::kitchen('sink', ['rim' => $rim]),
            34 * self::INCH,
            self::MOST,
        ];
        yield 'ADA 804.3: a work surface 34 in high' => [
            'us-access/work-surface',
            'r',
            static fn(float $height): Sketch => self::kitchen('counter', ['height' => $height]),
            34 * self::INCH,
            self::MOST,
        ];
        yield 'ADA 305.7: an alcove 36 in wide' => ['us-access/alcove', 'f', self::alcove(...), 36 * self::INCH, self::LEAST];

        yield 'FH 5: controls from 15 in' => ['us-fair-housing/controls', 'f', self::socket(...), 15 * self::INCH, self::LEAST];
        yield 'FH 5: controls up to 48 in' => ['us-fair-housing/controls', 'f', self::socket(...), 48 * self::INCH, self::MOST];
        yield 'FH 7: a water closet 15 in from the wall' => [
            'us-fair-housing/toilet-centre', 'f', self::toilet(...), 15 * self::INCH, self::LEAST,
        ];
        yield 'FH 7: a water closet 18 in from the wall' => [
            'us-fair-housing/toilet-centre', 'f', self::toilet(...), 18 * self::INCH, self::MOST,
        ];
        yield 'FH 7: 30 in by 48 in of free floor' => [
            'us-fair-housing/bathroom-space',
            'r',
            static fn(float $depth): Sketch => Sketch::room(1000, $depth, 'bathroom'),
            48 * self::INCH,
            self::LEAST,
        ];
        yield 'FH 7: 48 in before a basin, in a room too narrow for more' => [
            'us-fair-housing/floor-space', 'f', self::narrowBasin(...), 48 * self::INCH, self::LEAST, 0.5,
        ];

        yield 'AD M 2.24: 1200 mm before kitchen units' => [
            'uk-part-m/kitchen-front',
            'f',
            static fn(float $front): Sketch => self::unit($front),
            1200,
            self::LEAST,
            self::STEP,
            ['category' => 'M4(2)'],
        ];
        yield 'AD M 3.32: 1500 mm before kitchen units' => [
            'uk-part-m/kitchen-front',
            'f',
            static fn(float $front): Sketch => self::unit($front),
            1500,
            self::LEAST,
            self::STEP,
            ['category' => 'M4(3)'],
        ];
        yield 'AD M Diagram 1.3: 750 mm before a water closet' => [
            'uk-part-m/wc-zone',
            'f',
            static fn(float $front): Sketch => self::before('water_closet', 400, 700, $front),
            750,
            self::LEAST,
            0.5,
        ];
        yield 'AD M Diagram 1.3: 900 mm at a water closet' => [
            'uk-part-m/wc-zone',
            'f',
            static fn(float $width): Sketch => self::before('water_closet', 400, 700, 1000, [], $width),
            900,
            self::LEAST,
            0.5,
        ];
        yield 'AD M Diagram 2.5: 700 mm before a basin' => [
            'uk-part-m/basin-zone',
            'f',
            static fn(float $front): Sketch => self::before('lavatory', 500, 450, $front),
            700,
            self::LEAST,
            0.5,
            ['category' => 'M4(2)'],
        ];
        yield 'AD M 2.25: 750 mm beside a bed' => [
            'uk-part-m/bed-space',
            'f',
            static fn(float $beside): Sketch => Sketch::room(900 + $beside, 3500)->fixture('f', 'bed', 450, 0, 90, 900, 1900),
            750,
            self::LEAST,
            self::STEP,
            ['category' => 'M4(2)'],
        ];
        yield 'AD M 3.35: a single of 8.5 m²' => [
            'uk-part-m/bedroom-area',
            'r',
            static fn(float $width): Sketch => self::single($width, 2500),
            3400,
            self::LEAST,
            self::STEP,
            ['category' => 'M4(3)'],
        ];
        yield 'AD M 3.35: a single of 2.4 m' => [
            'uk-part-m/bedroom-width',
            'r',
            static fn(float $width): Sketch => self::single($width, 4000),
            2400,
            self::LEAST,
            self::STEP,
            ['category' => 'M4(3)'],
        ];
        yield 'AD M 2.24: glass from 850 mm' => [
            'uk-part-m/low-sill',
            'r',
            static fn(float $sill): Sketch => Sketch::room(4000, 3000, 'living')->window(
                'w1',
                2000,
                1200,
                1000,
                ['sill' => $sill, 'frame' => 0, 'operation' => 'casement'],
            ),
            850,
            self::MOST,
            self::STEP,
            ['category' => 'M4(2)'],
        ];

        yield 'LHD 4.1: 450 mm from a water closet to the wall' => [
            'au-livable/toilet',
            'dwelling',
            static fn(float $x): Sketch => Sketch::room(3000, 2500, 'wc')->fixture('f', 'water_closet', $x, 0, 90, 400, 700),
            450,
            self::LEAST,
        ];
        yield 'LHD 5.1: a hob of 5 mm' => [
            'au-livable/shower',
            'dwelling',
            static fn(float $hob): Sketch => self::before('shower', 900, 900, 900, ['hob' => $hob]),
            5,
            self::MOST,
        ];
        yield 'LHD 1.1: a threshold of 5 mm' => [
            'au-livable/entrance',
            'dwelling',
            static fn(float $threshold): Sketch => self::entrance(['threshold' => $threshold, 'clear_width' => 820]),
            5,
            self::MOST,
        ];
        yield 'LHD 2.2: an entrance of 820 mm' => [
            'au-livable/entrance',
            'dwelling',
            static fn(float $clear): Sketch => self::entrance(['threshold' => 0, 'clear_width' => $clear]),
            820,
            self::LEAST,
        ];
    }

    public static function advice(): iterable
    {
        yield 'common practice, no source: baths from 1400 mm' => [
            'practice-kitchen-bath/bath-length',
            'f',
            static fn(float $long): Sketch => self::before('bath', $long, 700, 900),
            1400,
            self::LEAST,
        ];
        yield 'common practice, no source: baths up to 1700 mm' => [
            'practice-kitchen-bath/bath-length',
            'f',
            static fn(float $long): Sketch => self::before('bath', $long, 700, 900),
            1700,
            self::MOST,
        ];
        yield 'common practice, no source: basins from 32 in' => [
            'practice-kitchen-bath/counter-height',
            'f',
            static fn(float $rim): Sketch => self::basin(1000, ['rim' => $rim]),
            32 * self::INCH,
            self::LEAST,
        ];
        yield 'common practice, no source: basins up to 43 in' => [
            'practice-kitchen-bath/counter-height',
            'f',
            static fn(float $rim): Sketch => self::basin(1000, ['rim' => $rim]),
            43 * self::INCH,
            self::MOST,
        ];
        yield 'common practice, no source: a room with a water closet 36 in wide' => [
            'practice-kitchen-bath/toilet-room',
            'r',
            static fn(float $width): Sketch => Sketch::room($width, 2000, 'wc'),
            36 * self::INCH,
            self::LEAST,
        ];
        yield 'common practice, no source: a room with a water closet 66 in long' => [
            'practice-kitchen-bath/toilet-room',
            'r',
            static fn(float $long): Sketch => Sketch::room(1000, $long, 'wc'),
            66 * self::INCH,
            self::LEAST,
        ];
        yield 'common practice, no source: 24 in beside a bed' => [
            'practice-home/bed-side',
            'f',
            static fn(float $beside): Sketch => Sketch::room(1500 + $beside, 3500)->fixture('f', 'bed', 750, 0, 90, 1500, 2000),
            24 * self::INCH,
            self::LEAST,
        ];
    }

    /**
     * @return iterable<string, array{float, float, Verdict}> inside width and depth of a shower in inches: IRC P2708.1, two ways to be
     *                                                        large enough
     */
    public static function showers(): iterable
    {
        yield '30 by 30' => [30, 30, Verdict::Met];
        yield 'a hair less than 30 wide' => [29.99, 31, Verdict::Violated];
        yield '25 by 52' => [25, 52, Verdict::Met];
        yield '25 by a hair less than 52' => [25, 51.99, Verdict::Violated];
        yield 'a hair less than 25 by 60' => [24.99, 60, Verdict::Violated];
    }

    #[DataProvider('showers')]
    public function test_showers_are_large_enough_in_one_of_two_ways(float $width, float $depth, Verdict $verdict): void
    {
        // built between the walls, so that no shell is taken off
        $shower = Sketch::room($width * self::INCH, 3000, 'shower_room')->fixture(
            'f',
            'shower',
            $width * self::INCH / 2,
            0,
            90,
            $width * self::INCH,
            $depth * self::INCH,
        );
        self::assertSame($verdict, self::verdict('us-irc-2021/shower-size', $shower, 'f'));
    }

    /** @param array<string, mixed> $more */
    private static function basin(float $x, array $more = []): Sketch
    {
        return Sketch::room(3000, 2500, 'bathroom')->fixture('f', 'lavatory', $x, 0, 90, 500, 450, $more);
    }

    private static function toilet(float $x): Sketch
    {
        return Sketch::room(3000, 2500, 'bathroom')->fixture('f', 'water_closet', $x, 0, 90, 400, 700);
    }

    private static function socket(float $base): Sketch
    {
        return Sketch::room(4000, 3000, 'hall')->fixture('f', 'socket', 2000, 0, 90, 80, 20, ['base' => $base]);
    }

    /**
     * In the middle of a wall, with so much floor before it.
     *
     * @param array<string, mixed> $more
     */
    private static function before(string $kind, float $width, float $depth, float $front, array $more = [], float $room = 2400): Sketch
    {
        return Sketch::room($room, $depth + $front, 'bathroom')->fixture('f', $kind, $room / 2, 0, 90, $width, $depth, $more);
    }

    private static function narrowBasin(float $front): Sketch
    {
        return self::before('lavatory', 500, 450, $front, [], 1000);
    }

    /** A water closet in a corner of a bathroom. */
    private static function corner(float $across, float $deep): Sketch
    {
        return Sketch::room($across, $deep, 'bathroom')->fixture('f', 'water_closet', 430, 0, 90, 400, 700);
    }

    /** @param array<string, mixed> $more */
    private static function kitchen(string $kind, array $more): Sketch
    {
        return Sketch::room(4000, 3000, 'kitchen')->fixture('f', $kind, 2000, 0, 90, 800, 600, $more);
    }

    private static function unit(float $front): Sketch
    {
        return Sketch::room(4000, 600 + $front, 'kitchen')->fixture('f', 'counter', 2000, 0, 90, 1200, 600, ['height' => 900]);
    }

    /** A washing machine between two walls that stand as deep before it as it takes to be an alcove. */
    private static function alcove(float $width): Sketch
    {
        return Sketch::room(4000, 3000, 'laundry')
            ->wall([1950 - $width / 2, 0], [1950 - $width / 2, 1600])->wall([2050 + $width / 2, 0], [2050 + $width / 2, 1600])
            ->fixture('f', 'washer', 2000, 0, 90, 600, 600);
    }

    private static function well(float $width, float $projection): Sketch
    {
        return Sketch::room(4000, 3000)->window(
            'w1',
            2000,
            900,
            1200,
            ['sill' => 900, 'operation' => 'casement', 'well' => ['width' => $width, 'projection' => $projection, 'depth' => 1000]],
        );
    }

    private static function glazed(float $width, float $height): Sketch
    {
        return Sketch::room(3000, 2500, 'bathroom')->with([
            'rooms' => [['id' => 'r', 'name' => 'R', 'use' => 'bathroom', 'at' => [1500, 1250], 'exhaust' => false]],
        ])->window(
            'w1',
            1500,
            $width,
            $height,
            ['frame' => 0, 'sill' => 900, 'operation' => 'casement', 'clear_width' => $width, 'clear_height' => $height],
        );
    }

    private static function single(float $width, float $depth): Sketch
    {
        return Sketch::room($width, $depth)->with([
            'rooms' => [['id' => 'r', 'name' => 'R', 'use' => 'bedroom', 'at' => [$width / 2, $depth / 2], 'bedspaces' => 1]],
        ]);
    }

    /** @param array<string, mixed> $door */
    private static function entrance(array $door): Sketch
    {
        return Sketch::room(4000, 3000, 'entry')->door(
            'w1',
            2000,
            1000,
            ['operation' => 'hinged', 'hinge' => 'from', 'opens' => 'left', ...$door],
        );
    }
}
