<?php

declare(strict_types=1);

namespace Heurema\Tests\Review;

use Heurema\Tests\Sketch;

/**
 * Doors, and the floor before and beside them, drawn at the limits of the books.
 *
 * Limits from memory: International Residential Code 2021 (IRC), ADA Standards 2010 (ADA), Approved Document M volume 1, 2015 (AD M),
 * Housing Provisions of the National Construction Code 2022 (NCC), National Building Code of India 2016 (NBC).
 */
final class DrawnDoorsTest extends DrawnLimits
{
    private const WIDTH = 900.0;

    public static function limits(): iterable
    {
        // with 20 in beside the latch only the way from the front is left
        yield 'ADA 404.2.4.1: pulled from the front, 60 in' => [
            'us-access/door-approach',
            'd',
            static fn(float $deep): Sketch => self::pulled($deep, 20 * self::INCH),
            60 * self::INCH,
            self::LEAST,
        ];
        yield 'ADA 404.2.4.1: pulled from the front, 18 in beside the latch' => [
            'us-access/door-approach',
            'd',
            static fn(float $beside): Sketch => self::pulled(2000, $beside),
            18 * self::INCH,
            self::LEAST,
        ];
        yield 'ADA 404.2.4.1: pulled from the latch side, 48 in' => [
            'us-access/door-approach',
            'd',
            static fn(float $deep): Sketch => self::pulled($deep, 30 * self::INCH),
            48 * self::INCH,
            self::LEAST,
        ];
        yield 'ADA 404.2.4.1: pulled from the latch side, 24 in beside it' => [
            'us-access/door-approach',
            'd',
            static fn(float $beside): Sketch => self::pulled(50 * self::INCH, $beside),
            24 * self::INCH,
            self::LEAST,
        ];
        yield 'ADA 404.2.4.1: with a closer 54 in' => [
            'us-access/door-approach',
            'd',
            static fn(float $deep): Sketch => self::pulled($deep, 30 * self::INCH),
            54 * self::INCH,
            self::LEAST,
            self::STEP,
            ['closers' => true],
        ];
        yield 'ADA 404.2.4.1: pushed in a wide hall, 42 in' => [
            'us-access/door-approach', 'd', self::pushed(...), 42 * self::INCH, self::LEAST,
        ];
        yield 'ADA 404.2.4.1: pushed against a closer, 48 in' => [
            'us-access/door-approach', 'd', self::pushed(...), 48 * self::INCH, self::LEAST, self::STEP, ['closers' => true],
        ];
        yield 'ADA 404.2.4.2: along a sliding door 42 in' => [
            'us-access/door-approach-sliding',
            'd',
            static fn(float $deep): Sketch => self::between($deep, ['operation' => 'pocket']),
            42 * self::INCH,
            self::LEAST,
        ];
        yield 'ADA 404.2.6: 48 in between doors' => [
            'us-access/doors-series',
            'd',
            static fn(float $apart): Sketch => self::lobby($apart),
            48 * self::INCH,
            self::LEAST,
        ];

        yield 'AD M 2.20: 300 mm beside the latch' => [
            'uk-part-m/latch-nib',
            'd',
            static fn(float $beside): Sketch => self::pulled(3000, $beside),
            300,
            self::LEAST,
            self::STEP,
            ['category' => 'M4(2)'],
        ];
        yield 'NCC 10.4.2: 1.2 m from the door to the pan' => ['au-ncc-2022/sanitary-door', 'd', self::toPan(...), 1200, self::LEAST];

        yield 'IRC R311.3: 36 in inside an outer door' => [
            'us-irc-2021/door-landing',
            'd',
            static fn(float $deep): Sketch => self::outer($deep),
            36 * self::INCH,
            self::LEAST,
        ];
        yield 'IRC R311.3.2: 7 3/4 in down from the threshold' => [
            'us-irc-2021/door-landing',
            'd',
            static fn(float $down): Sketch => self::outer(3000, ['exterior_level' => -$down]),
            7.75 * self::INCH,
            self::MOST,
        ];
        yield 'IRC R302.5.1: a solid leaf of 1 3/8 in to a garage' => [
            'us-irc-2021/garage-door',
            'd',
            static fn(float $leaf): Sketch => self::toGarage(['leaf_thickness' => $leaf, 'fire_minutes' => 0]),
            1.375 * self::INCH,
            self::LEAST,
            self::STEP,
            ['solid_leaves' => true],
        ];
        yield 'IRC R302.5.1: 20 minutes to a garage' => [
            'us-irc-2021/garage-door',
            'd',
            static fn(float $minutes): Sketch => self::toGarage(['leaf_thickness' => 30, 'fire_minutes' => $minutes]),
            20,
            self::LEAST,
            1,
        ];

        yield 'NBC 12.1: a plinth of 450 mm' => [
            'in-nbc-2016/plinth',
            'dwelling',
            static fn(float $above): Sketch => Sketch::room(4000, 3000)->document(['grade' => -$above]),
            450,
            self::LEAST,
        ];
        yield 'NBC 12.3: a kitchen of 5 m²' => [
            'in-nbc-2016/kitchen-area',
            'r',
            static fn(float $width): Sketch => self::tall($width, 2000, 'kitchen'),
            2500,
            self::LEAST,
        ];
        yield 'NBC 12.3: a kitchen 1.8 m wide' => [
            'in-nbc-2016/kitchen-area',
            'r',
            static fn(float $width): Sketch => self::tall($width, 4000, 'kitchen'),
            1800,
            self::LEAST,
        ];
        yield 'NBC 12.3: a kitchen 2.75 m high' => [
            'in-nbc-2016/kitchen-area',
            'r',
            static fn(float $height): Sketch => Sketch::room(3000, 3000, 'kitchen')->with(['ceiling' => $height]),
            2750,
            self::LEAST,
        ];
        yield 'NBC 12.4: a bathroom of 1.8 m²' => [
            'in-nbc-2016/bathroom-area',
            'r',
            static fn(float $width): Sketch => self::tall($width, 1200, 'bathroom'),
            1500,
            self::LEAST,
        ];
        yield 'NBC 12.4: a bathroom 1.2 m wide' => [
            'in-nbc-2016/bathroom-area',
            'r',
            static fn(float $width): Sketch => self::tall($width, 3000, 'bathroom'),
            1200,
            self::LEAST,
        ];
        yield 'NBC 12.4: a water closet of 1.1 m²' => [
            'in-nbc-2016/bathroom-area',
            'r',
            static fn(float $width): Sketch => self::tall($width, 1100, 'wc'),
            1000,
            self::LEAST,
        ];
        yield 'NBC 12.4: a water closet 0.9 m wide' => [
            'in-nbc-2016/bathroom-area',
            'r',
            static fn(float $width): Sketch => self::tall($width, 2000, 'wc'),
            900,
            self::LEAST,
        ];
        yield 'NBC 12.7: a store of 3 m²' => [
            'in-nbc-2016/store-area',
            'r',
            static fn(float $width): Sketch => self::tall($width, 1500, 'storage'),
            2000,
            self::LEAST,
        ];
        yield 'NBC 15.3: a shaft of 0.9 m' => [
            'in-nbc-2016/shaft',
            'r',
            static fn(float $width): Sketch => self::tall($width, 2000, 'shaft'),
            900,
            self::LEAST,
        ];
        yield 'NBC 20.1: an eighth of 12 m² opens' => [
            'in-nbc-2016/openings',
            'r',
            static fn(float $height): Sketch => self::opening(1500, $height),
            1000,
            self::LEAST,
            1,
        ];
        yield 'NBC 12.4.2: 0.37 m² opens in a bathroom' => [
            'in-nbc-2016/bath-ventilator',
            'r',
            static fn(float $height): Sketch => self::opening(500, $height, 'bathroom'),
            740,
            self::LEAST,
            1,
        ];
    }

