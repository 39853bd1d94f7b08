<?php

declare(strict_types=1);

namespace Heurema\Tests\Review;

use Heurema\Review\Verdict;
use Heurema\Tests\Measure\HeadroomTest;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * Stairs and guards drawn just under, at and just over the limits of the books, through the whole core.
 *
 * Limits from memory: International Residential Code 2021 (IRC), Approved Document K 2013 (AD K), National Building Code of India 2016,
 * part 4 (NBC), Housing Provisions of the National Construction Code 2022 (NCC), ADA Standards 2010 (ADA), Approved Document M 2015 (AD M).
 */
final class DrawnStairsTest extends DrawnLimits
{
    private const OVER_ALL = [1550, 1000, 2450, 4500];

    public static function limits(): iterable
    {
        yield 'IRC R311.7.5.1: a riser of 7 3/4 in' => ['us-irc-2021/stair-riser', 's', self::risersOf(...), 7.75 * self::INCH, self::MOST];
        yield 'IRC R311.7.5.2: a tread of 10 in' => ['us-irc-2021/stair-tread', 's', self::treadsOf(...), 254, self::LEAST];
        yield 'IRC R311.7.1: 36 in between walls' => [
            'us-irc-2021/stair-width',
            's',
            static fn(float $width): Sketch => self::stair(['width' => $width, 'handrails' => ['left' => null, 'right' => null]]),
            36 * self::INCH,
            self::LEAST,
        ];
        yield 'IRC R311.7.2: 80 in of headroom' => ['us-irc-2021/stair-headroom', 's', self::headroomOf(...), 80 * self::INCH, self::LEAST];
        yield 'IRC R311.7.3: a flight of 151 in' => [
            'us-irc-2021/stair-flight-rise',
            's',
            static fn(float $rise): Sketch => self::climbing($rise, 20),
            151 * self::INCH,
            self::MOST,
        ];
        yield 'IRC R311.7.8.1: a rail at 34 in' => ['us-irc-2021/handrail', 's', self::railedAt(...), 34 * self::INCH, self::LEAST];
        yield 'IRC R311.7.8.1: a rail at 38 in' => ['us-irc-2021/handrail', 's', self::railedAt(...), 38 * self::INCH, self::MOST];
        yield 'IRC R312.1.2: a guard of 36 in' => ['us-irc-2021/guard-height', 'g', self::guardOf(...), 36 * self::INCH, self::LEAST];
        yield 'IRC R311.7.5.3: a nosing of 3/4 in' => ['us-irc-2021/nosing', 's', self::nosingOf(...), 0.75 * self::INCH, self::LEAST];
        yield 'IRC R311.7.5.3: a nosing of 1 1/4 in' => ['us-irc-2021/nosing', 's', self::nosingOf(...), 1.25 * self::INCH, self::MOST];
        yield 'IRC R311.7.6: 36 in before the foot' => ['us-irc-2021/stair-landing', 's', self::footAt(...), 36 * self::INCH, self::LEAST];

        yield 'IRC R311.7.5.1: risers within 3/8 in of each other' => [
            'us-irc-2021/stair-riser-spread', 's', self::uneven(...), 0.375 * self::INCH, self::MOST,
        ];
        yield 'IRC R311.7.5.1: openings of less than 4 in' => ['us-irc-2021/open-riser', 's', self::openBy(...), 101.5, self::MOST];
        yield 'IRC R311.7.5.2.1: 6 in at the narrow end' => [
            'us-irc-2021/winder', 's', self::woundAround(...), 6 * self::INCH, self::LEAST,
        ];

        $public = ['public_way' => true];
        yield 'ADA 504.2: a riser of 7 in' => [
            'us-access/stair-rise', 's', self::risersOf(...), 7 * self::INCH, self::MOST, self::STEP, $public,
        ];
        yield 'ADA 504.2: a riser of 4 in' => [
            'us-access/stair-rise', 's', self::risersOf(...), 4 * self::INCH, self::LEAST, self::STEP, $public,
        ];
        yield 'ADA 504.2: a tread of 11 in' => [
            'us-access/stair-tread', 's', self::treadsOf(...), 11 * self::INCH, self::LEAST, self::STEP, $public,
        ];
        yield 'ADA 504.5: a nosing of 1 1/2 in' => [
            'us-access/stair-nosing', 's', self::nosingOf(...), 1.5 * self::INCH, self::MOST, self::STEP, $public,
        ];
        yield 'ADA 505.4: rails at 34 in' => [
            'us-access/handrail', 's', self::railedBothSidesAt(...), 34 * self::INCH, self::LEAST, self::STEP, $public,
        ];
        yield 'ADA 505.4: rails at 38 in' => [
            'us-access/handrail', 's', self::railedBothSidesAt(...), 38 * self::INCH, self::MOST, self::STEP, $public,
        ];

        yield 'AD M 2.23: 850 mm wide' => [
            'uk-part-m/stair-width',
            's',
            static fn(float $width): Sketch => self::stair(['width' => $width]),
            850,
            self::LEAST,
            self::STEP,
            ['category' => 'M4(2)'],
        ];
        yield 'AD K 1.17: 36 risers in a line' => [
            'uk-part-k/straight-run',
            's',
            static fn(float $risers): Sketch => self::climbing(6120, (int) $risers),
            36,
            self::MOST,
            1,
        ];

        yield 'AD K Table 1.1: a rise of 220 mm' => ['uk-part-k/riser', 's', self::risersOf(...), 220, self::MOST];
        yield 'AD K Table 1.1: a rise of 150 mm' => ['uk-part-k/riser', 's', self::risersOf(...), 150, self::LEAST];
        yield 'AD K Table 1.1: a going of 220 mm' => ['uk-part-k/going', 's', self::treadsOf(...), 220, self::LEAST];
        yield 'AD K Table 1.1: a going of 300 mm' => ['uk-part-k/going', 's', self::treadsOf(...), 300, self::MOST];
        yield 'AD K 1.4: 2R + G of 550 mm' => [
            'uk-part-k/two-r-plus-g',
            's',
            static fn(float $sum): Sketch => self::treadsOf($sum - 2 * 160, 160),
            550,
            self::LEAST,
        ];
        yield 'AD K 1.4: 2R + G of 700 mm' => [
            'uk-part-k/two-r-plus-g',
            's',
            static fn(float $sum): Sketch => self::treadsOf($sum - 2 * 210, 210),
            700,
            self::MOST,
        ];
        yield 'AD K 1.5: 42 degrees' => [
            'uk-part-k/pitch',
            's',
            static fn(float $degrees): Sketch => self::treadsOf(200 / tan(deg2rad($degrees)), 200),
            42,
            self::MOST,
        ];
        yield 'AD K 1.11: 2 m of headroom' => ['uk-part-k/headroom', 's', self::headroomOf(...), 2000, self::LEAST];
        yield 'AD K 1.20: a landing as deep as the stair is wide' => ['uk-part-k/landing', 's', self::footAt(...), 900, self::LEAST];
        yield 'AD K 1.36: a rail at 900 mm' => ['uk-part-k/handrail', 's', self::railedAt(...), 900, self::LEAST];
        yield 'AD K 1.36: a rail at 1000 mm' => ['uk-part-k/handrail', 's', self::railedAt(...), 1000, self::MOST];
        yield 'AD K Diagram 3.1: guarding of 900 mm' => ['uk-part-k/guard-height', 'g', self::guardOf(...), 900, self::LEAST];
        yield 'AD K 1.28: 50 mm at the narrow end' => ['uk-part-k/tapered', 's', self::woundAround(...), 50, self::LEAST];

        yield 'NBC 4.4.2: 1 m wide' => [
            'in-nbc-2016/stair-width',
            's',
            static fn(float $width): Sketch => self::stair(['width' => $width]),
            1000,
            self::LEAST,
        ];
        yield 'NBC 4.4.2: treads of 250 mm' => ['in-nbc-2016/stair-tread', 's', self::treadsOf(...), 250, self::LEAST];
        yield 'NBC 4.4.2: risers of 190 mm' => ['in-nbc-2016/stair-riser', 's', self::risersOf(...), 190, self::MOST];
        yield 'NBC 4.4.2: 15 risers a flight' => [
            'in-nbc-2016/stair-flight',
            's',
            static fn(float $risers): Sketch => self::climbing(2400, (int) $risers),
            15,
            self::MOST,
            1,
        ];
        yield 'NBC 4.4.2: 2.2 m of headroom' => ['in-nbc-2016/stair-headroom', 's', self::headroomOf(...), 2200, self::LEAST];

        yield 'NBC 4.4.2: a rail at 1 m' => ['in-nbc-2016/handrail', 's', self::railedAt(...), 1000, self::LEAST];

        yield 'NCC 11.2.2: 2R + G of 550 mm' => [
            'au-ncc-2022/two-r-plus-g',
            's',
            static fn(float $sum): Sketch => self::treadsOf($sum - 2 * 150, 150),
            550,
            self::LEAST,
        ];
        yield 'NCC 11.2.2: 2R + G of 700 mm' => [
            'au-ncc-2022/two-r-plus-g',
            's',
            static fn(float $sum): Sketch => self::treadsOf($sum - 2 * 180, 180),
            700,
            self::MOST,
        ];
        yield 'NCC 11.2.2: risers within 10 mm of each other' => ['au-ncc-2022/equal-steps', 's', self::uneven(...), 10, self::MOST];
        yield 'NCC 11.2.2: openings of less than 125 mm' => ['au-ncc-2022/open-riser', 's', self::openBy(...), 124.9, self::MOST];
        yield 'NCC 11.3.4: gaps of less than 125 mm' => [
            'au-ncc-2022/barrier-gap',
            'g',
            static fn(float $gap): Sketch => HeadroomTest::stairwell(
                void: self::OVER_ALL,
                upper: ['guards' => [['id' => 'g', 'line' => [[1550, 1000], [1550, 4500]], 'height' => 1000, 'largest_gap' => $gap]]],
            ),
            124.9,
            self::MOST,
        ];
        yield 'NCC 11.3.5: a rail at 865 mm' => ['au-ncc-2022/handrail', 's', self::railedAt(...), 865, self::LEAST];
        yield 'NCC Table 11.2.2a: a riser of 190 mm' => ['au-ncc-2022/riser', 's', self::risersOf(...), 190, self::MOST];
        yield 'NCC Table 11.2.2a: a riser of 115 mm' => ['au-ncc-2022/riser', 's', self::risersOf(...), 115, self::LEAST];
        yield 'NCC Table 11.2.2a: a going of 240 mm' => ['au-ncc-2022/going', 's', self::treadsOf(...), 240, self::LEAST];
        yield 'NCC Table 11.2.2a: a going of 355 mm' => ['au-ncc-2022/going', 's', self::treadsOf(...), 355, self::MOST];
        yield 'NCC 11.2.2: 18 risers a flight' => [
            'au-ncc-2022/flight',
            's',
            static fn(float $risers): Sketch => self::climbing(2700, (int) $risers),
            18,
            self::MOST,
            1,
        ];
        yield 'NCC 11.2.5: a landing of 750 mm' => ['au-ncc-2022/landing', 's', self::footAt(...), 750, self::LEAST];
        yield 'NCC 10.3.1: 2 m of headroom' => ['au-ncc-2022/headroom', 's', self::headroomOf(...), 2000, self::LEAST];
        yield 'NCC 11.3.4: a barrier of 1 m' => ['au-ncc-2022/barrier-height', 'g', self::guardOf(...), 1000, self::LEAST];
        yield 'NCC 11.2.2: three winders in a quarter turn' => [
            'au-ncc-2022/winders',
            's',
            static fn(float $count): Sketch => self::wound((int) $count),
            3,
            self::MOST,
            1,
        ];
    }

