<?php

declare(strict_types=1);

namespace Heurema\Tests\Proof;

/**
 * The book us-fair-housing against the Fair Housing Accessibility Guidelines (56 FR 9472, March 1991) under 24 CFR 100.205, written
 * down here again from memory of the document.
 */
final class FairHousingTest extends BookLimits
{
    public static function limits(): iterable
    {
        yield '24 CFR 100.205, requirement 3: nominal 32 in' => [
            'us-fair-housing/door-nominal',
            'door.clear_width',
            31.625,
            'in',
            self::LEAST,
            ['door.operation' => 'hinged', 'door.storeys_up' => 0, 'door.to_closet' => 0],
        ];
        yield '24 CFR 100.205, requirement 4: route 36 in' => [
            'us-fair-housing/route',
            'room.narrowest',
            36,
            'in',
            self::LEAST,
            ['room.use' => 'hall', 'room.storeys_up' => 0],
        ];
        yield '24 CFR 100.205, requirement 5: controls at 48 in' => [
            'us-fair-housing/controls',
            'fixture.base',
            48,
            'in',
            self::MOST,
            ['fixture.storeys_up' => 0, 'fixture.kind' => 'switch'],
        ];
        yield '24 CFR 100.205, requirement 5: controls at 15 in' => [
            'us-fair-housing/controls',
            'fixture.base',
            15,
            'in',
            self::LEAST,
            ['fixture.storeys_up' => 0, 'fixture.kind' => 'switch'],
        ];
        yield '24 CFR 100.205, requirement 7: 48 in beyond the swing' => [
            'us-fair-housing/bathroom-space',
            'room.box_beyond_swings',
            48,
            'in',
            self::LEAST,
            ['room.use' => 'bathroom', 'room.storeys_up' => 0],
        ];
        yield '24 CFR 100.205, requirement 7: 15 in beside a water closet' => [
            'us-fair-housing/toilet-centre',
            'fixture.side_clearance',
            15,
            'in',
            self::LEAST,
            ['fixture.storeys_up' => 0, 'fixture.kind' => 'water_closet', 'fixture.to_wall' => '18 in'],
        ];
    }
}