    public static function advice(): iterable
    {
        yield 'common practice, no source: doors 80 in high' => [
            'practice-home/door-height',
            'd',
            static fn(float $height): Sketch => self::between(1500, ['height' => $height]),
            80 * self::INCH,
            self::LEAST,
        ];
        yield 'common practice, no source: doors of bedrooms 30 in wide' => [
            'practice-home/bedroom-door',
            'd',
            static fn(float $width): Sketch => self::between(1500, ['width' => $width]),
            30 * self::INCH,
            self::LEAST,
        ];
        yield 'common practice, no source: walk-in closets from 5 ft' => [
            'practice-home/walk-in-closet',
            'r',
            static fn(float $width): Sketch => Sketch::room($width, 4000, 'walk_in_closet'),
            60 * self::INCH,
            self::LEAST,
        ];
        yield 'common practice, no source: walk-in closets up to 10 ft' => [
            'practice-home/walk-in-closet',
            'r',
            static fn(float $width): Sketch => Sketch::room($width, 4000, 'walk_in_closet'),
            120 * self::INCH,
            self::MOST,
        ];
        yield 'common practice, no source: outer walls from 150 mm' => [
            'practice-home/exterior-wall',
            'w1',
            static fn(float $thick): Sketch => Sketch::room(4000, 3000, 'bedroom', $thick),
            150,
            self::LEAST,
        ];
        yield 'common practice, no source: outer walls up to 450 mm' => [
            'practice-home/exterior-wall',
            'w1',
            static fn(float $thick): Sketch => Sketch::room(4000, 3000, 'bedroom', $thick),
            450,
            self::MOST,
        ];
        yield 'common practice, no source: partitions from 90 mm' => [
            'practice-home/partition',
            'w5',
            static fn(float $thick): Sketch => Sketch::room(4000, 3000)->wall([2000, 0], [2000, 3000], $thick),
            90,
            self::LEAST,
        ];
        yield 'common practice, no source: partitions up to 240 mm' => [
            'practice-home/partition',
            'w5',
            static fn(float $thick): Sketch => Sketch::room(4000, 3000)->wall([2000, 0], [2000, 3000], $thick),
            240,
            self::MOST,
        ];
        yield 'common practice, no source: ceilings from 2.4 m' => [
            'practice-home/ceiling',
            'r',
            static fn(float $height): Sketch => Sketch::room(4000, 3000)->with(['ceiling' => $height]),
            2400,
            self::LEAST,
        ];
        yield 'common practice, no source: ceilings up to 10 ft' => [
            'practice-home/ceiling',
            'r',
            static fn(float $height): Sketch => Sketch::room(4000, 3000)->with(['ceiling' => $height]),
            120 * self::INCH,
            self::MOST,
        ];
        yield 'common practice, no source: shafts 0.9 m wide' => [
            'practice-home/shaft-width',
            'r',
            static fn(float $width): Sketch => Sketch::room($width, 2000, 'shaft'),
            900,
            self::LEAST,
        ];
        yield 'common practice, no source: a tenth of a living room in glass' => [
            'practice-home/living-window',
            'r',
            static fn(float $height): Sketch => self::opening(1200, $height, 'living'),
            1000,
            self::LEAST,
        ];
    }

