<?php

declare(strict_types=1);

namespace Heurema\Tests\Proof;

/**
 * The book uk-part-m against Approved Document M volume 1, dwellings (HM Government, 2015 edition with 2016 amendments): the table of
 * doors and halls row by row, then the other paragraphs, written down here again from memory of the document.
 */
final class ApprovedDocumentMTest extends BookLimits
{
    public static function limits(): iterable
    {
        yield 'M4(1) 1.10: entrance 775 mm' => [
            'uk-part-m/entrance-door',
            'doors: door.clear_width',
            775,
            'mm',
            self::LEAST,
            [],
            [],
            ['doors' => [['door.to_outside' => true, 'door.storeys_up' => 0, 'door.operation' => 'hinged']]],
        ];
        yield 'M4(2) 2.20: entrance 850 mm' => [
            'uk-part-m/entrance-door',
            'doors: door.clear_width',
            850,
            'mm',
            self::LEAST,
            [],
            ['category' => 'M4(2)'],
            ['doors' => [['door.to_outside' => true, 'door.storeys_up' => 0, 'door.operation' => 'hinged']]],
        ];
        yield 'Table 1.1: 750 mm, head on from 900 mm' => [
            'uk-part-m/internal-door',
            'door.clear_width',
            750,
            'mm',
            self::LEAST,
            [
                'door.to_outside' => false, 'door.operation' => 'hinged', 'door.storeys_up' => 0, 'door.hall_approach' => 'head_on',
                'door.hall_width' => '900 mm',
            ],
        ];
        yield 'Table 1.1: 800 mm, at a right angle from 900 mm' => [
            'uk-part-m/internal-door',
            'door.clear_width',
            800,
            'mm',
            self::LEAST,
            [
                'door.to_outside' => false, 'door.operation' => 'hinged', 'door.storeys_up' => 0, 'door.hall_approach' => 'turn',
                'door.hall_width' => '900 mm',
            ],
        ];
        yield 'Table 1.1: 775 mm, at a right angle from 1050 mm' => [
            'uk-part-m/internal-door',
            'door.clear_width',
            775,
            'mm',
            self::LEAST,
            [
                'door.to_outside' => false, 'door.operation' => 'hinged', 'door.storeys_up' => 0, 'door.hall_approach' => 'turn',
                'door.hall_width' => '1050 mm',
            ],
        ];
        yield 'Table 1.1: 800 mm, just below 1050 mm' => [
            'uk-part-m/internal-door',
            'door.clear_width',
            800,
            'mm',
            self::LEAST,
            [
                'door.to_outside' => false, 'door.operation' => 'hinged', 'door.storeys_up' => 0, 'door.hall_approach' => 'turn',
                'door.hall_width' => '1049.9 mm',
            ],
        ];
        yield 'Table 1.1: 750 mm, at a right angle from 1200 mm' => [
            'uk-part-m/internal-door',
            'door.clear_width',
            750,
            'mm',
            self::LEAST,
            [
                'door.to_outside' => false, 'door.operation' => 'hinged', 'door.storeys_up' => 0, 'door.hall_approach' => 'turn',
                'door.hall_width' => '1200 mm',
            ],
        ];
        yield 'Table 1.1: 775 mm, just below 1200 mm' => [
            'uk-part-m/internal-door',
            'door.clear_width',
            775,
            'mm',
            self::LEAST,
            [
                'door.to_outside' => false, 'door.operation' => 'hinged', 'door.storeys_up' => 0, 'door.hall_approach' => 'turn',
                'door.hall_width' => '1199.9 mm',
            ],
        ];
        yield 'Table 2.1: as Table 1.1' => [
            'uk-part-m/internal-door',
            'door.clear_width',
            775,
            'mm',
            self::LEAST,
            [
                'door.to_outside' => false, 'door.operation' => 'hinged', 'door.storeys_up' => 0, 'door.hall_approach' => 'turn',
                'door.hall_width' => '1050 mm',
            ],
            ['category' => 'M4(2)'],
        ];
        yield 'M4(3) 3.24: every door 850 mm' => [
            'uk-part-m/internal-door',
            'door.clear_width',
            850,
            'mm',
            self::LEAST,
            [
                'door.to_outside' => false, 'door.operation' => 'hinged', 'door.storeys_up' => 0, 'door.hall_approach' => 'head_on',
                'door.hall_width' => '1500 mm',
            ],
            ['category' => 'M4(3)'],
        ];
        yield 'M4(2) 2.22: nib of 300 mm' => [
            'uk-part-m/latch-nib', 'door.latch_nib', 300, 'mm', self::LEAST, ['door.operation' => 'hinged'], ['category' => 'M4(2)'],
        ];
        yield 'M4(1) 1.14: hall 900 mm' => [
            'uk-part-m/hall',
            'room.narrowest',
            900,
            'mm',
            self::LEAST,
            ['room.use' => 'hall', 'room.passage' => '800 mm'],
        ];
        yield 'M4(3) 3.24: hall 1050 mm' => [
            'uk-part-m/hall',
            'room.narrowest',
            1050,
            'mm',
            self::LEAST,
            ['room.use' => 'hall', 'room.passage' => '800 mm'],
            ['category' => 'M4(3)'],
        ];
        yield 'M4(1) 1.14: 750 mm past something' => [
            'uk-part-m/hall',
            'room.passage',
            750,
            'mm',
            self::LEAST,
            ['room.use' => 'hall', 'room.narrowest' => '1000 mm'],
        ];
        yield 'M4(1) 1.17: a water closet on the entrance storey' => [
            'uk-part-m/entrance-wc', 'rooms: room.water_closets', 1, '', self::LEAST, [], [], ['rooms' => [['room.storeys_up' => 0]]],
        ];
        yield 'M4(1) 1.18: controls at 450 mm' => [
            'uk-part-m/controls', 'fixture.base', 450, 'mm', self::LEAST, ['fixture.kind' => 'switch'],
        ];
        yield 'M4(1) 1.18: controls at 1200 mm' => [
            'uk-part-m/controls', 'fixture.base', 1200, 'mm', self::MOST, ['fixture.kind' => 'switch'],
        ];
        yield 'M4(2) 2.24: 1200 mm before kitchen units' => [
            'uk-part-m/kitchen-front',
            'fixture.front_clearance',
            1200,
            'mm',
            self::LEAST,
            ['fixture.kind' => 'base_cabinet', 'fixture.room_use' => 'kitchen'],
            ['category' => 'M4(2)'],
        ];
        yield 'M4(3) 3.32: 1500 mm before kitchen units' => [
            'uk-part-m/kitchen-front',
            'fixture.front_clearance',
            1500,
            'mm',
            self::LEAST,
            ['fixture.kind' => 'base_cabinet', 'fixture.room_use' => 'kitchen'],
            ['category' => 'M4(3)'],
        ];
        yield 'M4(2) 2.25: 750 mm beside a bed' => [
            'uk-part-m/bed-space',
            'fixture.farther_side',
            750,
            'mm',
            self::LEAST,
            [
                'fixture.kind' => 'bed', 'fixture.width' => '900 mm', 'fixture.in_main_bedroom' => false, 'fixture.edge_gap' => '0 mm',
                'fixture.front_clearance' => '300 mm',
            ],
            ['category' => 'M4(2)'],
        ];
        yield 'M4(2) 2.25: 750 mm to the window' => [
            'uk-part-m/bedroom-way', 'room.way_to_window', 750, 'mm', self::LEAST, ['room.use' => 'bedroom'], ['category' => 'M4(2)'],
        ];
        yield 'M4(2) 2.24: glass from 850 mm' => [
            'uk-part-m/low-sill',
            'windows: window.glass_bottom',
            850,
            'mm',
            self::MOST,
            ['room.use' => 'living'],
            ['category' => 'M4(2)'],
            ['windows' => [['window.to_outside' => true]]],
        ];
        yield 'M4(3) 3.31: a circle of 1500 mm' => [
            'uk-part-m/turning', 'room.turning_circle', 1500, 'mm', self::LEAST, ['room.use' => 'living'], ['category' => 'M4(3)'],
        ];
        yield 'M4(3) 3.35: 8.5 m2 single' => [
            'uk-part-m/bedroom-area',
            'room.floor_area',
            8.5,
            'm2',
            self::LEAST,
            ['room.use' => 'bedroom', 'room.bedspaces' => 1, 'room.widest_double' => false],
            ['category' => 'M4(3)'],
        ];
        yield 'M4(3) 3.35: 12.5 m2 double' => [
            'uk-part-m/bedroom-area',
            'room.floor_area',
            12.5,
            'm2',
            self::LEAST,
            ['room.use' => 'bedroom', 'room.bedspaces' => 2, 'room.widest_double' => false],
            ['category' => 'M4(3)'],
        ];
        yield 'M4(3) 3.35: 13.5 m2 principal double' => [
            'uk-part-m/bedroom-area',
            'room.floor_area',
            13.5,
            'm2',
            self::LEAST,
            ['room.use' => 'bedroom', 'room.bedspaces' => 2, 'room.widest_double' => true],
            ['category' => 'M4(3)'],
        ];
        yield 'M4(3) 3.35: 3 m wide' => [
            'uk-part-m/bedroom-width',
            'room.least_width',
            3000,
            'mm',
            self::LEAST,
            ['room.use' => 'bedroom', 'room.bedspaces' => 2],
            ['category' => 'M4(3)'],
        ];
    }
}
