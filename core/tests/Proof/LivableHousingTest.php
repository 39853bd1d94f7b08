<?php

declare(strict_types=1);

namespace Heurema\Tests\Proof;

/**
 * The book au-livable against the ABCB Standard for Livable Housing Design 2022 (Australian Building Codes Board), written down here
 * again from memory of the document.
 */
final class LivableHousingTest extends BookLimits
{
    public static function limits(): iterable
    {
        yield 'Part 2: entrance 820 mm' => [
            'au-livable/entrance',
            'doors: door.clear_width',
            820,
            'mm',
            self::LEAST,
            [],
            [],
            ['doors' => [['door.to_outside' => true, 'door.storeys_up' => 0, 'door.operation' => 'hinged', 'door.threshold' => '0 mm']]],
        ];
        yield 'Part 2: threshold 5 mm' => [
            'au-livable/entrance',
            'doors: door.threshold',
            5,
            'mm',
            self::MOST,
            [],
            [],
            [
                'doors' => [[
                    'door.to_outside' => true,
                    'door.storeys_up' => 0,
                    'door.operation' => 'hinged',
                    'door.clear_width' => '850 mm',
                ]],
            ],
        ];
        yield 'Part 2: threshold 56 mm with a ramp' => [
            'au-livable/entrance',
            'doors: door.threshold',
            56,
            'mm',
            self::MOST,
            [],
            ['ramped_threshold' => true],
            [
                'doors' => [[
                    'door.to_outside' => true,
                    'door.storeys_up' => 0,
                    'door.operation' => 'hinged',
                    'door.clear_width' => '850 mm',
                ]],
            ],
        ];
        yield 'Part 3: doors 820 mm' => [
            'au-livable/internal-door',
            'door.clear_width',
            820,
            'mm',
            self::LEAST,
            ['door.to_outside' => false, 'door.storeys_up' => 0, 'door.operation' => 'hinged'],
        ];
        yield 'Part 3: corridors 1000 mm' => [
            'au-livable/hall',
            'room.narrowest',
            1000,
            'mm',
            self::LEAST,
            ['room.use' => 'hall', 'room.storeys_up' => 0],
        ];
        yield 'Part 4: pan 450 mm from the wall' => [
            'au-livable/toilet',
            'fixtures: fixture.side_clearance',
            450,
            'mm',
            self::LEAST,
            [],
            [],
            ['fixtures' => [['fixture.kind' => 'water_closet', 'fixture.storeys_up' => 0, 'fixture.toilet_floor' => '100 %']]],
        ];
        yield 'Part 5: shower step 5 mm' => [
            'au-livable/shower',
            'fixtures: fixture.hob',
            5,
            'mm',
            self::MOST,
            [],
            [],
            ['fixtures' => [['fixture.kind' => 'shower']]],
        ];
    }
}