    public static function advice(): iterable
    {
        $stride = static fn(float $sum): Sketch => self::treadsOf($sum - 2 * 175, 175);
        yield 'common practice, no source: strides from 600 mm' => ['practice-home/stair-comfort', 's', $stride, 600, self::LEAST];
        yield 'common practice, no source: strides up to 650 mm' => ['practice-home/stair-comfort', 's', $stride, 650, self::MOST];
    }

    /** @return iterable<string, array{string, string, Sketch}> */
    public static function unknowns(): iterable
    {
        yield 'no floor thickness' => [
            'us-irc-2021/stair-headroom',
            's',
            HeadroomTest::stairwell(void: self::OVER_ALL, upper: ['floor_thickness' => null]),
        ];
        yield 'no word of rails' => ['us-irc-2021/handrail', 's', self::stair([])];
        yield 'no guard height' => [
            'us-irc-2021/guard-height',
            'g',
            HeadroomTest::stairwell(void: self::OVER_ALL, upper: ['guards' => [['id' => 'g', 'line' => [[1550, 1000], [1550, 4500]]]]]),
        ];
        yield 'no word of openings in the guard' => ['us-irc-2021/guard-gap', 'g', self::guardOf(1000)];
        yield 'no word of open risers' => ['uk-part-k/open-riser', 's', self::stair([])];
        yield 'no upper level' => ['uk-part-k/riser', 's', HeadroomTest::stairwell(upper: ['elevation' => null])];
    }

