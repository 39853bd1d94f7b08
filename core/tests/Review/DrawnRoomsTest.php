<?php

declare(strict_types=1);

namespace Heurema\Tests\Review;

use Heurema\Review\Verdict;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * Rooms, doors, windows and fixtures drawn at the limits of the books.
 *
 * Limits from memory: ADA Standards 2010 (ADA), Fair Housing Act Design Manual 1998 (FH), Approved Document M volume 1, 2015 (AD M),
 * Approved Documents F 2021 and B 2019 (AD F, AD B), Housing Provisions of the National Construction Code 2022 (NCC), Livable Housing
 * Design standard 2022 (LHD), nationally described space standard 2015 (NDSS), National Building Code of India 2016 (NBC).
 */
final class DrawnRoomsTest extends DrawnLimits
{
    public static function limits(): iterable
    {
        yield 'ADA 304.3.1: a circle of 60 in' => [
            'us-access/turning',
            'r',
            static fn(float $size): Sketch => Sketch::room($size, $size, 'bathroom'),
            60 * self::INCH,
            self::LEAST,
        ];
        yield 'ADA 404.2.3: 32 in clear' => ['us-access/door-width', 'd', self::clearDoor(...), 32 * self::INCH, self::LEAST];
        yield 'ADA 404.2.5: a threshold of 1/2 in' => ['us-access/threshold', 'd', self::threshold(...), 0.5 * self::INCH, self::MOST];
        yield 'ADA 604.2: a water closet 16 in from the wall' => [
            'us-access/toilet-centre', 'f', self::toiletAt(...), 16 * self::INCH, self::LEAST,
        ];
        yield 'ADA 604.2: a water closet 18 in from the wall' => [
            'us-access/toilet-centre', 'f', self::toiletAt(...), 18 * self::INCH, self::MOST,
        ];
        yield 'ADA 604.4: a seat of 15 in' => [
            'us-access/toilet-seat',
            'f',
            static fn(float $seat): Sketch => self::bathroom('water_closet', 500, ['seat' => $seat]),
            15 * self::INCH,
            self::LEAST,
        ];
        yield 'ADA 604.4: a seat of 19 in' => [
            'us-access/toilet-seat',
            'f',
            static fn(float $seat): Sketch => self::bathroom('water_closet', 500, ['seat' => $seat]),
            19 * self::INCH,
            self::MOST,
        ];
        yield 'ADA 606.3: a rim of 34 in' => [
            'us-access/lavatory-rim',
            'f',
            static fn(float $rim): Sketch => self::bathroom('lavatory', 1000, ['rim' => $rim]),
            34 * self::INCH,
            self::MOST,
        ];
        yield 'ADA 608.7: a kerb of 1/2 in' => [
            'us-access/shower-kerb',
            'f',
            static fn(float $hob): Sketch => self::bathroom('shower', 1000, ['hob' => $hob]),
            0.5 * self::INCH,
            self::MOST,
        ];
        yield 'ADA 308.2: switches from 15 in' => ['us-access/controls', 'f', self::switchAt(...), 15 * self::INCH, self::LEAST];
        yield 'ADA 308.2: switches up to 48 in' => ['us-access/controls', 'f', self::switchAt(...), 48 * self::INCH, self::MOST];

        yield 'FH 3: doors 31 5/8 in clear' => [
            'us-fair-housing/door-nominal', 'd', self::clearDoor(...), 31.625 * self::INCH, self::LEAST,
        ];
        yield 'FH 4: a hall of 36 in' => [
            'us-fair-housing/route',
            'r',
            static fn(float $width): Sketch => Sketch::room(4000, $width, 'hall'),
            36 * self::INCH,
            self::LEAST,
        ];

        yield 'AD M 1.15: an entrance of 775 mm' => ['uk-part-m/entrance-door', 'dwelling', self::clearDoor(...), 775, self::LEAST];
        yield 'AD M 2.20: an entrance of 850 mm' => [
            'uk-part-m/entrance-door', 'dwelling', self::clearDoor(...), 850, self::LEAST, self::STEP, ['category' => 'M4(2)'],
        ];
        yield 'AD M 1.18: sockets from 450 mm' => ['uk-part-m/controls', 'f', self::switchAt(...), 450, self::LEAST];
        yield 'AD M 1.18: switches up to 1200 mm' => ['uk-part-m/controls', 'f', self::switchAt(...), 1200, self::MOST];
        yield 'AD M 1.17: a hall of 900 mm' => [
            'uk-part-m/hall',
            'r',
            static fn(float $width): Sketch => Sketch::room(4000, $width, 'hall'),
            900,
            self::LEAST,
        ];
        yield 'AD M 3.22: a hall of 1050 mm' => [
            'uk-part-m/hall',
            'r',
            static fn(float $width): Sketch => Sketch::room(4000, $width, 'hall'),
            1050,
            self::LEAST,
            self::STEP,
            ['category' => 'M4(3)'],
        ];
        yield 'AD M 3.32: a circle of 1500 mm' => [
            'uk-part-m/turning',
            'r',
            static fn(float $size): Sketch => Sketch::room($size, $size + 500, 'living'),
            1500,
            self::LEAST,
            self::STEP,
            ['category' => 'M4(3)'],
        ];

        yield 'NDSS 10c: a single of 7.5 m²' => [
            'uk-space/single-area',
            'r',
            static fn(float $width): Sketch => self::beds($width, 2500, 1),
            3000,
            self::LEAST,
        ];
        yield 'NDSS 10c: a single of 2.15 m' => [
            'uk-space/single-width',
            'r',
            static fn(float $width): Sketch => self::beds($width, 4000, 1),
            2150,
            self::LEAST,
        ];
        yield 'NDSS 10d: a double of 11.5 m²' => [
            'uk-space/double-area',
            'r',
            static fn(float $width): Sketch => self::beds($width, 2875, 2),
            4000,
            self::LEAST,
        ];
        yield 'NDSS 10e: the first double of 2.75 m' => [
            'uk-space/double-width',
            'r',
            static fn(float $width): Sketch => self::beds($width, 4500, 2),
            2750,
            self::LEAST,
        ];

        yield 'AD F Table 1.4: a twentieth of 12 m²' => [
            'uk-part-f-b/purge',
            'r',
            static fn(float $height): Sketch => self::opening(600, $height),
            1000,
            self::LEAST,
            1,
        ];
        yield 'NCC 10.5.1: a tenth of 12 m² in glass' => [
            'au-ncc-2022/light',
            'r',
            static fn(float $height): Sketch => self::opening(1200, $height),
            1000,
            self::LEAST,
        ];
        yield 'NCC 10.6.2: a twentieth of 12 m² opens' => [
            'au-ncc-2022/air',
            'r',
            static fn(float $height): Sketch => self::opening(600, $height),
            1000,
            self::LEAST,
            1,
        ];
        yield 'NCC 10.3.1: habitable rooms of 2.4 m' => [
            'au-ncc-2022/height-habitable',
            'r',
            static fn(float $height): Sketch => Sketch::room(4000, 3000)->with(['ceiling' => $height]),
            2400,
            self::LEAST,
        ];
        yield 'NCC 10.3.1: bathrooms of 2.1 m' => [
            'au-ncc-2022/height-other',
            'r',
            static fn(float $height): Sketch => Sketch::room(4000, 3000, 'bathroom')->with(['ceiling' => $height]),
            2100,
            self::LEAST,
        ];

        yield 'LHD 3.1: doors 820 mm clear' => [
            'au-livable/internal-door',
            'd',
            static fn(float $clear): Sketch => self::betweenRooms(['clear_width' => $clear]),
            820,
            self::LEAST,
        ];
        yield 'LHD 3.2: a hall of 1 m' => [
            'au-livable/hall',
            'r',
            static fn(float $width): Sketch => Sketch::room(4000, $width, 'hall'),
            1000,
            self::LEAST,
        ];

        yield 'NBC 12.2: a room 2.1 m wide' => [
            'in-nbc-2016/habitable-area',
            'r',
            static fn(float $width): Sketch => self::besideALargerRoom($width, 4000),
            2100,
            self::LEAST,
        ];
        yield 'NBC 12.2: a room of 7.5 m²' => [
            'in-nbc-2016/habitable-area',
            'r',
            static fn(float $width): Sketch => self::besideALargerRoom($width, 3000),
            2500,
            self::LEAST,
        ];
        yield 'NBC 12.2: 2.75 m high' => [
            'in-nbc-2016/habitable-height',
            'r',
            static fn(float $height): Sketch => Sketch::room(4000, 3000)->with(['ceiling' => $height]),
            2750,
            self::LEAST,
        ];
    }

