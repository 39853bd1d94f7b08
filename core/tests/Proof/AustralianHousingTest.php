<?php

declare(strict_types=1);

namespace Heurema\Tests\Proof;

/**
 * The book au-ncc-2022 against the ABCB Housing Provisions Standard 2022 (Australian Building Codes Board), written down here again
 * from memory of the document.
 */
final class AustralianHousingTest extends BookLimits
{
    public static function limits(): iterable
    {
        yield '10.3.1: habitable rooms 2.4 m' => [
            'au-ncc-2022/height-habitable',
            'room.ceiling_height',
            2400,
            'mm',
            self::LEAST,
            ['room.use' => 'bedroom', 'room.share_at_2400' => '0 %'],
        ];
        yield '10.3.1: kitchens 2.1 m' => [
            'au-ncc-2022/height-other',
            'room.ceiling_height',
            2100,
            'mm',
            self::LEAST,
            ['room.use' => 'kitchen', 'room.share_at_2100' => '0 %'],
        ];
        yield '10.3.1: two thirds of an attic room' => [
            'au-ncc-2022/height-habitable',
            'room.share_at_2400',
            66.6667,
            '%',
            self::LEAST,
            ['room.use' => 'bedroom', 'room.sloped' => true, 'room.ceiling_height' => '1.5 m'],
        ];
        yield '10.5.1: glass a tenth of 15 m2' => [
            'au-ncc-2022/light',
            'room.glass_area',
            1.5,
            'm2',
            self::LEAST,
            ['room.use' => 'living', 'room.floor_area' => '15 m2'],
        ];
        yield '10.6.2: openings a twentieth of 20 m2' => [
            'au-ncc-2022/air',
            'room.vent_area',
            1.0,
            'm2',
            self::LEAST,
            ['room.use' => 'living', 'room.floor_area' => '20 m2', 'room.exhaust' => false],
        ];
        yield '10.4.2: 1.2 m between pan and doorway' => [
            'au-ncc-2022/sanitary-door', 'door.to_water_closet', 1200, 'mm', self::LEAST, ['door.swings_into' => 'wc'],
        ];
        yield '10.2.4: shower walls 1800 mm' => [
            'au-ncc-2022/shower-wall', 'fixture.tile_height', 1800, 'mm', self::LEAST, ['fixture.kind' => 'shower'],
        ];
    }
}
