<?php

declare(strict_types=1);

namespace Heurema\Tests\Kitchen;

use Heurema\Kitchen\Stretch;
use Heurema\Kitchen\UnitSizes;
use Heurema\Kitchen\WallStretch;
use Heurema\Kitchen\WallStretches;
use Heurema\Tests\Sketch;
use Heurema\Units\UnitSystem;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Where units can stand along the walls of a room of 4 m by 3 m: between doors and what else is there. */
final class WallStretchesTest extends TestCase
{
    public function test_between_doors_low_windows_and_what_stands_there(): void
    {
        $room = Sketch::room(4000, 3000, 'kitchen')
            // its wall runs from -100: the door takes 600 to 1500 from the right end as one faces it
            ->door('w1', 1150, 900)
            ->window('w2', 1600, 800, 1000, ['sill' => 299])
            ->add('openings', [
                'id' => 'm', 'kind' => 'window', 'wall' => 'w3', 'at' => 2100, 'width' => 800, 'height' => 1000, 'sill' => 300,
            ])
            ->fixture('h', 'radiator', 0, 1000, 0, 1000, 110, ['height' => 600])
            ->fixture('b', 'base_cabinet', 3000, 3000, 270, 600, 600, ['height' => 870]);
        self::assertSame([
            // the upper wall first, whole: its window is high, and a kitchen takes the place of the one that stands there
            'w3 0-4000, closed closed, 1',
            // the right one, from its upper end, parted by the low window
            'w2 0-1100, closed open, 0', 'w2 1900-3000, open closed, 0',
            'w1 0-2500, closed open, 0', 'w1 3400-4000, open closed, 0',
            // the left one, from its lower end, parted by the radiator
            'w4 0-500, closed open, 0', 'w4 1500-3000, open closed, 0',
        ], array_map(self::said(...), self::stretches($room)));
    }

    /** Beyond an end at a doorway there is none, beyond one in a wall as much as is left of it. */
    public function test_how_far_worktops_may_reach_beyond_the_ends(): void
    {
        $lower = array_values(array_filter(
            self::stretches(Sketch::room(4000, 3000, 'kitchen')->door('w1', 1150, 900)),
            static fn(WallStretch $one): bool => $one->wall->wall === 'w1',
        ));
        self::assertSame([[INF, 0.0], [0.0, INF]], array_map(static fn(WallStretch $one): array => $one->stretch->beyond, $lower));
        self::assertSame([[500.0, 0.0], [500.0, 500.0]], [
            $lower[0]->stretch->between(500.0, 2500.0)->beyond, $lower[0]->stretch->between(500.0, 2000.0)->beyond,
        ]);
    }

    #[TestWith([449.0, 0])]
    #[TestWith([450.0, 1])]
    public function test_short_ones_are_none(float $free, int $count): void
    {
        $room = Sketch::room(4000, 3000, 'kitchen')->door('w1', 4100 - $free - 450, 900);
        $lower = array_filter(self::stretches($room), static fn(WallStretch $one): bool => $one->wall->wall === 'w1' && $one->from < 1.0);
        self::assertCount($count, $lower);
    }

    public function test_the_lowest_ceiling_over_a_stretch_counts(): void
    {
        $slope = ['low' => 2000, 'high' => 3000, 'from' => [0, 1500], 'to' => [4000, 1500]];
        $room = (new Sketch())->chain([[-100, -100], [4100, -100], [4100, 3100], [-100, 3100]], 200)
            ->use('r', 'kitchen', 2000, 1500, ['ceiling' => $slope])->door('w3', 2100, 900);
        $ceilings = [];
        foreach (self::stretches($room) as $one) {
            $ceilings["{$one->wall->wall} ".round($one->from)] = $one->stretch->ceiling;
        }
        // along the upper wall from its left: 2000 at its end, and at 2450 of 4000 beyond the door
        self::assertEqualsWithDelta(
            ['w3 0' => 2000.0, 'w3 2450' => 2612.5, 'w2 0' => 3000.0, 'w1 0' => 2000.0, 'w4 0' => 2000.0],
            $ceilings,
            0.01,
        );
    }

