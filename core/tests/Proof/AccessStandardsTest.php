<?php

declare(strict_types=1);

namespace Heurema\Tests\Proof;

/**
 * The book us-access against the 2010 ADA Standards for Accessible Design (Department of Justice, September 2010): the door
 * tables 404.2.4.1 and 404.2.4.2 row by row, then the other sections, written down here again from memory of the document.
 */
final class AccessStandardsTest extends BookLimits
{
    public static function limits(): iterable
    {
        yield 'Table 404.2.4.1: front, pull, 60 in' => [
            'us-access/door-approach',
            'door.pull_front',
            60,
            'in',
            self::LEAST,
            [
                'door.operation' => 'hinged', 'door.storeys_up' => 0, 'door.pull_hinge_36' => '0 in', 'door.pull_hinge_42' => '0 in',
                'door.pull_latch' => '0 in', 'door.push_front_plain' => '48 in', 'door.push_front_closer' => '48 in',
                'door.push_hinge' => '0 in', 'door.push_latch' => '0 in',
            ],
        ];
        yield 'Table 404.2.4.1: front, push, 48 in' => [
            'us-access/door-approach',
            'door.push_front_plain',
            48,
            'in',
            self::LEAST,
            [
                'door.operation' => 'hinged', 'door.storeys_up' => 0, 'door.pull_front' => '60 in', 'door.pull_hinge_36' => '0 in',
                'door.pull_hinge_42' => '0 in', 'door.pull_latch' => '0 in', 'door.push_front_closer' => '0 in',
                'door.push_hinge' => '0 in', 'door.push_latch' => '0 in',
            ],
        ];
        yield 'Table 404.2.4.1: front, push, 12 in beyond the latch with closer and latch' => [
            'us-access/door-approach',
            'door.push_front_closer',
            48,
            'in',
            self::LEAST,
            [
                'door.operation' => 'hinged', 'door.storeys_up' => 0, 'door.pull_front' => '60 in', 'door.pull_hinge_36' => '0 in',
                'door.pull_hinge_42' => '0 in', 'door.pull_latch' => '0 in', 'door.push_front_plain' => '48 in',
                'door.push_hinge' => '0 in', 'door.push_latch' => '0 in',
            ],
            ['closers' => true],
        ];
        yield 'Table 404.2.4.1: hinge side, pull, 60 in with 36 in beyond the latch' => [
            'us-access/door-approach',
            'door.pull_hinge_36',
            60,
            'in',
            self::LEAST,
            [
                'door.operation' => 'hinged', 'door.storeys_up' => 0, 'door.pull_front' => '0 in', 'door.pull_hinge_42' => '0 in',
                'door.pull_latch' => '0 in', 'door.push_front_plain' => '48 in', 'door.push_front_closer' => '48 in',
                'door.push_hinge' => '0 in', 'door.push_latch' => '0 in',
            ],
        ];
        yield 'Table 404.2.4.1: hinge side, pull, 54 in with 42 in beyond the latch' => [
            'us-access/door-approach',
            'door.pull_hinge_42',
            54,
            'in',
            self::LEAST,
            [
                'door.operation' => 'hinged', 'door.storeys_up' => 0, 'door.pull_front' => '0 in', 'door.pull_hinge_36' => '0 in',
                'door.pull_latch' => '0 in', 'door.push_front_plain' => '48 in', 'door.push_front_closer' => '48 in',
                'door.push_hinge' => '0 in', 'door.push_latch' => '0 in',
            ],
        ];
        yield 'Table 404.2.4.1: hinge side, push, 42 in' => [
            'us-access/door-approach',
            'door.push_hinge',
            42,
            'in',
            self::LEAST,
            [
                'door.operation' => 'hinged', 'door.storeys_up' => 0, 'door.pull_front' => '60 in', 'door.pull_hinge_36' => '0 in',
                'door.pull_hinge_42' => '0 in', 'door.pull_latch' => '0 in', 'door.push_front_plain' => '0 in',
                'door.push_front_closer' => '0 in', 'door.push_latch' => '0 in',
            ],
        ];
        yield 'Table 404.2.4.1: hinge side, push, 48 in with closer and latch' => [
            'us-access/door-approach',
            'door.push_hinge',
            48,
            'in',
            self::LEAST,
            [
                'door.operation' => 'hinged', 'door.storeys_up' => 0, 'door.pull_front' => '60 in', 'door.pull_hinge_36' => '0 in',
                'door.pull_hinge_42' => '0 in', 'door.pull_latch' => '0 in', 'door.push_front_plain' => '0 in',
                'door.push_front_closer' => '0 in', 'door.push_latch' => '0 in',
            ],
            ['closers' => true],
        ];
        yield 'Table 404.2.4.1: latch side, pull, 48 in' => [
            'us-access/door-approach',
            'door.pull_latch',
            48,
            'in',
            self::LEAST,
            [
                'door.operation' => 'hinged', 'door.storeys_up' => 0, 'door.pull_front' => '0 in', 'door.pull_hinge_36' => '0 in',
                'door.pull_hinge_42' => '0 in', 'door.push_front_plain' => '48 in', 'door.push_front_closer' => '48 in',
                'door.push_hinge' => '0 in', 'door.push_latch' => '0 in',
            ],
        ];
        yield 'Table 404.2.4.1: latch side, pull, 54 in with closer' => [
            'us-access/door-approach',
            'door.pull_latch',
            54,
            'in',
            self::LEAST,
            [
                'door.operation' => 'hinged', 'door.storeys_up' => 0, 'door.pull_front' => '0 in', 'door.pull_hinge_36' => '0 in',
                'door.pull_hinge_42' => '0 in', 'door.push_front_plain' => '48 in', 'door.push_front_closer' => '48 in',
                'door.push_hinge' => '0 in', 'door.push_latch' => '0 in',
            ],
            ['closers' => true],
        ];
        yield 'Table 404.2.4.1: latch side, push, 42 in' => [
            'us-access/door-approach',
            'door.push_latch',
            42,
            'in',
            self::LEAST,
            [
                'door.operation' => 'hinged', 'door.storeys_up' => 0, 'door.pull_front' => '60 in', 'door.pull_hinge_36' => '0 in',
                'door.pull_hinge_42' => '0 in', 'door.pull_latch' => '0 in', 'door.push_front_plain' => '0 in',
                'door.push_front_closer' => '0 in', 'door.push_hinge' => '0 in',
            ],
        ];
        yield 'Table 404.2.4.1: latch side, push, 48 in with closer' => [
            'us-access/door-approach',
            'door.push_latch',
            48,
            'in',
            self::LEAST,
            [
                'door.operation' => 'hinged', 'door.storeys_up' => 0, 'door.pull_front' => '60 in', 'door.pull_hinge_36' => '0 in',
                'door.pull_hinge_42' => '0 in', 'door.pull_latch' => '0 in', 'door.push_front_plain' => '0 in',
                'door.push_front_closer' => '0 in', 'door.push_hinge' => '0 in',
            ],
            ['closers' => true],
        ];
        yield 'Table 404.2.4.2: front, 48 in' => [
            'us-access/door-approach-sliding',
            'door.left_front',
            48,
            'in',
            self::LEAST,
            [
                'door.operation' => 'sliding', 'door.storeys_up' => 0, 'door.left_latch' => '0 in', 'door.left_hinge' => '0 in',
                'door.right_front' => '48 in', 'door.right_latch' => '0 in', 'door.right_hinge' => '0 in',
            ],
        ];
        yield 'Table 404.2.4.2: pocket or hinge side, 42 in' => [
            'us-access/door-approach-sliding',
            'door.left_hinge',
            42,
            'in',
            self::LEAST,
            [
                'door.operation' => 'sliding', 'door.storeys_up' => 0, 'door.left_front' => '0 in', 'door.left_latch' => '0 in',
                'door.right_front' => '48 in', 'door.right_latch' => '0 in', 'door.right_hinge' => '0 in',
            ],
        ];
        yield 'Table 404.2.4.2: stop or latch side, 42 in' => [
            'us-access/door-approach-sliding',
            'door.right_latch',
            42,
            'in',
            self::LEAST,
            [
                'door.operation' => 'sliding', 'door.storeys_up' => 0, 'door.left_front' => '48 in', 'door.left_latch' => '0 in',
                'door.left_hinge' => '0 in', 'door.right_front' => '0 in', 'door.right_hinge' => '0 in',
            ],
        ];
        yield '304.3.1: a circle of 60 in' => [
            'us-access/turning',
            'room.turning_circle',
            60,
            'in',
            self::LEAST,
            ['room.use' => 'bathroom', 'room.storeys_up' => 0, 'room.turning_t' => 0],
        ];
        yield '404.2.3: 32 in clear' => [
            'us-access/door-width',
            'door.clear_width',
            32,
            'in',
            self::LEAST,
            ['door.operation' => 'hinged', 'door.storeys_up' => 0, 'door.to_closet' => 0, 'door.depth' => '6 in'],
        ];
        yield '404.2.3: 36 in clear where deeper than 24 in' => [
            'us-access/door-width',
            'door.clear_width',
            36,
            'in',
            self::LEAST,
            ['door.operation' => 'hinged', 'door.storeys_up' => 0, 'door.to_closet' => 0, 'door.depth' => '24.1 in'],
        ];
        yield '404.2.4.3: recessed doors, front approach' => [
            'us-access/recess',
            'door.pull_front',
            60,
            'in',
            self::LEAST,
            ['door.operation' => 'hinged', 'door.storeys_up' => 0, 'door.recess' => '8.1 in', 'door.push_front_plain' => '48 in'],
        ];
        yield '404.2.5: thresholds of 1/2 in' => [
            'us-access/threshold',
            'door.threshold',
            0.5,
            'in',
            self::MOST,
            ['door.operation' => 'hinged', 'door.storeys_up' => 0],
        ];
        yield '404.2.6: 48 in between doors in series' => [
            'us-access/doors-series', 'door.series_space', 48, 'in', self::LEAST, ['door.storeys_up' => 0],
        ];
        yield '604.2: 16 in from the wall' => [
            'us-access/toilet-centre',
            'fixture.to_wall',
            16,
            'in',
            self::LEAST,
            ['fixture.storeys_up' => 0, 'fixture.kind' => 'water_closet'],
        ];
        yield '604.2: 18 in from the wall' => [
            'us-access/toilet-centre',
            'fixture.to_wall',
            18,
            'in',
            self::MOST,
            ['fixture.storeys_up' => 0, 'fixture.kind' => 'water_closet'],
        ];
        yield '604.4: seat 15 in' => [
            'us-access/toilet-seat',
            'fixture.seat',
            15,
            'in',
            self::LEAST,
            ['fixture.storeys_up' => 0, 'fixture.kind' => 'water_closet'],
        ];
        yield '604.4: seat 19 in' => [
            'us-access/toilet-seat',
            'fixture.seat',
            19,
            'in',
            self::MOST,
            ['fixture.storeys_up' => 0, 'fixture.kind' => 'water_closet'],
        ];
        yield '606.3: rim 34 in' => [
            'us-access/lavatory-rim',
            'fixture.rim',
            34,
            'in',
            self::MOST,
            ['fixture.storeys_up' => 0, 'fixture.kind' => 'lavatory'],
        ];
        yield '607.2: all of 30 in along a bath' => [
            'us-access/bath-space',
            'fixture.bath_floor',
            100,
            '%',
            self::LEAST,
            ['fixture.storeys_up' => 0, 'fixture.kind' => 'bath'],
        ];
        yield '608.7: kerbs of 1/2 in' => [
            'us-access/shower-kerb',
            'fixture.hob',
            0.5,
            'in',
            self::MOST,
            ['fixture.storeys_up' => 0, 'fixture.kind' => 'shower', 'fixture.status' => 'new'],
        ];
        yield '804.3.2: work surface 34 in' => [
            'us-access/work-surface',
            'fixtures: fixture.top',
            34,
            'in',
            self::MOST,
            ['room.use' => 'kitchen', 'room.storeys_up' => 0],
            [],
            ['fixtures' => [['fixture.kind' => 'counter', 'fixture.width' => '30 in']]],
        ];
        yield '804.3.1: work surface 30 in wide' => [
            'us-access/work-surface',
            'fixtures: fixture.width',
            30,
            'in',
            self::LEAST,
            ['room.use' => 'kitchen', 'room.storeys_up' => 0],
            [],
            ['fixtures' => [['fixture.kind' => 'counter', 'fixture.top' => '34 in']]],
        ];
        yield '308.2.1: controls at 48 in' => [
            'us-access/controls',
            'fixture.base',
            48,
            'in',
            self::MOST,
            ['fixture.storeys_up' => 0, 'fixture.kind' => 'switch'],
        ];
        yield '308.2.1: controls at 15 in' => [
            'us-access/controls',
            'fixture.base',
            15,
            'in',
            self::LEAST,
            ['fixture.storeys_up' => 0, 'fixture.kind' => 'socket'],
        ];
    }
}
