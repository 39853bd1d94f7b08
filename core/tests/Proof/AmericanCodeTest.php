<?php

declare(strict_types=1);

namespace Heurema\Tests\Proof;

/**
 * The book us-irc-2021 against the International Residential Code 2021 (International Code Council), section by section, written
 * down here again from memory of the document.
 */
final class AmericanCodeTest extends BookLimits
{
    public static function limits(): iterable
    {
        yield 'R304.1: 70 sq ft in a habitable room' => [
            'us-irc-2021/room-area', 'room.floor_area', 70, 'sq ft', self::LEAST, ['room.use' => 'bedroom'],
        ];
        yield 'R304.2: 7 ft in any horizontal dimension' => [
            'us-irc-2021/room-width', 'room.least_width', 7, 'ft', self::LEAST, ['room.use' => 'living'],
        ];
        yield 'R305.1: 7 ft of ceiling height' => [
            'us-irc-2021/ceiling-habitable',
            'room.ceiling_height',
            7,
            'ft',
            self::LEAST,
            ['room.use' => 'study', 'room.sloped' => false],
        ];
        yield 'R305.1: 6 ft 8 in in bathrooms and laundries' => [
            'us-irc-2021/ceiling-wet',
            'room.ceiling_height',
            80,
            'in',
            self::LEAST,
            ['room.use' => 'bathroom', 'room.sloped' => false],
        ];
        yield 'R305.1, exception 1: half of the wanted 70 sq ft at 7 ft' => [
            'us-irc-2021/ceiling-sloped',
            'room.area_at_7ft',
            35,
            'sq ft',
            self::LEAST,
            ['room.use' => 'bedroom', 'room.sloped' => true, 'room.floor_area' => '140 sq ft', 'room.area_at_5ft' => '120 sq ft'],
        ];
        yield 'R305.1, exception 1 with R304.3: none of the wanted area below 5 ft' => [
            'us-irc-2021/ceiling-sloped',
            'room.area_at_5ft',
            70,
            'sq ft',
            self::LEAST,
            ['room.use' => 'bedroom', 'room.sloped' => true, 'room.floor_area' => '140 sq ft', 'room.area_at_7ft' => '60 sq ft'],
        ];
        yield 'R305.1: beams 6 ft 6 in above the floor' => [
            'us-irc-2021/beam',
            'soffit.underside',
            78,
            'in',
            self::LEAST,
            ['soffit.room_use' => 'living', 'soffit.spacing' => '48 in', 'soffit.width' => '8 in'],
        ];
        yield 'R303.1: glass 8 percent of 120 sq ft' => [
            'us-irc-2021/glass-ratio',
            'room.glass_area',
            9.6,
            'sq ft',
            self::LEAST,
            [
                'room.use' => 'bedroom', 'room.floor_area' => '120 sq ft', 'room.lit' => false, 'room.shared_share' => 'none',
                'room.shared_opening' => 'none', 'room.shared_glass' => 'none', 'room.shared_floor' => 'none',
            ],
        ];
        yield 'R303.1: openings 4 percent of 120 sq ft' => [
            'us-irc-2021/vent-ratio',
            'room.vent_area',
            4.8,
            'sq ft',
            self::LEAST,
            [
                'room.use' => 'bedroom', 'room.floor_area' => '120 sq ft', 'room.shared_share' => 'none', 'room.shared_opening' => 'none',
                'room.shared_vent' => 'none', 'room.shared_floor' => 'none',
            ],
        ];
        yield 'R303.2: half of the common wall open' => [
            'us-irc-2021/shared-light',
            'room.shared_share',
            50,
            '%',
            self::LEAST,
            [
                'room.use' => 'dining', 'room.glass_area' => '4 sq ft', 'room.vent_area' => '2 sq ft', 'room.floor_area' => '100 sq ft',
                'room.shared_opening' => '40 sq ft', 'room.shared_floor' => '200 sq ft', 'room.shared_glass' => '20 sq ft',
                'room.shared_vent' => '10 sq ft',
            ],
        ];
        yield 'R303.2: 25 sq ft open' => [
            'us-irc-2021/shared-light',
            'room.shared_opening',
            25,
            'sq ft',
            self::LEAST,
            [
                'room.use' => 'dining', 'room.glass_area' => '4 sq ft', 'room.vent_area' => '2 sq ft', 'room.floor_area' => '100 sq ft',
                'room.shared_share' => '60 %', 'room.shared_floor' => '200 sq ft', 'room.shared_glass' => '20 sq ft',
                'room.shared_vent' => '10 sq ft',
            ],
        ];
        yield 'R303.2: a tenth of a room of 300 sq ft open' => [
            'us-irc-2021/shared-light',
            'room.shared_opening',
            30,
            'sq ft',
            self::LEAST,
            [
                'room.use' => 'dining', 'room.glass_area' => '4 sq ft', 'room.vent_area' => '2 sq ft', 'room.floor_area' => '300 sq ft',
                'room.shared_share' => '60 %', 'room.shared_floor' => '400 sq ft', 'room.shared_glass' => '40 sq ft',
                'room.shared_vent' => '20 sq ft',
            ],
        ];
        yield 'R303.3: 3 sq ft of glass in a bathroom' => [
            'us-irc-2021/bath-window',
            'room.glass_area',
            3,
            'sq ft',
            self::LEAST,
            ['room.use' => 'bathroom', 'room.vent_area' => '2 sq ft', 'room.exhaust' => false],
        ];
        yield 'R303.3: half of the 3 sq ft openable' => [
            'us-irc-2021/bath-window',
            'room.vent_area',
            1.5,
            'sq ft',
            self::LEAST,
            ['room.use' => 'bathroom', 'room.glass_area' => '3 sq ft', 'room.exhaust' => false],
        ];
        yield 'R306.1: a water closet' => ['us-irc-2021/has-toilet', 'dwelling.fixture_count', 1, '', self::LEAST];
        yield 'R306.1: a lavatory' => ['us-irc-2021/has-lavatory', 'dwelling.lavatories', 1, '', self::LEAST];
        yield 'R306.2: a sink in the kitchen' => [
            'us-irc-2021/has-kitchen-sink', 'rooms: room.sinks', 1, '', self::LEAST, [], [], ['rooms' => [['room.use' => 'kitchen']]],
        ];
        yield 'P2705.1: 15 in from the middle of a water closet to the side' => [
            'us-irc-2021/toilet-side', 'fixture.side_clearance', 15, 'in', self::LEAST, ['fixture.kind' => 'water_closet'],
        ];
        yield 'P2705.1: 21 in before a lavatory' => [
            'us-irc-2021/toilet-front', 'fixture.front_clearance', 21, 'in', self::LEAST, ['fixture.kind' => 'lavatory'],
        ];
        yield 'P2705.1: 30 in from middle to middle' => [
            'us-irc-2021/fixture-spacing', 'fixture.center_spacing', 30, 'in', self::LEAST, ['fixture.kind' => 'bidet'],
        ];
        yield 'Figure R307.1: 21 in before a bath' => [
            'us-irc-2021/bath-front', 'fixture.step_out_21', 21, 'in', self::LEAST, ['fixture.kind' => 'bath'],
        ];
        yield 'Figure R307.1: 24 in before a shower' => [
            'us-irc-2021/shower-front', 'fixture.entry_floor', 24, 'in', self::LEAST, ['fixture.kind' => 'shower'],
        ];
        yield 'P2708.1: 30 in inside a shower' => [
            'us-irc-2021/shower-size',
            'fixture.inside_least',
            30,
            'in',
            self::LEAST,
            ['fixture.kind' => 'shower', 'fixture.inside_area' => '960 sq in'],
        ];
        yield 'P2708.1, exception: 25 in where 1300 sq in are there' => [
            'us-irc-2021/shower-size',
            'fixture.inside_least',
            25,
            'in',
            self::LEAST,
            ['fixture.kind' => 'shower', 'fixture.inside_area' => '1300 sq in'],
        ];
        yield 'P2708.1.1: 22 in of entry' => [
            'us-irc-2021/shower-entry', 'fixture.entry', 22, 'in', self::LEAST, ['fixture.kind' => 'shower'],
        ];
        yield 'R307.2: walls of showers finished up to 6 ft' => [
            'us-irc-2021/wet-wall',
            'fixture.tile_height',
            6,
            'ft',
            self::LEAST,
            ['fixture.kind' => 'shower', 'fixture.shower_head' => true],
        ];
        yield 'R310.2.1: 5.7 sq ft of opening upstairs' => [
            'us-irc-2021/escape',
            'windows: window.clear_area',
            5.7,
            'sq ft',
            self::LEAST,
            ['room.use' => 'bedroom'],
            [],
            [
                'windows' => [[
                    'window.to_outside' => true, 'window.clear_height' => '40 in', 'window.clear_width' => '40 in',
                    'window.clear_sill' => '30 in', 'window.drop' => '100 in',
                ]],
            ],
        ];
        yield 'R310.2.1, exception: 5.0 sq ft at grade' => [
            'us-irc-2021/escape',
            'windows: window.clear_area',
            5.0,
            'sq ft',
            self::LEAST,
            ['room.use' => 'bedroom'],
            [],
            [
                'windows' => [[
                    'window.to_outside' => true, 'window.clear_height' => '40 in', 'window.clear_width' => '40 in',
                    'window.clear_sill' => '30 in', 'window.drop' => '44 in',
                ]],
            ],
        ];
        yield 'R310.2.1: 24 in high' => [
            'us-irc-2021/escape',
            'windows: window.clear_height',
            24,
            'in',
            self::LEAST,
            ['room.use' => 'bedroom'],
            [],
            [
                'windows' => [[
                    'window.to_outside' => true, 'window.clear_area' => '1 m2', 'window.clear_width' => '40 in',
                    'window.clear_sill' => '30 in', 'window.drop' => '100 in',
                ]],
            ],
        ];
        yield 'R310.2.1: 20 in wide' => [
            'us-irc-2021/escape',
            'windows: window.clear_width',
            20,
            'in',
            self::LEAST,
            ['room.use' => 'bedroom'],
            [],
            [
                'windows' => [[
                    'window.to_outside' => true, 'window.clear_area' => '1 m2', 'window.clear_height' => '40 in',
                    'window.clear_sill' => '30 in', 'window.drop' => '100 in',
                ]],
            ],
        ];
        yield 'R310.2.3: sill 44 in above the floor' => [
            'us-irc-2021/escape',
            'windows: window.clear_sill',
            44,
            'in',
            self::MOST,
            ['room.use' => 'bedroom'],
            [],
            [
                'windows' => [[
                    'window.to_outside' => true, 'window.clear_area' => '1 m2', 'window.clear_height' => '40 in',
                    'window.clear_width' => '40 in', 'window.drop' => '100 in',
                ]],
            ],
        ];
        yield 'R310.4.1: wells 36 in wide' => [
            'us-irc-2021/window-well',
            'window.well_width',
            36,
            'in',
            self::LEAST,
            ['window.has_well' => true, 'window.room_use' => 'bedroom', 'window.well_projection' => '40 in'],
        ];
        yield 'R310.4.1: wells 36 in deep' => [
            'us-irc-2021/window-well',
            'window.well_projection',
            36,
            'in',
            self::LEAST,
            ['window.has_well' => true, 'window.room_use' => 'bedroom', 'window.well_width' => '40 in'],
        ];
        yield 'R311.2: egress door 32 in clear' => [
            'us-irc-2021/egress-door',
            'doors: door.clear_width',
            32,
            'in',
            self::LEAST,
            [],
            [],
            [
                'doors' => [[
                    'door.to_outside' => true, 'door.operation' => 'hinged', 'door.from_use' => 'entry', 'door.step_down' => '4 in',
                    'door.clear_height' => '79 in',
                ]],
            ],
        ];
        yield 'R311.2: egress door 78 in high' => [
            'us-irc-2021/egress-door',
            'doors: door.clear_height',
            78,
            'in',
            self::LEAST,
            [],
            [],
            [
                'doors' => [[
                    'door.to_outside' => true, 'door.operation' => 'hinged', 'door.from_use' => 'entry', 'door.step_down' => '4 in',
                    'door.clear_width' => '33 in',
                ]],
            ],
        ];
        yield 'R311.3: landing 36 in' => [
            'us-irc-2021/door-landing',
            'door.landing_outside',
            36,
            'in',
            self::LEAST,
            [
                'door.to_outside' => true, 'door.required_egress' => true, 'door.outside_risers' => 'none', 'door.balcony_area' => 'none',
                'door.landing_inside' => '40 in', 'door.step_down' => '1 in', 'door.swings_into' => 'entry',
            ],
        ];
        yield 'R311.3.1: step of 7 3/4 in where the door swings in' => [
            'us-irc-2021/door-landing',
            'door.step_down',
            7.75,
            'in',
            self::MOST,
            [
                'door.to_outside' => true, 'door.required_egress' => true, 'door.outside_risers' => 'none', 'door.balcony_area' => 'none',
                'door.landing_inside' => '40 in', 'door.landing_outside' => '40 in', 'door.swings_into' => 'entry',
            ],
        ];
        yield 'R311.3.1: step of 1 1/2 in where it swings out' => [
            'us-irc-2021/door-landing',
            'door.step_down',
            1.5,
            'in',
            self::MOST,
            [
                'door.to_outside' => true, 'door.required_egress' => true, 'door.outside_risers' => 'none', 'door.balcony_area' => 'none',
                'door.landing_inside' => '40 in', 'door.landing_outside' => '40 in', 'door.swings_into' => 'outside',
            ],
        ];
        yield 'R311.6: halls 3 ft wide' => ['us-irc-2021/hall-width', 'room.narrowest', 36, 'in', self::LEAST, ['room.use' => 'hall']];
        yield 'R302.5.1: garage door leaf 1 3/8 in' => [
            'us-irc-2021/garage-door',
            'door.leaf_thickness',
            1.375,
            'in',
            self::LEAST,
            ['door.from_garage' => 1, 'door.to_outside' => false, 'door.kind' => 'door', 'door.fire_minutes' => 0],
            ['solid_leaves' => true],
        ];
        yield 'R302.5.1: or 20 minutes' => [
            'us-irc-2021/garage-door',
            'door.fire_minutes',
            20,
            '',
            self::LEAST,
            ['door.from_garage' => 1, 'door.to_outside' => false, 'door.kind' => 'door', 'door.leaf_thickness' => '1 in'],
        ];
        yield 'M1901.1: 30 in above a cooking top' => [
            'us-irc-2021/cook-above',
            'fixture.clear_above',
            30,
            'in',
            self::LEAST,
            ['fixture.kind' => 'cooktop', 'fixture.under_hood' => false],
        ];
        yield 'M1901.1: 24 in under a hood' => [
            'us-irc-2021/cook-above',
            'fixture.clear_above',
            24,
            'in',
            self::LEAST,
            ['fixture.kind' => 'cooktop', 'fixture.under_hood' => true],
        ];
        yield 'R311.7.5.1: risers of 7 3/4 in' => [
            'us-irc-2021/stair-riser', 'stair.riser', 7.75, 'in', self::MOST, ['stair.kind' => 'straight'],
        ];
        yield 'R311.7.5.2: treads of 10 in' => [
            'us-irc-2021/stair-tread', 'stair.tread', 10, 'in', self::LEAST, ['stair.kind' => 'straight'],
        ];
    }
}