    public function test_nobody_said_how_high(): void
    {
        self::assertNull(self::stretches(Sketch::room(4000, 3000, 'kitchen')->with(['ceiling' => null]))[0]->stretch->ceiling);
    }

    public function test_a_part_of_a_stretch(): void
    {
        $whole = HandPlan::wall(3000, windows: [[1000.0, 1600.0, 1000.0, 2000.0]]);
        $part = $whole->between(800.0, 1200.0);
        self::assertSame([400.0, Stretch::OPEN, Stretch::OPEN], [$part->length(), $part->left, $part->right]);
        self::assertSame([200.0, 800.0], [$part->windows[0]->left, $part->windows[0]->right]);
        self::assertSame([true, false], [$whole->between(0.0, 900.0)->left, $whole->between(0.0, 900.0)->right]);
        self::assertSame([], $whole->between(0.0, 1000.0)->windows);
        self::assertSame([200.0, 0.0], [$whole->windowed(900.0, 1200.0), $whole->windowed(1600.0, 2000.0)]);
    }

    public function test_an_island_lies_before_the_middle_of_a_wall(): void
    {
        $island = Stretch::island(HandPlan::wall(3000), 600.0, 1200.0, 1800.0);
        // units 600, aisle 1200, units 600: its back is 2400 off the wall, and it faces it
        self::assertEqualsWithDelta([600.0, 2400.0, 2400.0, 2400.0], [
            $island->face->from->x, $island->face->from->y, $island->face->to->x, $island->face->to->y,
        ], 0.01);
        self::assertEqualsWithDelta(-1.0, $island->facing()->y, 1e-9);
        self::assertEqualsWithDelta([600.0, 1800.0], [$island->band(600.0)->bounds()->left, $island->band(600.0)->bounds()->bottom], 0.01);
    }

    /** Common practice, no source. */
    public function test_usual_sizes(): void
    {
        self::assertSame(
            [600.0, 870.0, 40.0, 25.0, 350.0, 1400.0, 2120.0, 1850.0, 50.0, 200.0, 765.0, 75.0, 900.0],
            array_values((array) UnitSizes::usual(UnitSystem::Metric)),
        );
        self::assertEqualsWithDelta(
            [24.0, 34.5, 1.5, 1.0, 12.0, 54.0, 84.0, 70.0, 2.0, 8.0, 30.0, 3.0, 36.0],
            self::inInches(UnitSizes::usual(UnitSystem::Imperial)),
            1e-9,
        );
        $inches = UnitSizes::usualWidths(UnitSystem::Imperial);
        self::assertEqualsWithDelta([9.0, 48.0, 3.0], [$inches->least / 25.4, $inches->greatest / 25.4, $inches->step / 25.4], 1e-9);
        $metric = UnitSizes::usualWidths(UnitSystem::Metric);
        self::assertSame([150.0, 1200.0, 50.0], [$metric->least, $metric->greatest, $metric->step]);
    }

    /** @return list<float> */
    private static function inInches(UnitSizes $sizes): array
    {
        return [
            $sizes->depth / 25.4, $sizes->height / 25.4, $sizes->thickness / 25.4, $sizes->overhang / 25.4, $sizes->wallDepth / 25.4,
            $sizes->underside / 25.4, $sizes->top / 25.4, $sizes->refrigerator / 25.4, $sizes->air / 25.4, $sizes->hoodHeight / 25.4,
            $sizes->overCooking / 25.4, $sizes->cornerFiller / 25.4, $sizes->corner / 25.4,
        ];
    }

    private static function said(WallStretch $one): string
    {
        $end = static fn(bool $closed): string => $closed ? 'closed' : 'open';
        $windows = count($one->stretch->windows);

        return "{$one->wall->wall} ".round($one->from).'-'.round($one->to)
            .", {$end($one->stretch->left)} {$end($one->stretch->right)}, {$windows}";
    }

    /** @return list<WallStretch> */
    private static function stretches(Sketch $room): array
    {
        $home = $room->home();

        return WallStretches::of($home->rooms[0], $home);
    }
}