    /**
     * A door between two rooms, hinged at its left and opening into the upper one, both wide enough.
     *
     * @param float                $below how deep the lower room is
     * @param array<string, mixed> $door
     */
    private static function between(float $below, array $door = [], float $above = 3000, float $at = 3000, float $wide = 6000): Sketch
    {
        return (new Sketch())->chain([
            [-100, -150 - $below],
            [$wide + 100, -150 - $below],
            [$wide + 100, $above + 100],
            [-100, $above + 100],
        ])
            ->wall([-100, -25], [$wide + 100, -25], 50)
            ->use('r', 'bedroom', $wide / 2, $above / 2)->use('h', 'hall', $wide / 2, -50 - $below / 2)
            ->door('w5', $at, self::WIDTH, ['operation' => 'hinged', 'hinge' => 'from', 'opens' => 'left', ...$door]);
    }

    /** A door pulled into a room of some depth, with some room beside its latch. */
    private static function pulled(float $deep, float $beside): Sketch
    {
        // the wall runs 100 mm on at both ends into the outer walls
        return self::between(3000, above: $deep, at: 100 + 6000 - $beside - self::WIDTH / 2);
    }

    /** A door pushed from a hall of some width. */
    private static function pushed(float $deep): Sketch
    {
        return self::between($deep);
    }

