<?php

declare(strict_types=1);

namespace Heurema\Tests\Proof;

/** Stairs, rails and guards of every book against the published documents, which each line names, written down here again from memory. */
final class StairLimitsTest extends BookLimits
{
    public static function limits(): iterable
    {
        yield 'IRC 2021, R311.7.1: 36 in wide' => [
            'us-irc-2021/stair-width',
            'stair.width',
            36,
            'in',
            self::LEAST,
            ['stair.kind' => 'straight', 'stair.handrails' => 0, 'stair.width_at_rail' => '36 in'],
        ];
        yield 'IRC 2021, R311.7.1: 31 1/2 in with one rail' => [
            'us-irc-2021/stair-width',
            'stair.width_at_rail',
            31.5,
            'in',
            self::LEAST,
            ['stair.kind' => 'straight', 'stair.handrails' => 1, 'stair.width' => '36 in'],
        ];
        yield 'IRC 2021, R311.7.1: 27 in between two rails' => [
            'us-irc-2021/stair-width',
            'stair.width_at_rail',
            27,
            'in',
            self::LEAST,
            ['stair.kind' => 'straight', 'stair.handrails' => 2, 'stair.width' => '36 in'],
        ];
        yield 'IRC 2021, R311.7.2: headroom 6 ft 8 in' => [
            'us-irc-2021/stair-headroom', 'stair.headroom_between_edges', 80, 'in', self::LEAST, ['stair.kind' => 'straight'],
        ];
        yield 'IRC 2021, R311.7.3: 151 in from landing to landing' => [
            'us-irc-2021/stair-flight-rise', 'stair.flight_rise', 151, 'in', self::MOST,
        ];
        yield 'IRC 2021, R311.7.5.1: risers alike within 3/8 in' => [
            'us-irc-2021/stair-riser-spread', 'stair.riser_spread', 0.375, 'in', self::MOST,
        ];
        yield 'IRC 2021, R311.7.5.2: treads alike within 3/8 in' => [
            'us-irc-2021/stair-tread-spread', 'stair.tread_spread', 0.375, 'in', self::MOST,
        ];
        yield 'IRC 2021, R311.7.5.2.1: winders 10 in at the walkline' => [
            'us-irc-2021/winder',
            'stair.winder_at_walkline',
            10,
            'in',
            self::LEAST,
            ['stair.kind' => 'winding', 'stair.winder_inner' => '6 in'],
        ];
        yield 'IRC 2021, R311.7.5.2.1: winders 6 in anywhere' => [
            'us-irc-2021/winder',
            'stair.winder_inner',
            6,
            'in',
            self::LEAST,
            ['stair.kind' => 'winding', 'stair.winder_at_walkline' => '10 in'],
        ];
        yield 'IRC 2021, R311.7.5.3: nosing 3/4 in' => [
            'us-irc-2021/nosing',
            'stair.nosing',
            0.75,
            'in',
            self::LEAST,
            ['stair.tread' => '10 in', 'stair.open_risers' => false],
        ];
        yield 'IRC 2021, R311.7.5.3: nosing 1 1/4 in' => [
            'us-irc-2021/nosing',
            'stair.nosing',
            1.25,
            'in',
            self::MOST,
            ['stair.tread' => '10 in', 'stair.open_risers' => false],
        ];
        yield 'IRC 2021, R311.7.6: landing 36 in at the foot' => [
            'us-irc-2021/stair-landing',
            'stair.landing_foot',
            36,
            'in',
            self::LEAST,
            [
                'stair.outside' => false, 'stair.door_over' => 0, 'stair.width' => '36 in', 'stair.landing_between' => '40 in',
                'stair.landing_width' => '40 in', 'stair.landing_head' => '40 in',
            ],
        ];
        yield 'IRC 2021, R311.7.6: landing 36 in between' => [
            'us-irc-2021/stair-landing',
            'stair.landing_between',
            36,
            'in',
            self::LEAST,
            [
                'stair.outside' => false, 'stair.door_over' => 0, 'stair.width' => '36 in', 'stair.landing_width' => '40 in',
                'stair.landing_foot' => '40 in', 'stair.landing_head' => '40 in',
            ],
        ];
        yield 'IRC 2021, R311.7.6: landing as wide as the flight' => [
            'us-irc-2021/stair-landing',
            'stair.landing_width',
            36,
            'in',
            self::LEAST,
            [
                'stair.outside' => false, 'stair.door_over' => 0, 'stair.width' => '36 in', 'stair.landing_between' => '40 in',
                'stair.landing_foot' => '40 in', 'stair.landing_head' => '40 in',
            ],
        ];
        yield 'IRC 2021, R311.7.6: landing 36 in at the head outside' => [
            'us-irc-2021/stair-landing',
            'stair.landing_head',
            36,
            'in',
            self::LEAST,
            [
                'stair.outside' => true, 'stair.door_over' => 0, 'stair.width' => '36 in', 'stair.landing_between' => '40 in',
                'stair.landing_width' => '40 in', 'stair.landing_foot' => '40 in',
            ],
        ];
        yield 'IRC 2021, R311.7.8: a rail on four risers' => [
            'us-irc-2021/handrail',
            'stair.handrails',
            1,
            '',
            self::LEAST,
            ['stair.risers_per_flight' => 6, 'stair.handrail_height' => '36 in', 'stair.highest_handrail' => '36 in'],
        ];
        yield 'IRC 2021, R311.7.8.1: rail 34 in' => [
            'us-irc-2021/handrail',
            'stair.handrail_height',
            34,
            'in',
            self::LEAST,
            ['stair.risers_per_flight' => 6, 'stair.handrails' => 1, 'stair.highest_handrail' => '36 in'],
        ];
        yield 'IRC 2021, R311.7.8.1: rail 38 in' => [
            'us-irc-2021/handrail',
            'stair.highest_handrail',
            38,
            'in',
            self::MOST,
            ['stair.risers_per_flight' => 6, 'stair.handrails' => 1, 'stair.handrail_height' => '36 in'],
        ];
        yield 'IRC 2021, R311.7.10.1: spiral 26 in wide' => [
            'us-irc-2021/spiral',
            'stair.width_at_rail',
            26,
            'in',
            self::LEAST,
            ['stair.kind' => 'spiral', 'stair.winder_at_walkline' => '8 in', 'stair.riser' => '9 in', 'stair.headroom' => '80 in'],
        ];
        yield 'IRC 2021, R311.7.10.1: spiral treads 6 3/4 in' => [
            'us-irc-2021/spiral',
            'stair.winder_at_walkline',
            6.75,
            'in',
            self::LEAST,
            ['stair.kind' => 'spiral', 'stair.width_at_rail' => '30 in', 'stair.riser' => '9 in', 'stair.headroom' => '80 in'],
        ];
        yield 'IRC 2021, R311.7.10.1: spiral risers 9 1/2 in' => [
            'us-irc-2021/spiral',
            'stair.riser',
            9.5,
            'in',
            self::MOST,
            ['stair.kind' => 'spiral', 'stair.width_at_rail' => '30 in', 'stair.winder_at_walkline' => '8 in', 'stair.headroom' => '80 in'],
        ];
        yield 'IRC 2021, R311.7.10.1: spiral headroom 6 ft 6 in' => [
            'us-irc-2021/spiral',
            'stair.headroom',
            78,
            'in',
            self::LEAST,
            ['stair.kind' => 'spiral', 'stair.width_at_rail' => '30 in', 'stair.winder_at_walkline' => '8 in', 'stair.riser' => '9 in'],
        ];
        yield 'IRC 2021, R312.1.2: guards 36 in' => [
            'us-irc-2021/guard-height', 'guard.height', 36, 'in', self::LEAST, ['guard.along_stair' => false],
        ];
        yield 'IRC 2021, R312.1.2: 34 in along flights' => [
            'us-irc-2021/guard-height', 'guard.height', 34, 'in', self::LEAST, ['guard.along_stair' => true],
        ];
        yield 'ADA Standards 2010, 504.2: risers 7 in' => [
            'us-access/stair-rise', 'stair.riser', 7, 'in', self::MOST, ['stair.lowest_riser' => '6 in'], ['public_way' => true],
        ];
        yield 'ADA Standards 2010, 504.2: risers 4 in' => [
            'us-access/stair-rise', 'stair.lowest_riser', 4, 'in', self::LEAST, ['stair.riser' => '6 in'], ['public_way' => true],
        ];
        yield 'ADA Standards 2010, 504.2: treads 11 in' => [
            'us-access/stair-tread', 'stair.tread', 11, 'in', self::LEAST, [], ['public_way' => true],
        ];
        yield 'ADA Standards 2010, 504.5: nosing 1 1/2 in' => [
            'us-access/stair-nosing', 'stair.nosing', 1.5, 'in', self::MOST, [], ['public_way' => true],
        ];
        yield 'ADA Standards 2010, 505.2: rails on both sides' => [
            'us-access/handrail',
            'stair.handrails',
            2,
            '',
            self::LEAST,
            ['stair.handrail_height' => '36 in', 'stair.highest_handrail' => '36 in'],
            ['public_way' => true],
        ];
        yield 'Approved Document K 2013, Table 1.1: rise 220 mm' => [
            'uk-part-k/riser',
            'stair.riser',
            220,
            'mm',
            self::MOST,
            ['stair.outside' => false, 'stair.lowest_riser' => '200 mm'],
        ];
        yield 'Approved Document K 2013, Table 1.1: rise 150 mm' => [
            'uk-part-k/riser',
            'stair.lowest_riser',
            150,
            'mm',
            self::LEAST,
            ['stair.outside' => false, 'stair.riser' => '200 mm'],
        ];
        yield 'Approved Document K 2013, Table 1.1: going 220 mm' => [
            'uk-part-k/going',
            'stair.tread',
            220,
            'mm',
            self::LEAST,
            ['stair.outside' => false, 'stair.largest_tread' => '250 mm'],
        ];
        yield 'Approved Document K 2013, Table 1.1: going 300 mm' => [
            'uk-part-k/going',
            'stair.largest_tread',
            300,
            'mm',
            self::MOST,
            ['stair.outside' => false, 'stair.tread' => '250 mm'],
        ];
        yield 'Approved Document K 2013, 1.4: 550 mm' => [
            'uk-part-k/two-r-plus-g',
            'stair.two_r_plus_g',
            550,
            'mm',
            self::LEAST,
            ['stair.outside' => false, 'stair.longest_step' => '600 mm'],
        ];
        yield 'Approved Document K 2013, 1.4: 700 mm' => [
            'uk-part-k/two-r-plus-g',
            'stair.longest_step',
            700,
            'mm',
            self::MOST,
            ['stair.outside' => false, 'stair.two_r_plus_g' => '600 mm'],
        ];
        yield 'Approved Document K 2013, 1.5: 42 degrees' => ['uk-part-k/pitch', 'stair.pitch', 42, 'deg', self::MOST];
        yield 'Approved Document K 2013, 1.11: headroom 2 m' => [
            'uk-part-k/headroom', 'stair.headroom', 2000, 'mm', self::LEAST, ['stair.headroom_in_middle' => '2100 mm'],
        ];
        yield 'Approved Document K 2013, Diagram 1.4: lofts 1.9 m in the middle' => [
            'uk-part-k/headroom', 'stair.headroom_in_middle', 1900, 'mm', self::LEAST, ['stair.headroom' => '1850 mm'],
            ['loft_conversion' => true],
        ];
        yield 'Approved Document K 2013, Diagram 1.4: lofts 1.8 m at the side' => [
            'uk-part-k/headroom', 'stair.headroom', 1800, 'mm', self::LEAST, ['stair.headroom_in_middle' => '1950 mm'],
            ['loft_conversion' => true],
        ];
        yield 'Approved Document K 2013, 1.20: landing as deep as the stair is wide' => [
            'uk-part-k/landing',
            'stair.landing',
            860,
            'mm',
            self::LEAST,
            ['stair.outside' => false, 'stair.width' => '860 mm'],
        ];
        yield 'Approved Document K 2013, 1.23: 400 mm before a door' => [
            'uk-part-k/landing-door', 'stair.door_clear', 400, 'mm', self::LEAST,
        ];
        yield 'Approved Document K 2013, 1.34: two rails from 1 m on' => [
            'uk-part-k/handrail',
            'stair.handrails',
            2,
            '',
            self::LEAST,
            [
                'stair.outside' => false, 'stair.risers' => 14, 'stair.width' => '1000 mm', 'stair.handrail_height' => '900 mm',
                'stair.highest_handrail' => '1000 mm',
            ],
        ];
        yield 'Approved Document K 2013, 1.36: rail 900 mm' => [
            'uk-part-k/handrail',
            'stair.handrail_height',
            900,
            'mm',
            self::LEAST,
            [
                'stair.outside' => false, 'stair.risers' => 14, 'stair.width' => '900 mm', 'stair.handrails' => 1,
                'stair.highest_handrail' => '1000 mm',
            ],
        ];
        yield 'Approved Document K 2013, 1.28: tapered treads 50 mm at the narrow end' => [
            'uk-part-k/tapered',
            'stair.winder_inner',
            50,
            'mm',
            self::LEAST,
            ['stair.width' => '900 mm', 'stair.tread' => '240 mm', 'stair.winder_in_middle' => '240 mm', 'stair.winder_at_270' => '150 mm'],
        ];
        yield 'Approved Document K 2013, 1.17: 36 risers in line' => ['uk-part-k/straight-run', 'stair.straight_run', 36, '', self::MOST];
        yield 'Approved Document K 2013, Diagram 3.1: guarding 900 mm' => [
            'uk-part-k/guard-height', 'guard.height', 900, 'mm', self::LEAST, ['guard.outdoors' => false],
        ];
        yield 'Approved Document K 2013, Diagram 3.1: balconies 1100 mm' => [
            'uk-part-k/guard-height', 'guard.height', 1100, 'mm', self::LEAST, ['guard.outdoors' => true],
        ];
        yield 'NBC of India 2016, part 4, 4.4.2: 1.0 m wide' => [
            'in-nbc-2016/stair-width', 'stair.width', 1000, 'mm', self::LEAST, ['stair.outside' => false],
        ];
        yield 'NBC of India 2016, part 4, 4.4.2: 0.75 m in a row house of two storeys' => [
            'in-nbc-2016/stair-width', 'stair.width', 750, 'mm', self::LEAST, ['stair.outside' => false], ['row_house' => true],
        ];
        yield 'NBC of India 2016, part 4, 4.4.2: treads 250 mm' => ['in-nbc-2016/stair-tread', 'stair.tread', 250, 'mm', self::LEAST];
        yield 'NBC of India 2016, part 4, 4.4.2: risers 190 mm' => ['in-nbc-2016/stair-riser', 'stair.riser', 190, 'mm', self::MOST];
        yield 'NBC of India 2016, part 4, 4.4.2: 15 risers a flight' => [
            'in-nbc-2016/stair-flight', 'stair.risers_per_flight', 15, '', self::MOST,
        ];
        yield 'NBC of India 2016, part 4, 4.4.2: headroom 2.2 m' => [
            'in-nbc-2016/stair-headroom', 'stair.headroom', 2200, 'mm', self::LEAST,
        ];
        yield 'NBC of India 2016, part 4, 4.4.2: rail 1.0 m' => [
            'in-nbc-2016/handrail',
            'stair.handrail_height',
            1000,
            'mm',
            self::LEAST,
            ['stair.risers' => 12, 'stair.handrails' => 1],
        ];
        yield 'NCC 2022 Housing Provisions, Table 11.2.2a: riser 190 mm' => [
            'au-ncc-2022/riser',
            'stair.riser',
            190,
            'mm',
            self::MOST,
            ['stair.kind' => 'straight', 'stair.lowest_riser' => '150 mm'],
        ];
        yield 'NCC 2022 Housing Provisions, Table 11.2.2a: riser 115 mm' => [
            'au-ncc-2022/riser',
            'stair.lowest_riser',
            115,
            'mm',
            self::LEAST,
            ['stair.kind' => 'straight', 'stair.riser' => '150 mm'],
        ];
        yield 'NCC 2022 Housing Provisions, Table 11.2.2a: spiral riser 220 mm' => [
            'au-ncc-2022/riser',
            'stair.riser',
            220,
            'mm',
            self::MOST,
            ['stair.kind' => 'spiral', 'stair.lowest_riser' => '180 mm'],
        ];
        yield 'NCC 2022 Housing Provisions, Table 11.2.2a: going 240 mm' => [
            'au-ncc-2022/going',
            'stair.tread',
            240,
            'mm',
            self::LEAST,
            ['stair.kind' => 'straight', 'stair.largest_tread' => '300 mm'],
        ];
        yield 'NCC 2022 Housing Provisions, Table 11.2.2a: going 355 mm' => [
            'au-ncc-2022/going',
            'stair.largest_tread',
            355,
            'mm',
            self::MOST,
            ['stair.kind' => 'straight', 'stair.tread' => '300 mm'],
        ];
        yield 'NCC 2022 Housing Provisions, Table 11.2.2a: 2R + G 550 mm' => [
            'au-ncc-2022/two-r-plus-g',
            'stair.two_r_plus_g',
            550,
            'mm',
            self::LEAST,
            ['stair.kind' => 'straight', 'stair.longest_step' => '600 mm'],
        ];
        yield 'NCC 2022 Housing Provisions, Table 11.2.2a: 2R + G 700 mm' => [
            'au-ncc-2022/two-r-plus-g',
            'stair.longest_step',
            700,
            'mm',
            self::MOST,
            ['stair.kind' => 'straight', 'stair.two_r_plus_g' => '600 mm'],
        ];
        yield 'NCC 2022 Housing Provisions, 11.2.2: 18 risers' => [
            'au-ncc-2022/flight', 'stair.risers_per_flight', 18, '', self::MOST, ['stair.fewest_risers' => 5],
        ];
        yield 'NCC 2022 Housing Provisions, 11.2.2: 2 risers' => [
            'au-ncc-2022/flight', 'stair.fewest_risers', 2, '', self::LEAST, ['stair.risers_per_flight' => 5],
        ];
        yield 'NCC 2022 Housing Provisions, 11.2.2: 3 winders in a quarter turn' => [
            'au-ncc-2022/winders', 'stair.winders_in_turn', 3, '', self::MOST, ['stair.winders_in_half_turn' => 4],
        ];
        yield 'NCC 2022 Housing Provisions, 11.2.2: 6 winders in a half turn' => [
            'au-ncc-2022/winders', 'stair.winders_in_half_turn', 6, '', self::MOST, ['stair.winders_in_turn' => 3],
        ];
        yield 'NCC 2022 Housing Provisions, 11.2.5: landing 750 mm' => ['au-ncc-2022/landing', 'stair.landing', 750, 'mm', self::LEAST];
        yield 'NCC 2022 Housing Provisions, 10.3.1: headroom 2.0 m' => ['au-ncc-2022/headroom', 'stair.headroom', 2000, 'mm', self::LEAST];
        yield 'NCC 2022 Housing Provisions, 11.3.4: barriers 1000 mm' => [
            'au-ncc-2022/barrier-height', 'guard.height', 1000, 'mm', self::LEAST, ['guard.along_stair' => false],
        ];
        yield 'NCC 2022 Housing Provisions, 11.3.4: 865 mm along flights' => [
            'au-ncc-2022/barrier-height', 'guard.height', 865, 'mm', self::LEAST, ['guard.along_stair' => true],
        ];
        yield 'NCC 2022 Housing Provisions, 11.3.5: rail 865 mm' => [
            'au-ncc-2022/handrail',
            'stair.handrail_height',
            865,
            'mm',
            self::LEAST,
            ['stair.total_rise' => '2 m', 'stair.handrails' => 1],
        ];
        yield 'common practice, no source: steps outside of 150 mm' => [
            'practice-home/outside-steps',
            'stair.riser',
            150,
            'mm',
            self::MOST,
            ['stair.outside' => true, 'stair.tread' => '300 mm'],
        ];
        yield 'common practice, no source: treads outside of 300 mm' => [
            'practice-home/outside-steps',
            'stair.tread',
            300,
            'mm',
            self::LEAST,
            ['stair.outside' => true, 'stair.riser' => '150 mm'],
        ];
        yield 'Blondel, Cours d\'architecture 1675: a step of two feet, 600 to 650 mm here' => [
            'practice-home/stair-comfort', 'stair.two_r_plus_g', 600, 'mm', self::LEAST, ['stair.longest_step' => '620 mm'],
        ];
    }
}
