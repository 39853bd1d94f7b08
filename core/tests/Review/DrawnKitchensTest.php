<?php

declare(strict_types=1);

namespace Heurema\Tests\Review;

use Heurema\Tests\Sketch;

/** Kitchens drawn just under, at and just over what codes ask and the planning guidelines advise (from memory). */
final class DrawnKitchensTest extends DrawnLimits
{
    public static function limits(): iterable
    {
        yield 'IRC M1901.1: 24 in from a range to a hood that protects what hangs over it' => [
            'us-irc-2021/cook-above',
            'c',
            static fn(float $above): Sketch => Sketch::room(4000, 3000, 'kitchen')
                ->fixture('c', 'range', 2000, 0, 90, 760, 650, ['height' => 914])
                ->fixture('h', 'hood', 2000, 0, 90, 760, 500, ['base' => 914 + $above, 'height' => 300]),
            24 * self::INCH,
            self::LEAST,
        ];
        yield 'ADA 804.2.1: 40 in between the two sides of a kitchen' => [
            'us-access/kitchen-pass',
            'r',
            static fn(float $aisle): Sketch => self::units([['b', 'base_cabinet', 0, 3000]], 650 + $aisle),
            40 * self::INCH,
            self::LEAST,
        ];
        yield 'ADA 804.2.2: 60 in in a U' => [
            'us-access/kitchen-u', 'r', static fn(float $aisle): Sketch => self::inU($aisle), 60 * self::INCH, self::LEAST,
        ];
        yield 'ADA 804.5: half of what is stored 15 to 48 in high' => [
            'us-access/storage-reach',
            'r',
            // 15 to 48 in below, and 600 mm that hang over that
            static fn(float $wide): Sketch => Sketch::room(4000, 3000, 'kitchen')
                ->fixture('b', 'base_cabinet', 2000, 0, 90, $wide, 650, ['height' => 838.2, 'base' => 381])
                ->fixture('w', 'wall_cabinet', 2000, 0, 90, 1200, 350, ['base' => 1400, 'height' => 600]),
            1200 * 600 / 838.2,
            self::LEAST,
            5.0,
        ];
        yield 'Fair Housing guidelines, requirement 7: 40 in between fronts' => [
            'us-fair-housing/kitchen-clear',
            'r',
            static fn(float $aisle): Sketch => self::units([['b', 'base_cabinet', 0, 3000]], 650 + $aisle),
            40 * self::INCH,
            self::LEAST,
        ];
        yield 'Fair Housing guidelines, requirement 7: 60 in in a U with a sink at its base' => [
            'us-fair-housing/kitchen-turn', 'r', static fn(float $aisle): Sketch => self::inU($aisle), 60 * self::INCH, self::LEAST,
        ];
    }

    /** Units along three walls, so far apart, a sink at the base. */
    private static function inU(float $aisle): Sketch
    {
        $width = $aisle + 1300;

        return self::units([['b', 'base_cabinet', 0, $width], ['s', 'sink', $width / 2 - 300, $width / 2 + 300]], 4000, $width)
            ->fixture('e', 'base_cabinet', $width, 1400, 180, 1500, 650)
            ->fixture('w', 'base_cabinet', 0, 1400, 0, 1500, 650);
    }