    /** Two doors, one behind the other, across a lobby. */
    private static function lobby(float $apart): Sketch
    {
        return (new Sketch())->chain([[-100, -3100], [4100, -3100], [4100, $apart + 3200], [-100, $apart + 3200]])
            ->wall([-100, -50], [4100, -50])->wall([-100, $apart + 50], [4100, $apart + 50])
            ->use('a', 'hall', 2000, -1500)->use('b', 'hall', 2000, $apart / 2)->use('c', 'hall', 2000, $apart + 1600)
            ->door('w5', 2100, self::WIDTH, ['operation' => 'hinged', 'hinge' => 'from', 'opens' => 'right'])
            ->add(
                'openings',
                [
                    'id' => 'e', 'kind' => 'door', 'wall' => 'w6', 'at' => 2100, 'width' => self::WIDTH, 'height' => 2040,
                    'operation' => 'hinged', 'hinge' => 'from', 'opens' => 'left',
                ],
            );
    }

    /** A door that swings towards a water closet straight ahead of it. */
    private static function toPan(float $apart): Sketch
    {
        return (new Sketch())->chain([[-100, -3100], [1300, -3100], [1300, 3100], [-100, 3100]])->wall([-100, -50], [1300, -50])
            ->use('r', 'wc', 600, 2500)->use('h', 'hall', 600, -1500)
            ->door('w5', 700, 800, ['operation' => 'hinged', 'hinge' => 'from', 'opens' => 'left'])
            ->fixture('f', 'water_closet', 600, 700 + $apart, 270, 400, 700);
    }

    /** @param array<string, mixed> $door */
    private static function outer(float $deep, array $door = []): Sketch
    {
        return Sketch::room(4000, $deep, 'hall')->door(
            'w1',
            2000,
            self::WIDTH,
            ['operation' => 'hinged', 'hinge' => 'from', 'opens' => 'left', 'exterior_level' => -50, ...$door],
        );
    }

    /** @param array<string, mixed> $door */
    private static function toGarage(array $door): Sketch
    {
        return (new Sketch())->chain([[-100, -5100], [4100, -5100], [4100, 3100], [-100, 3100]])->wall([-100, -50], [4100, -50])
            ->use('r', 'hall', 2000, 1500)->use('g', 'garage', 2000, -2500)
            ->door('w5', 2100, self::WIDTH, ['operation' => 'hinged', 'hinge' => 'from', 'opens' => 'left', ...$door]);
    }

    private static function tall(float $width, float $depth, string $use): Sketch
    {
        return Sketch::room($width, $depth, $use)->with(['ceiling' => 3000]);
    }

    /** A floor of 12 m² with a casement without a frame to speak of. */
    private static function opening(float $width, float $height, string $use = 'bedroom'): Sketch
    {
        return Sketch::room(4000, 3000, $use)->window(
            'w1',
            2000,
            $width,
            $height,
            ['frame' => 0, 'operation' => 'casement', 'sill' => 900, 'clear_width' => $width, 'clear_height' => $height],
        );
    }
}