    #[DataProvider('unknowns')]
    public function test_what_nobody_drew_is_not_met(string $rule, string $subject, Sketch $drawn): void
    {
        self::assertSame(Verdict::Undetermined, self::verdict($rule, $drawn, $subject));
    }

    public function test_risers_are_all_the_same_ad_k_1_2(): void
    {
        $verdict = static fn(float $by): Verdict => self::verdict('uk-part-k/equal-steps', self::uneven($by), 's');
        self::assertSame([Verdict::Violated, Verdict::Met, Verdict::Violated], [$verdict(-5.1), $verdict(-5), $verdict(5.1)]);
    }

    public function test_edges_are_guarded_from_the_drop_that_each_book_names(): void
    {
        // more than 30 in, more than 600 mm, 1 m or more
        foreach ([
            'us-irc-2021/guard-needed' => 762.0,
            'uk-part-k/guard-needed' => 600.0,
            'au-ncc-2022/barrier-needed' => 999.9,
        ] as $rule => $drop) {
            self::assertSame(Verdict::Violated, self::verdict($rule, self::balcony($drop + 0.1), 'G'), $rule);
            self::assertSame(Verdict::Met, self::verdict($rule, self::balcony($drop), 'G'), $rule);
        }
    }

    public function test_gaps_that_a_ball_passes(): void
    {
        $guard = static fn(float $gap): Sketch => HeadroomTest::stairwell(
            void: self::OVER_ALL,
            upper: ['guards' => [['id' => 'g', 'line' => [[1550, 1000], [1550, 4500]], 'height' => 1000, 'largest_gap' => $gap]]],
        );
        self::assertSame(Verdict::Met, self::verdict('uk-part-k/guard-gap', $guard(99.9), 'g'));
        self::assertSame(Verdict::Violated, self::verdict('uk-part-k/guard-gap', $guard(100), 'g'));
        self::assertSame(Verdict::Met, self::verdict('us-irc-2021/guard-gap', $guard(100), 'g'));
        self::assertSame(Verdict::Violated, self::verdict('us-irc-2021/guard-gap', $guard(4 * self::INCH), 'g'));
    }

