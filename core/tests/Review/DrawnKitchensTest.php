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
