<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Measure\NotApplicable;
use Heurema\Tests\Sketch;

final class StairMeasuresTest extends MeasureTestCase
{
    public function test_nine_foot_storeys_in_fourteen_risers(): void
    {
        // 108 in / 14 = 7.714 in (worked by hand)
        $stair = Sketch::room(4000, 3000)->stair(['parts' => [['flight' => ['risers' => 14, 'tread' => 254]]]], 108 * 25.4);
        self::assertEqualsWithDelta(108 * 25.4 / 14, self::number('stair.riser', $stair, 's'), 1e-9);
        self::assertSame(254.0, self::number('stair.tread', $stair, 's'));
    }

    public function test_risers_of_all_parts_share_the_rise(): void
    {
        $stair = Sketch::room(4000, 3000)->stair(['kind' => 'winding', 'parts' => [
            ['flight' => ['risers' => 5, 'tread' => 260]], [
                'winders' => ['risers' => 3, 'turn' => 'left'],
            ], ['flight' => ['risers' => 7, 'tread' => 240]],
        ]], 2700);
        self::assertEqualsWithDelta(180.0, self::number('stair.riser', $stair, 's'), 1e-9);
        self::assertSame(240.0, self::number('stair.tread', $stair, 's'));
    }

    public function test_measured_risers_leave_the_rest_to_the_others(): void
    {
        // 2650 − (180 + 195 + 175) = 2100 over 11 = 190.9; the highest is the measured 195
        $parts = [
            ['flight' => ['risers' => 3, 'rises' => [180, 195, 175], 'tread' => 250]],
            ['landing' => ['depth' => 900]],
            ['flight' => ['risers' => 11, 'tread' => 250]],
        ];
        self::assertEqualsWithDelta(195.0, self::number('stair.riser', Sketch::room(4000, 3000)->stair(['parts' => $parts]), 's'), 1e-9);
        $parts[0]['flight']['rises'] = [180, 180, 180];
        self::assertEqualsWithDelta(
            (2650 - 540) / 11,
            self::number('stair.riser', Sketch::room(4000, 3000)->stair(['parts' => $parts]), 's'),
            1e-9,
        );
    }

    public function test_steps_outside_have_a_rise_of_their_own(): void
    {
        // a plinth of 450 mm in three steps of 150 (common practice, no source)
        $stair = Sketch::room(4000, 3000)->stair(['rise' => 450, 'parts' => [['flight' => ['risers' => 3, 'tread' => 300]]]]);
        self::assertEqualsWithDelta(150.0, self::number('stair.riser', $stair, 's'), 1e-9);
    }

    public function test_what_is_lacking(): void
    {
        $stair = Sketch::room(4000, 3000)->with(['elevation' => null])->stair(['parts' => [['flight' => ['risers' => 14]]]]);
        self::assertUnknown(['G.elevation'], self::measure('stair.riser', $stair, 's'));
        self::assertUnknown(['s.parts.0.flight.tread'], self::measure('stair.tread', $stair, 's'));
    }

    /** A flight of two risers has one tread, one of one riser none. */
    public function test_treads_of_short_flights(): void
    {
        foreach ([[1, 260.0], [2, 240.0]] as [$risers, $least]) {
            $stair = Sketch::room(6000, 6000)->stair(['parts' => [
                ['flight' => ['risers' => $risers, 'tread' => 240]],
                ['landing' => ['depth' => 900]],
                ['flight' => ['risers' => 12, 'tread' => 260]],
            ]]);
            self::assertEqualsWithDelta($least, self::number('stair.tread', $stair, 's'), 1e-9);
            self::assertEqualsWithDelta(260.0, self::number('stair.tread', $stair, 's', ['of' => 'largest']), 1e-9);
        }
    }

    public function test_a_single_step_has_no_tread(): void
    {
        $stair = Sketch::room(4000, 3000)->stair(['rise' => 150, 'parts' => [['flight' => ['risers' => 1]]]]);
        self::assertInstanceOf(NotApplicable::class, self::measure('stair.tread', $stair, 's'));
    }
}