    public static function advice(): iterable
    {
        yield 'common practice, no source: 24 in deep closets' => [
            'practice-home/closet-depth',
            'r',
            static fn(float $depth): Sketch => Sketch::room(1500, $depth, 'closet'),
            24 * self::INCH,
        ];
        yield 'common practice, no source: 36 in at the foot of a bed' => [
            'practice-home/bed-foot',
            'f',
            static fn(float $foot): Sketch => Sketch::room(4000, 2000 + $foot)->fixture('f', 'bed', 2000, 0, 90, 1500, 2000),
            36 * self::INCH,
        ];
        yield 'common practice, no source: 24 in before a wardrobe' => [
            'practice-home/wardrobe-doors',
            'f',
            static fn(float $front): Sketch => Sketch::room(4000, 600 + $front)->fixture('f', 'wardrobe', 2000, 0, 90, 1500, 600),
            24 * self::INCH,
        ];
        yield 'common practice, no source: 18 in to the side of a water closet' => [
            'practice-kitchen-bath/toilet-side',
            'f',
            self::toiletAt(...),
            18 * self::INCH,
        ];
        yield 'common practice, no source: 30 in before a water closet' => [
            'practice-kitchen-bath/toilet-front',
            'f',
            static fn(float $front): Sketch => Sketch::room(2000, 700 + $front, 'wc')->fixture('f', 'water_closet', 1000, 0, 90, 380, 700),
            30 * self::INCH,
        ];
        yield 'common practice, no source: 36 in from basin to basin' => [
            'practice-kitchen-bath/lavatory-spacing',
            'f',
            static fn(float $apart): Sketch => self::bathroom('lavatory', 600, [])->fixture('g', 'lavatory', 600 + $apart, 0, 90, 500, 450),
            36 * self::INCH,
        ];
        yield 'common practice, no source: basins 20 in from a wall' => [
            'practice-kitchen-bath/lavatory-side',
            'f',
            static fn(float $x): Sketch => self::bathroom('lavatory', $x, []),
            20 * self::INCH,
        ];
    }

