<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Measure\NotApplicable;
use Heurema\Tests\Sketch;
use Heurema\Units\Amount;

/** What follows from the drawing at once. */
final class DerivedFactsTest extends MeasureTestCase
{
    public function test_a_storey_is_a_basement_where_the_floor_above_is_low_over_the_ground(): void
    {
        // the upper floor at 0, the ground so far below it
        $house = static fn(float $ground): Sketch => Sketch::room(4000, 3000, 'storage')
            ->with(['elevation' => -2600, 'ceiling' => 2350])
            ->document(['grade' => -$ground])
            ->upper(['elevation' => 0]);
        foreach ([[0.0, true], [1828.8, true], [1829.0, false], [2500.0, false]] as [$ground, $isBasement]) {
            self::assertSame($isBasement, self::value('storey.basement', $house($ground), 'G'), "ground {$ground} below the floor above");
        }
        self::assertFalse(self::value('storey.basement', $house(100), 'U'));
        self::assertUnknown(['G.elevation'], self::measure('storey.basement', Sketch::room(4000, 3000)->with(['elevation' => null]), 'G'));
    }

    public function test_a_habitable_attic_has_only_sloped_rooms_to_live_in(): void
    {
        $attic = static fn(array $rooms): Sketch => Sketch::room(4000, 3000)->with(['rooms' => $rooms]);
        $slope = ['ceiling' => ['from' => [0, 0], 'to' => [4000, 0], 'low' => 1000, 'high' => 3000]];
        self::assertTrue(self::value(
            'storey.habitable_attic',
            $attic([['id' => 'r', 'name' => 'R', 'use' => 'bedroom', 'at' => [2000, 1500], ...$slope]]),
            'G',
        ));
        self::assertFalse(
            self::value('storey.habitable_attic', $attic([['id' => 'r', 'name' => 'R', 'use' => 'bedroom', 'at' => [2000, 1500]]]), 'G'),
            'a flat ceiling',
        );
        self::assertFalse(
            self::value(
                'storey.habitable_attic',
                $attic([['id' => 'r', 'name' => 'R', 'use' => 'storage', 'at' => [2000, 1500], ...$slope]]),
                'G',
            ),
            'nobody lives in it',
        );
    }

    public function test_machinery_alone_and_the_area_inside(): void
    {
        self::assertTrue(self::value('storey.only_plant', Sketch::room(4000, 3000, 'plant'), 'G'));
        self::assertFalse(self::value('storey.only_plant', Sketch::room(4000, 3000, 'storage'), 'G'));
        self::assertFalse(self::value('storey.only_plant', Sketch::room(4000, 3000)->with(['rooms' => []]), 'G'));
        self::assertEqualsWithDelta(12.0, self::number('storey.internal_area', Sketch::room(4000, 3000), 'G'), 1e-6);
        self::assertEqualsWithDelta(
            24.0,
            self::number('storey.internal_area', Sketch::room(8000, 3000)->wall([4000, 0], [4000, 3000]), 'G'),
            1e-6,
            'partitions are inside',
        );
    }

    public function test_the_one_door_that_lets_one_out(): void
    {
        $one = static fn(): Sketch => Sketch::room(4000, 3000, 'hall')->door('w1', 2000, 950, ['operation' => 'hinged', 'height' => 2100]);
        self::assertTrue(self::value('door.required_egress', $one(), 'd'));
        $two = $one()->door('w3', 2000, 950, ['id' => 'e', 'operation' => 'hinged', 'height' => 2100]);
        self::assertFalse(self::value('door.required_egress', $two, 'd'), 'of two none is required alone');
        $slider = $one()->door('w3', 2000, 1800, ['id' => 'e', 'operation' => 'sliding', 'height' => 2100]);
        self::assertTrue(self::value('door.required_egress', $slider, 'd'), 'a sliding door does not count');
        $narrow = $one()->door('w3', 2000, 850, ['id' => 'e', 'operation' => 'hinged', 'height' => 2100]);
        self::assertTrue(self::value('door.required_egress', $narrow, 'd'), 'nor does a narrow one');
        self::assertFalse(
            self::value(
                'door.required_egress',
                Sketch::room(6000, 3000)
                    ->wall([2000, -100], [2000, 3100])
                    ->use('h', 'hall', 1000, 1500)
                    ->door('w5', 1500, 950, ['operation' => 'hinged']),
                'd',
            ),
            'inside',
        );
    }