    public static function advice(): iterable
    {
        $book = 'practice-kitchen-bath';
        yield 'kitchen planning guidelines, from memory: 42 in from the fronts to a wall' => [
            "{$book}/aisle",
            'r',
            static fn(float $aisle): Sketch => self::units([['b', 'base_cabinet', 0, 3000]], 650 + $aisle),
            42 * self::INCH,
        ];
        yield 'kitchen planning guidelines, from memory: 24 in at one side of a sink' => [
            "{$book}/sink-landing",
            's',
            static fn(float $longer): Sketch => self::units([['b', 'base_cabinet', 0, 1300 + $longer], ['s', 'sink', 500, 1300]]),
            24 * self::INCH,
        ];
        yield 'kitchen planning guidelines, from memory: 18 in at the other' => [
            "{$book}/sink-landing",
            's',
            static fn(float $shorter): Sketch => self::units([
                ['b', 'base_cabinet', 1000 - $shorter, 2600], ['s', 'sink', 1000, 1800],
            ]),
            18 * self::INCH,
        ];
        yield 'kitchen planning guidelines, from memory: 36 in to prepare on' => [
            "{$book}/prep",
            's',
            static fn(float $prep): Sketch => self::units([['b', 'base_cabinet', 0, 1300 + $prep], ['s', 'sink', 500, 1300]]),
            36 * self::INCH,
        ];
        yield 'kitchen planning guidelines, from memory: a dishwasher 36 in from a sink' => [
            "{$book}/dishwasher-near",
            'd',
            static fn(float $apart): Sketch => self::units([['s', 'sink', 0, 800], ['d', 'dishwasher', 800 + $apart, 1400 + $apart]]),
            36 * self::INCH,
            self::MOST,
        ];
        yield 'kitchen planning guidelines, from memory: 21 in to stand beside a dishwasher' => [
            "{$book}/dishwasher-stand",
            'd',
            static fn(float $stand): Sketch => self::units([
                ['b', 'base_cabinet', 0, 4000], ['d', 'dishwasher', 2750 - $stand, 3350 - $stand],
            ])
                ->fixture('e', 'base_cabinet', 4000, 1400, 180, 1500, 650),
            21 * self::INCH,
        ];
        yield 'kitchen planning guidelines, from memory: 15 in beside a refrigerator' => [
            "{$book}/refrigerator-landing",
            'f',
            static fn(float $landing): Sketch => self::units([['f', 'refrigerator', 0, 700], ['b', 'base_cabinet', 700, 700 + $landing]]),
            15 * self::INCH,
        ];
        yield 'kitchen planning guidelines, from memory: or a worktop across 48 in' => [
            "{$book}/refrigerator-landing",
            'f',
            static fn(float $across): Sketch => self::units([['f', 'refrigerator', 0, 700]])
                ->fixture('i', 'island', 1000, 650 + $across + 900, 270, 2000, 900),
            48 * self::INCH,
            self::MOST,
        ];
        yield 'kitchen planning guidelines, from memory: 15 in at one side of a range' => [
            "{$book}/cook-landing",
            'c',
            static fn(float $longer): Sketch => self::units([
                ['a', 'base_cabinet', 0, 305], ['c', 'range', 305, 1065], ['b', 'base_cabinet', 1065, 1065 + $longer],
            ]),
            15 * self::INCH,
        ];
        yield 'kitchen planning guidelines, from memory: 12 in at the other' => [
            "{$book}/cook-landing",
            'c',
            static fn(float $shorter): Sketch => self::units([
                ['a', 'base_cabinet', 500 - $shorter, 500], ['c', 'range', 500, 1260], ['b', 'base_cabinet', 1260, 1860],
            ]),
            12 * self::INCH,
        ];
        yield 'kitchen planning guidelines, from memory: 158 in of worktop' => [
            "{$book}/frontage",
            'r',
            static fn(float $length): Sketch => self::units([['b', 'base_cabinet', 0, $length]]),
            158 * self::INCH,
        ];
        yield 'kitchen planning guidelines, from memory: 26 ft from sink to range to refrigerator' => [
            "{$book}/triangle-sum",
            'r',
            static fn(float $sum): Sketch => self::units([
                ['s', 'sink', 0, 800], ['c', 'range', 1500, 2300], ['f', 'refrigerator', $sum / 2, 800 + $sum / 2],
            ], 3000, 6000),
            312 * self::INCH,
            self::MOST,
        ];
        yield 'kitchen planning guidelines, from memory: 9 ft from one to the next' => [
            "{$book}/triangle-leg",
            'r',
            static fn(float $leg): Sketch => self::units([
                ['s', 'sink', 0, 800], ['c', 'range', 1300, 2100], ['f', 'refrigerator', $leg, 800 + $leg],
            ]),
            108 * self::INCH,
            self::MOST,
        ];
        yield 'kitchen planning guidelines, from memory: and 4 ft at the least' => [
            "{$book}/triangle-leg",
            'r',
            static fn(float $leg): Sketch => self::units([
                ['s', 'sink', 0, 800], ['c', 'range', $leg, 800 + $leg], ['f', 'refrigerator', 2600, 3400],
            ]),
            48 * self::INCH,
        ];
        yield 'common practice, no source: a worktop 38 in high' => [
            "{$book}/worktop-height",
            'c',
            static fn(float $top): Sketch => Sketch::room(4000, 3000, 'kitchen')
                ->fixture('c', 'counter', 2000, 0, 90, 2000, 650, ['base' => $top - 40, 'height' => 40]),
            38 * self::INCH,
            self::MOST,
        ];
        yield 'common practice, no source: wall units 15 in over it' => [
            "{$book}/wall-unit-over-worktop",
            'w',
            static fn(float $over): Sketch => Sketch::room(4000, 3000, 'kitchen')
                ->fixture('b', 'base_cabinet', 2000, 0, 90, 600, 650, ['height' => 900])
                ->fixture('w', 'wall_cabinet', 2000, 0, 90, 600, 350, ['base' => 900 + $over, 'height' => 700]),
            15 * self::INCH,
        ];
        yield 'common practice, no source: a hood within 10 mm of the middle' => [
            "{$book}/hood-centre",
            'h',
            static fn(float $off): Sketch => Sketch::room(4000, 3000, 'kitchen')->fixture('c', 'cooktop', 2000, 0, 90, 600, 600)
                ->fixture('h', 'hood', 2000 + $off, 0, 90, 750, 500, ['base' => 1700, 'height' => 300]),
            10,
            self::MOST,
        ];

        yield from self::seats($book);
        yield from self::runs($book);
    }