    /** @param array<string, mixed> $stair fifteen risers of 180 mm, unless more is said */
    private static function stair(array $stair): Sketch
    {
        return HeadroomTest::stairwell(void: self::OVER_ALL, stair: $stair);
    }

    private static function risersOf(float $rise): Sketch
    {
        return self::treadsOf(250, $rise);
    }

    private static function treadsOf(float $tread, float $rise = 180): Sketch
    {
        return Sketch::room(4000, 6000, 'hall')->stair(
            ['start' => [2000, 1000], 'parts' => [['flight' => ['risers' => 12, 'tread' => $tread]]]],
            12 * $rise,
        )->upper(['elevation' => 12 * $rise]);
    }

    /** Twelve risers as they were measured, the last one higher by so much. */
    private static function uneven(float $by): Sketch
    {
        $rises = [...array_fill(0, 11, 180.0), 180.0 + $by];

        return Sketch::room(4000, 6000, 'hall')->stair(
            ['start' => [2000, 1000], 'parts' => [['flight' => ['risers' => 12, 'tread' => 250, 'rises' => $rises]]]],
            array_sum($rises),
        )->upper(['elevation' => array_sum($rises)]);
    }

    /** Steps without risers; the tread over the opening is taken to be 1 1/2 in thick. */
    private static function openBy(float $opening): Sketch
    {
        $rise = 12 * ($opening + 1.5 * self::INCH);

        return Sketch::room(4000, 6000, 'hall')->stair(
            ['start' => [2000, 1000], 'open_risers' => true, 'parts' => [['flight' => ['risers' => 12, 'tread' => 250]]]],
            $rise,
        )->upper(['elevation' => $rise]);
    }