    public function test_of_a_pair_one_leaf_clears_and_both_are_a_measure_of_their_own(): void
    {
        $pair = Sketch::room(6000, 5000)
            ->wall([2500, -100], [2500, 5100])
            ->use('b', 'study', 500, 500)
            ->door('w5', 2500, 1500, ['operation' => 'double_hinged']);
        self::assertEqualsWithDelta(750 - 35 - 13, self::number('door.clear_width', $pair, 'd'), 1e-6);
        self::assertEqualsWithDelta(1500 - 2 * 48, self::number('door.clear_width_both', $pair, 'd'), 1e-6);
        $single = Sketch::room(6000, 5000)
            ->wall([2500, -100], [2500, 5100])
            ->use('b', 'study', 500, 500)
            ->door('w5', 2500, 900, ['operation' => 'hinged']);
        self::assertEqualsWithDelta(
            self::number('door.clear_width', $single, 'd'),
            self::number('door.clear_width_both', $single, 'd'),
            1e-6,
        );
    }

    public function test_garages_balconies_soffits_and_stairs(): void
    {
        $garage = static fn(string $kind): Sketch => (new Sketch())
            ->chain([[-100, -5100], [4100, -5100], [4100, 3100], [-100, 3100]])
            ->wall([-100, -50], [4100, -50])
            ->use('r', 'hall', 2000, 1500)
            ->use('g', $kind, 2000, -2500)
            ->door('w5', 2100, 900, ['operation' => 'hinged']);
        self::assertSame(
            [1.0, 0.0],
            [
                self::number('dwelling.garage_openings', $garage('garage'), 'dwelling'),
                self::number('dwelling.garage_openings', $garage('kitchen'), 'dwelling'),
            ],
        );
        $between = static fn(string $one): Sketch => $garage('garage')->with(['rooms' => [
            ['id' => 'r', 'name' => 'R', 'use' => $one, 'at' => [2000, 1500]],
            ['id' => 'g', 'name' => 'G', 'use' => 'garage', 'at' => [2000, -2500]],
        ]]);
        foreach (['hall' => 1.0, 'porch' => 0.0, 'garage' => 0.0] as $use => $doors) {
            self::assertSame($doors, self::number('dwelling.garage_openings', $between($use), 'dwelling'), $use);
        }
        self::assertEqualsWithDelta(4.0 * 5.0 - 4.0 * 0.05, self::number('door.balcony_area', $garage('balcony'), 'd'), 0.3);
        self::assertInstanceOf(NotApplicable::class, self::measure('door.balcony_area', $garage('garage'), 'd'));
        $soffit = static fn(array $outline): Sketch => Sketch::room(4000, 3000)->add(
            'soffits',
            ['id' => 'x', 'outline' => $outline, 'underside' => 2000],
        );
        self::assertEqualsWithDelta(300.0, self::number('soffit.width', $soffit([[0, 0], [300, 0], [300, 3000], [0, 3000]]), 'x'), 0.1);
        self::assertEqualsWithDelta(300.0, self::number('soffit.width', $soffit([[0, 0], [4000, 0], [4000, 300], [0, 300]]), 'x'), 0.1);
        $stair = Sketch::room(4000, 6000, 'hall')->stair([
            'start' => [2000, 1000],
            'open_risers' => true,
            'parts' => [['flight' => ['risers' => 15, 'tread' => 260]]],
        ]);
        self::assertEqualsWithDelta(2650.0, self::number('stair.total_rise', $stair, 's'), 1e-6);
        self::assertEqualsWithDelta(
            2650.0 / 15 - 38.1,
            self::number('stair.riser_opening', $stair, 's', ['above' => Amount::length(762)]),
            1e-6,
        );
        $low = Sketch::room(4000, 6000, 'hall')->stair(
            ['start' => [2000, 1000], 'open_risers' => true, 'parts' => [['flight' => ['risers' => 4, 'tread' => 260]]]],
            700,
        )->upper(['elevation' => 700]);
        self::assertInstanceOf(
            NotApplicable::class,
            self::measure('stair.riser_opening', $low, 's', ['above' => Amount::length(762)]),
            'none of its risers ends so high',
        );
    }
}