    /** @return iterable<string, array{0: string, 1: string, 2: \Closure(float): Sketch, 3: float, 4?: bool}> */
    private static function seats(string $book): iterable
    {
        yield 'kitchen planning guidelines, from memory: 24 in a seat' => [
            "{$book}/seat-width",
            'k',
            static fn(float $wide): Sketch => self::counter(2 * $wide, 914.4, 400.0),
            24 * self::INCH,
        ];
        foreach ([[30, 18], [36, 15], [42, 12]] as [$high, $deep]) {
            yield "kitchen planning guidelines, from memory: {$deep} in for knees at {$high} in" => [
                "{$book}/seat-knee",
                'k',
                static fn(float $knees): Sketch => self::counter(2000.0, $high * self::INCH, $knees),
                $deep * self::INCH,
            ];
        }
        yield 'kitchen planning guidelines, from memory: 32 in behind seats' => [
            "{$book}/seat-traffic",
            'k',
            static fn(float $behind): Sketch => self::counter(2000.0, 914.4, 400.0, $behind),
            32 * self::INCH,
        ];
    }

    /** @return iterable<string, array{0: string, 1: string, 2: \Closure(float): Sketch, 3: float, 4?: bool}> */
    private static function runs(string $book): iterable
    {
        yield 'kitchen planning guidelines, from memory: 36 in to pass' => [
            "{$book}/walkway",
            'r',
            static fn(float $way): Sketch => Sketch::room(4000, 3000, 'kitchen')->door('w1', 600, 820)
                ->add('openings', ['id' => 'e', 'kind' => 'door', 'wall' => 'w3', 'at' => 600, 'width' => 820, 'height' => 2040])
                ->fixture('b', 'base_cabinet', (4000 + $way) / 2, 1200, 90, 4000 - $way, 650),
            36 * self::INCH,
        ];
        yield 'kitchen planning guidelines, from memory: 12 in into a straight way' => [
            "{$book}/triangle-cut",
            'r',
            static fn(float $cut): Sketch => self::units(
                [['s', 'sink', 0, 800], ['c', 'range', 1500, 2300], ['f', 'refrigerator', 3000, 3800]],
            )
                ->fixture('i', 'island', 1600, 650 - $cut, 90, 300, 1000),
            12 * self::INCH,
            self::MOST,
        ];
        yield 'kitchen planning guidelines, from memory: 18 in beside a second sink' => [
            "{$book}/aux-sink-landing",
            't',
            static fn(float $longer): Sketch => self::units([
                ['b', 'base_cabinet', 0, 2000 + $longer], ['s', 'sink', 500, 1300], ['t', 'sink', 1600, 2000],
            ]),
            18 * self::INCH,
        ];
        yield 'kitchen planning guidelines, from memory: 3 in at its other side' => [
            "{$book}/aux-sink-landing",
            't',
            static fn(float $shorter): Sketch => self::units([
                ['b', 'base_cabinet', 0, 3000], ['s', 'sink', 500, 1300], ['t', 'sink', 1300 + $shorter, 1700 + $shorter],
            ]),
            3 * self::INCH,
        ];
        yield 'kitchen planning guidelines, from memory: a small oven 54 in high' => [
            "{$book}/microwave-height",
            'o',
            static fn(float $high): Sketch => Sketch::room(4000, 3000, 'kitchen')
                ->fixture('o', 'oven', 2000, 0, 90, 600, 400, ['base' => $high, 'height' => 300]),
            54 * self::INCH,
            self::MOST,
        ];
        yield 'kitchen planning guidelines, from memory: and 15 in at the least' => [
            "{$book}/microwave-height",
            'o',
            static fn(float $high): Sketch => Sketch::room(4000, 3000, 'kitchen')
                ->fixture('o', 'oven', 2000, 0, 90, 600, 400, ['base' => $high, 'height' => 300]),
            15 * self::INCH,
        ];
        yield 'kitchen planning guidelines, from memory: a sink and a range share 36 in' => [
            "{$book}/landing-shared",
            's',
            static fn(float $shared): Sketch => self::units([
                ['b', 'base_cabinet', 0, 1300 + $shared], ['s', 'sink', 500, 1300], ['c', 'range', 1300 + $shared, 2060 + $shared],
            ]),
            36 * self::INCH,
        ];
        yield 'common practice, no source: a worktop 1/2 in over the fronts' => [
            "{$book}/worktop-overhang",
            'k',
            static fn(float $over): Sketch => self::overhang($over),
            12.7,
        ];
        yield 'common practice, no source: and 1 1/2 in at the most' => [
            "{$book}/worktop-overhang",
            'k',
            static fn(float $over): Sketch => self::overhang($over),
            38.1,
            self::MOST,
        ];
        yield 'common practice, no source: a wall unit 4 in beside a window' => [
            "{$book}/wall-unit-window",
            'w',
            static fn(float $beside): Sketch => Sketch::room(4000, 3000, 'kitchen')->window('w1', 2100, 1200, 1100, ['sill' => 1000])
                ->fixture('w', 'wall_cabinet', 2600 + $beside + 300, 0, 90, 600, 350, ['base' => 1400, 'height' => 700]),
            4 * self::INCH,
        ];
        yield 'common practice, no source: tops more than 30 mm apart' => [
            "{$book}/tops-agree",
            'w',
            static fn(float $apart): Sketch => Sketch::room(4000, 3000, 'kitchen')
                ->fixture('w', 'wall_cabinet', 1000, 0, 90, 600, 350, ['base' => 1400, 'height' => 700])
                ->fixture('t', 'tall_cabinet', 3000, 0, 90, 600, 600, ['height' => 2100 + $apart]),
            30.1,
        ];
        yield 'common practice, no source: room for a unit of 150 mm' => [
            "{$book}/run-gap",
            'a',
            static fn(float $gap): Sketch => self::units([['a', 'base_cabinet', 600 + $gap, 1200 + $gap], ['b', 'base_cabinet', 0, 600]]),
            150,
        ];
        yield 'common practice, no source: 1 in between a range and a cabinet' => [
            "{$book}/cook-side",
            'c',
            static fn(float $gap): Sketch => self::units([['c', 'range', 0, 760], ['b', 'base_cabinet', 760 + $gap, 1500]]),
            self::INCH,
        ];
        yield 'common practice, no source: 3 in of filler in a corner' => [
            "{$book}/corner-clear",
            'a',
            static fn(float $filler): Sketch => self::units(
                [['a', 'base_cabinet', 2000, 3350 - $filler], ['b', 'base_cabinet', 3350, 4000]],
            )
                ->fixture('e', 'base_cabinet', 4000, 1400, 180, 1500, 650),
            75,
        ];
        yield 'kitchen planning guidelines, from memory: 9 in behind a cooktop on an island' => [
            "{$book}/cook-landing",
            'c',
            static fn(float $behind): Sketch => Sketch::room(4000, 5000, 'kitchen')
                ->fixture('i', 'island', 2000, 2000, 90, 2000, 700 + $behind)
                ->fixture('c', 'cooktop', 2000, 2000 + $behind, 90, 600, 520),
            9 * self::INCH,
        ];
        yield 'kitchen planning guidelines, from memory: 15 in clear over 158 in of worktop' => [
            "{$book}/frontage",
            'r',
            static fn(float $clear): Sketch => Sketch::room(5000, 3000, 'kitchen')
                ->fixture('b', 'base_cabinet', 2100, 0, 90, 4200, 650, ['height' => 900])
                ->fixture('w', 'wall_cabinet', 2100, 0, 90, 900, 350, ['base' => 900 + $clear, 'height' => 700]),
            15 * self::INCH,
        ];
        yield 'common practice, no source: a cooktop 150 mm from a tall unit' => [
            "{$book}/cook-beside",
            'c',
            static fn(float $beside): Sketch => self::units([['c', 'range', 0, 600], ['t', 'tall_cabinet', 600 + $beside, 1200 + $beside]]),
            150,
        ];
        yield 'common practice, no source: a wall unit 15 in over what is cooked on may hang beside it' => [
            "{$book}/cook-beside",
            'c',
            static fn(float $over): Sketch => Sketch::room(4000, 3000, 'kitchen')
                ->fixture('c', 'range', 2000, 0, 90, 600, 650, ['height' => 900])
                ->fixture('w', 'wall_cabinet', 2600, 0, 90, 600, 350, ['base' => 900 + $over, 'height' => 700])
                ->fixture('t', 'tall_cabinet', 1000, 0, 90, 600, 600),
            15 * self::INCH,
        ];
        yield 'common practice, no source: fronts more than 30 mm apart' => [
            "{$book}/fronts-in-line",
            'a',
            static fn(float $apart): Sketch => Sketch::room(4000, 3000, 'kitchen')
                ->fixture('a', 'base_cabinet', 1000, 0, 90, 600, 600)->fixture('b', 'base_cabinet', 1600, 0, 90, 600, 600 + $apart),
            30.1,
        ];
        yield 'common practice, no source: leaves 24 in wide' => [
            "{$book}/leaf-width",
            'b',
            static fn(float $leaf): Sketch => self::units([['b', 'base_cabinet', 0, 2 * $leaf]]),
            24 * self::INCH,
            self::MOST,
        ];
    }