    private static function railedBothSidesAt(float $height): Sketch
    {
        return self::stair(['handrails' => ['left' => $height, 'right' => $height]]);
    }

    private static function climbing(float $rise, int $risers): Sketch
    {
        return Sketch::room(4000, 8000, 'hall')->stair(
            ['start' => [2000, 1000], 'parts' => [['flight' => ['risers' => $risers, 'tread' => 260]]]],
            $rise,
        )->upper(['elevation' => $rise]);
    }

    /** The opening begins where so much is left under the floor: 2450 mm less 180 mm and 0.72 mm for each mm along the stair. */
    private static function headroomOf(float $height): Sketch
    {
        $begins = 1000 + (2450 - 180 - $height) / 0.72;

        return HeadroomTest::stairwell(void: [1550, $begins, 2450, 4500]);
    }

    private static function railedAt(float $height): Sketch
    {
        return self::stair(['handrails' => ['left' => $height, 'right' => null]]);
    }

    private static function guardOf(float $height): Sketch
    {
        return HeadroomTest::stairwell(
            void: self::OVER_ALL,
            upper: ['guards' => [['id' => 'g', 'line' => [[1550, 1000], [1550, 4500]], 'height' => $height]]],
        );
    }

    private static function nosingOf(float $nosing): Sketch
    {
        return self::stair(['nosing' => $nosing, 'open_risers' => false, 'parts' => [['flight' => ['risers' => 15, 'tread' => 260]]]]);
    }

    /** So much floor between the wall behind the foot and the first riser. */
    private static function footAt(float $depth): Sketch
    {
        return HeadroomTest::stairwell(void: [1550, $depth, 2450, $depth + 3500], stair: ['start' => [2000, $depth]]);
    }

    private static function woundAround(float $inner): Sketch
    {
        return self::wound(3, $inner);
    }

    private static function wound(int $winders, float $inner = 60): Sketch
    {
        return self::stair([
            'kind' => 'winding',
            'parts' => [
                ['flight' => ['risers' => 6, 'tread' => 230]],
                ['winders' => ['risers' => $winders, 'turn' => 'left', 'inner' => $inner]],
                ['flight' => ['risers' => 6, 'tread' => 230]],
            ],
        ]);
    }

    private static function balcony(float $elevation): Sketch
    {
        return Sketch::room(4000, 3000, 'living')->with(['elevation' => $elevation])
            ->wall([-100, -1500], [4100, -1500], 0, 'divider')
            ->wall([-100, -1500], [-100, -100], 0, 'divider')
            ->wall([4100, -1500], [4100, -100], 0, 'divider')
            ->use('b', 'balcony', 2000, -800);
    }
}