    /**
     * @return iterable<string, array{float, float, float, float, Verdict}> clear width, height and sill of a bedroom's window upstairs, its
     *                                                                      area in m²
     */
    public static function escapes(): iterable
    {
        yield 'at every limit' => [450, 733.4, 1100, 0.33, Verdict::Met];
        yield 'too narrow' => [449.9, 800, 1100, 0.36, Verdict::Violated];
        yield 'too low' => [800, 449.9, 1100, 0.36, Verdict::Violated];
        yield 'too small' => [450, 733.0, 1100, 0.3299, Verdict::Violated];
        yield 'too high up' => [450, 733.4, 1100.1, 0.33, Verdict::Violated];
    }

    /** AD B volume 1, 2.10: 0.33 m², 450 mm each way, a sill of 1100 mm. */
    #[DataProvider('escapes')]
    public function test_windows_to_escape_by_upstairs(float $width, float $height, float $sill, float $area, Verdict $verdict): void
    {
        self::assertEqualsWithDelta($area, $width * $height / 1e6, 1e-4);
        $home = Sketch::room(4000, 3000, 'hall')->stair(['parts' => [['flight' => ['risers' => 14, 'tread' => 250]]]])->upper([
            'rooms' => [['id' => 'b', 'use' => 'bedroom', 'at' => [2000, 1500]]],
            'openings' => [[
                'id' => 'n', 'kind' => 'window', 'wall' => 'uw1', 'at' => 2000, 'width' => 1200, 'height' => 1200, 'frame' => 0,
                'sill' => $sill, 'operation' => 'casement', 'clear_width' => $width, 'clear_height' => $height,
            ]],
        ]);
        self::assertSame($verdict, self::verdict('uk-part-f-b/escape-window', $home, 'b'));
    }