    /** A worktop over base units, two chairs behind it, and a wall so far behind. */
    private static function counter(float $length, float $top, float $knees, float $behind = 2000.0): Sketch
    {
        $back = 1000 + 600 + $knees;

        return Sketch::room(5000, $back + $behind, 'kitchen')
            ->fixture('b', 'base_cabinet', 2500, 1600, 270, $length, 600, ['height' => $top - 40])
            ->fixture('k', 'counter', 2500, $back, 270, $length, 600 + $knees + 20, ['base' => $top - 40, 'height' => 40])
            ->fixture('p', 'chair', 2500 - $length / 4, $back + 300, 270, 400, 400)
            ->fixture('q', 'chair', 2500 + $length / 4, $back + 300, 270, 400, 400);
    }

    private static function overhang(float $over): Sketch
    {
        return Sketch::room(4000, 3000, 'kitchen')->fixture('b', 'base_cabinet', 2000, 0, 90, 600, 600, ['height' => 870])
            ->fixture('k', 'counter', 2000, 0, 90, 1000, 600 + $over, ['base' => 870, 'height' => 40]);
    }

    /**
     * A kitchen with units 650 mm deep along its lower wall, from its right end, so from left to right as one looks at them.
     *
     * @param list<array{string, string, float|int, float|int}> $units id, kind, from and to
     */
    private static function units(array $units, float $depth = 3000.0, float $width = 5000.0): Sketch
    {
        $kitchen = Sketch::room($width, $depth, 'kitchen');
        foreach ($units as [$id, $kind, $from, $to]) {
            $kitchen = $kitchen->fixture($id, $kind, ($from + $to) / 2, 0, 90, $to - $from, 650);
        }

        return $kitchen;
    }
}
