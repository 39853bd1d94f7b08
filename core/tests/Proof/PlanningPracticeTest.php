<?php

declare(strict_types=1);

namespace Heurema\Tests\Proof;

/**
 * The books practice-home and practice-kitchen-bath. What is usual in the trade has no published source; the figures are written down
 * here again as they are taught.
 */
final class PlanningPracticeTest extends BookLimits
{
    public static function limits(): iterable
    {
        yield 'common practice, no source: bedroom door 30 in' => [
            'practice-home/bedroom-door',
            'door.width',
            30,
            'in',
            self::LEAST,
            ['door.to_bedroom' => 1, 'door.to_closet' => 0],
        ];
        yield 'common practice, no source: bathroom door 28 in' => [
            'practice-home/bathroom-door', 'door.width', 28, 'in', self::LEAST, ['door.to_bathroom' => 1],
        ];
        yield 'common practice, no source: door 80 in high' => [
            'practice-home/door-height', 'door.height', 80, 'in', self::LEAST, ['door.kind' => 'door'],
        ];
        yield 'common practice, no source: closet 24 in deep' => [
            'practice-home/closet-depth', 'room.least_width', 24, 'in', self::LEAST, ['room.use' => 'closet'],
        ];
        yield 'common practice, no source: 24 in beside a bed' => [
            'practice-home/bed-side', 'fixture.farther_side', 24, 'in', self::LEAST, ['fixture.kind' => 'bed'],
        ];
        yield 'common practice, no source: 36 in at its foot' => [
            'practice-home/bed-foot', 'fixture.front_clearance', 36, 'in', self::LEAST, ['fixture.kind' => 'bed'],
        ];
        yield 'common practice, no source: shaft 0.9 m' => [
            'practice-home/shaft-width', 'room.least_width', 900, 'mm', self::LEAST, ['room.use' => 'shaft'],
        ];
        yield 'common practice, no source: ceiling 2.4 m' => [
            'practice-home/ceiling',
            'room.ceiling_height',
            2.4,
            'm',
            self::LEAST,
            ['room.use' => 'living', 'room.sloped' => false],
        ];
        yield 'common practice, no source: ceiling 10 ft' => [
            'practice-home/ceiling',
            'room.ceiling_height',
            10,
            'ft',
            self::MOST,
            ['room.use' => 'living', 'room.sloped' => false],
        ];
        yield 'common practice, no source: 18 in beside a water closet' => [
            'practice-kitchen-bath/toilet-side', 'fixture.side_clearance', 18, 'in', self::LEAST, ['fixture.kind' => 'water_closet'],
        ];
        yield 'common practice, no source: 30 in before it' => [
            'practice-kitchen-bath/toilet-front', 'fixture.front_clearance', 30, 'in', self::LEAST, ['fixture.kind' => 'water_closet'],
        ];
        yield 'common practice, no source: 20 in from a lavatory to the wall' => [
            'practice-kitchen-bath/lavatory-side', 'fixture.to_wall', 20, 'in', self::LEAST, ['fixture.kind' => 'lavatory'],
        ];
        yield 'common practice, no source: 36 in between lavatories' => [
            'practice-kitchen-bath/lavatory-spacing', 'fixture.center_spacing', 36, 'in', self::LEAST, ['fixture.kind' => 'lavatory'],
        ];
        yield 'common practice, no source: shower 36 in' => [
            'practice-kitchen-bath/shower-size', 'fixture.inside_least', 36, 'in', self::LEAST, ['fixture.kind' => 'shower'],
        ];
        yield 'common practice, no source: bath 1400 mm' => [
            'practice-kitchen-bath/bath-length', 'fixture.length', 1400, 'mm', self::LEAST, ['fixture.kind' => 'bath'],
        ];
        yield 'common practice, no source: bath 1700 mm' => [
            'practice-kitchen-bath/bath-length', 'fixture.length', 1700, 'mm', self::MOST, ['fixture.kind' => 'bath'],
        ];
        yield 'common practice, no source: counter 43 in' => [
            'practice-kitchen-bath/counter-height', 'fixture.rim', 43, 'in', self::MOST, ['fixture.kind' => 'lavatory'],
        ];
        yield 'common practice, no source: tiles 2100 mm' => [
            'practice-kitchen-bath/shower-tile', 'fixture.tile_height', 2100, 'mm', self::LEAST, ['fixture.kind' => 'shower'],
        ];
    }
}