    /**
     * @return iterable<string, array{float, float, string, Verdict}> width of the hall, clear width of the door, category: AD M Table 1.1
     */
    public static function hallDoors(): iterable
    {
        yield '750 mm off a hall of 1200 mm' => [1200, 750, 'M4(1)', Verdict::Met];
        yield 'less than 750 mm' => [1200, 749.9, 'M4(1)', Verdict::Violated];
        yield '775 mm off a hall of 1050 mm' => [1050, 775, 'M4(1)', Verdict::Met];
        yield 'less than 775 mm' => [1050, 774.9, 'M4(1)', Verdict::Violated];
        yield 'a hall just under 1200 mm wants 775 mm' => [1199.9, 774.9, 'M4(1)', Verdict::Violated];
        yield '800 mm off a hall of 900 mm' => [900, 800, 'M4(1)', Verdict::Met];
        yield 'less than 800 mm' => [900, 799.9, 'M4(1)', Verdict::Violated];
        yield 'a hall just under 1050 mm wants 800 mm' => [1049.9, 799.9, 'M4(1)', Verdict::Violated];
        yield 'for wheelchairs 850 mm' => [1200, 850, 'M4(3)', Verdict::Met];
        yield 'for wheelchairs less' => [1200, 849.9, 'M4(3)', Verdict::Violated];
    }

    #[DataProvider('hallDoors')]
    public function test_doors_off_halls_by_the_width_of_the_hall(float $hall, float $clear, string $category, Verdict $verdict): void
    {
        self::assertSame(
            $verdict,
            self::verdict('uk-part-m/internal-door', self::betweenRooms(['clear_width' => $clear], $hall), 'd', ['category' => $category]),
        );
    }

    private static function clearDoor(float $clear): Sketch
    {
        return Sketch::room(4000, 3000, 'entry')->door('w1', 2000, 1000, ['clear_width' => $clear, 'operation' => 'hinged']);
    }

    private static function threshold(float $height): Sketch
    {
        return Sketch::room(4000, 3000, 'entry')->door('w1', 2000, 1000, ['threshold' => $height, 'operation' => 'hinged']);
    }

    private static function toiletAt(float $fromWall): Sketch
    {
        return self::bathroom('water_closet', $fromWall, []);
    }

    private static function switchAt(float $base): Sketch
    {
        return Sketch::room(4000, 3000, 'hall')->fixture('f', 'switch', 2000, 0, 90, 80, 20, ['base' => $base]);
    }

    /** @param array<string, mixed> $more */
    private static function bathroom(string $kind, float $x, array $more): Sketch
    {
        return Sketch::room(3000, 2500, 'bathroom')->fixture('f', $kind, $x, 0, 90, $kind === 'shower' ? 900 : 400, 700, $more);
    }

    private static function beds(float $width, float $depth, int $bedspaces): Sketch
    {
        return Sketch::room($width, $depth)->with([
            'rooms' => [['id' => 'r', 'name' => 'R', 'use' => 'bedroom', 'at' => [$width / 2, $depth / 2], 'bedspaces' => $bedspaces]],
        ]);
    }

    /** A floor of 12 m² with a casement without a frame to speak of. */
    private static function opening(float $width, float $height): Sketch
    {
        return Sketch::room(4000, 3000)->window(
            'w1',
            2000,
            $width,
            $height,
            ['frame' => 0, 'operation' => 'casement', 'sill' => 900, 'clear_width' => $width, 'clear_height' => $height],
        );
    }

    /** @param array<string, mixed> $door */
    private static function betweenRooms(array $door, float $hall = 1200): Sketch
    {
        return (new Sketch())->chain([
            [-100, -200 - $hall],
            [4100, -200 - $hall],
            [4100, 3000],
            [-100, 3000],
        ])->wall([-100, -50], [4100, -50])
            ->use('r', 'bedroom', 2000, 1500)->use('h', 'hall', 2000, -100 - $hall / 2)
            ->door('w5', 2000, 900, ['operation' => 'hinged', 'hinge' => 'from', 'opens' => 'left', ...$door]);
    }

    private static function besideALargerRoom(float $width, float $depth): Sketch
    {
        return (new Sketch())->chain([
            [-100, -100],
            [$width + 6100, -100],
            [$width + 6100, $depth + 100],
            [-100, $depth + 100],
        ])->wall([$width + 50, -100], [$width + 50, $depth + 100])
            ->use('r', 'bedroom', $width / 2, $depth / 2)->use('l', 'living', $width + 3000, $depth / 2)->with(['ceiling' => 3000]);
    }
}
