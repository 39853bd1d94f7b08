<?php

declare(strict_types=1);

namespace Heurema\Tests\Proof;

use PHPUnit\Framework\Attributes\DataProvider;

/**
 * The book in-nbc-2016 against the "National Building Code of India 2016" (Bureau of Indian Standards, SP 7), part 3,
 * requirements of parts of buildings, written down here again from memory of the document.
 */
final class IndianRoomsTest extends BookProof
{
    /**
     * @return iterable<string, array{string, array<string, string|bool|int>, string, float, string}>
     *     clause: rule, what else is so, what is measured, its limit, its unit
     */
    public static function values(): iterable
    {
        yield '12.2, the one habitable room: area' => [
            'habitable-area',
            self::room('living', ['room.largest_habitable' => true]),
            'room.floor_area',
            9.5,
            'm2',
        ];
        yield '12.2, the one habitable room: width' => [
            'habitable-area',
            self::room('living', ['room.largest_habitable' => true]),
            'room.least_width',
            2.4,
            'm',
        ];
        yield '12.2, the others: area' => ['habitable-area', self::room('bedroom'), 'room.floor_area', 7.5, 'm2'];
        yield '12.2, the others: width' => ['habitable-area', self::room('bedroom'), 'room.least_width', 2.1, 'm'];
        yield '12.2, height' => ['habitable-height', self::room('bedroom'), 'room.ceiling_height', 2.75, 'm'];
        yield '12.3, kitchen: area' => ['kitchen-area', self::room('kitchen'), 'room.floor_area', 5.0, 'm2'];
        yield '12.3, kitchen: width' => ['kitchen-area', self::room('kitchen'), 'room.least_width', 1.8, 'm'];
        yield '12.3, kitchen: height' => ['kitchen-area', self::room('kitchen'), 'room.ceiling_height', 2.75, 'm'];
        yield '12.3, kitchen and dining: area' => ['kitchen-area', self::room('kitchen_dining'), 'room.floor_area', 7.5, 'm2'];
        yield '12.3, kitchen and dining: width' => ['kitchen-area', self::room('kitchen_dining'), 'room.least_width', 2.1, 'm'];
        yield '12.3, kitchen: opening' => ['kitchen-window', self::room('kitchen'), 'room.window_area', 1.0, 'm2'];
        yield '12.4, bathroom: area' => ['bathroom-area', self::room('bathroom'), 'room.floor_area', 1.8, 'm2'];
        yield '12.4, bathroom: width' => ['bathroom-area', self::room('bathroom'), 'room.least_width', 1.2, 'm'];
        yield '12.4, bathroom with water closet: area' => [
            'bathroom-area',
            self::room('bathroom', ['room.water_closets' => 1]),
            'room.floor_area',
            2.8,
            'm2',
        ];
        yield '12.4, bathroom with water closet: width' => [
            'bathroom-area',
            self::room('bathroom', ['room.water_closets' => 1]),
            'room.least_width',
            1.2,
            'm',
        ];
        yield '12.4, water closet: area' => ['bathroom-area', self::room('wc'), 'room.floor_area', 1.1, 'm2'];
        yield '12.4, water closet: width' => ['bathroom-area', self::room('wc'), 'room.least_width', 0.9, 'm'];
        yield '12.4, height' => ['bathroom-area', self::room('bathroom'), 'room.ceiling_height', 2.1, 'm'];
        yield '12.4, ventilator' => ['bath-ventilator', self::room('bathroom'), 'room.window_area', 0.37, 'm2'];
        yield '12.7, store: area' => ['store-area', self::room('storage'), 'room.floor_area', 3.0, 'm2'];
        yield '12.7, store: height' => ['store-area', self::room('storage'), 'room.ceiling_height', 2.2, 'm'];
        yield '12.1, plinth' => ['plinth', [], 'dwelling.floor_above_grade', 0.45, 'm'];
    }

    /**
     * A room that keeps every limit, but for what is said.
     *
     * @param array<string, string|bool|int> $more
     *
     * @return array<string, string|bool|int>
     */
    private static function room(string $use, array $more = []): array
    {
        return [
            'room.use' => $use, 'room.ceiling_height' => '3 m', 'room.floor_area' => '30 m2', 'room.least_width' => '4 m',
            'room.water_closets' => 0, 'room.largest_habitable' => false, ...$more,
        ];
    }

    /** @param array<string, string|bool|int> $facts */
    #[DataProvider('values')]
    public function test_values(string $rule, array $facts, string $measure, float $limit, string $unit): void
    {
        // just under by 1 mm, or by 2 cm² where 1 cm² is equal
        $step = $unit === 'm2' ? 0.0002 : 0.001;
        $verdict = static fn(float $measured): string => self::verdict(
            "in-nbc-2016/{$rule}",
            [...$facts, $measure => "{$measured} {$unit}"],
        );
        self::assertSame(['violated', 'met', 'met'], [$verdict($limit - $step), $verdict($limit), $verdict($limit + $step)]);
    }

    /** @return iterable<string, array{float, float, float}> height of the building in m, m² and m of the shaft */
    public static function shafts(): iterable
    {
        foreach ([
            [10, 1.2, 0.9], [12, 2.8, 1.2], [18, 4.0, 1.5], [24, 5.4, 1.8], [30, 8.0, 2.4], [45, 9.0, 3.0],
        ] as [$height, $area, $width]) {
            yield "15.3, up to {$height} m" => [$height, $area, $width];
        }
    }

    #[DataProvider('shafts')]
    public function test_shafts(float $height, float $area, float $width): void
    {
        $verdict = static fn(float $area, float $width): string => self::verdict(
            'in-nbc-2016/shaft',
            ['room.use' => 'shaft', 'room.floor_area' => "{$area} m2", 'room.least_width' => "{$width} m"],
            ['building_height' => "{$height} m"],
        );
        self::assertSame(
            ['violated', 'violated', 'met'],
            [$verdict($area - 0.0002, $width), $verdict($area, $width - 0.001), $verdict($area, $width)],
        );
    }

    /** @return iterable<string, array{string, int}> climate, and the part of the floor that opens */
    public static function climates(): iterable
    {
        yield '20.1, dry hot' => ['dry_hot', 10];
        yield '20.1, wet hot' => ['wet_hot', 6];
        yield '20.1, intermediate' => ['intermediate', 8];
        yield '20.1, cold' => ['cold', 12];
    }

    #[DataProvider('climates')]
    public function test_openings(string $climate, int $part): void
    {
        $verdict = static fn(float $area): string => self::verdict(
            'in-nbc-2016/openings',
            ['room.use' => 'bedroom', 'room.floor_area' => '12 m2', 'room.window_area' => "{$area} m2"],
            ['climate' => $climate],
        );
        self::assertSame(['violated', 'met'], [$verdict(12 / $part - 0.0003), $verdict(12 / $part)]);
    }
}
