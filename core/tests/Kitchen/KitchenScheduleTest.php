<?php

declare(strict_types=1);

namespace Heurema\Tests\Kitchen;

use Heurema\Geometry\Point;
use Heurema\Kitchen\GiveMarks;
use Heurema\Kitchen\KitchenSchedule;
use Heurema\Kitchen\ScheduledUnit;
use Heurema\Kitchen\WorktopPiece;
use Heurema\Spatial\Home;
use Heurema\Tests\Measure\DrawnKitchen;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A kitchen of 4 m by 3 m, turned and mirrored, in a schedule. */
final class KitchenScheduleTest extends TestCase
{
    /** @return iterable<string, array{float, bool}> */
    public static function homes(): iterable
    {
        foreach ([0.0, 90.0, 180.0, 270.0, 41.5] as $turn) {
            yield "{$turn} degrees" => [$turn, false];
            yield "{$turn} degrees, mirrored" => [$turn, true];
        }
    }

    /** Mirrored, left and right change places: the same units are numbered from the other end. */
    #[DataProvider('homes')]
    public function test_units_are_numbered_from_the_left_as_one_faces_them(float $turn, bool $isMirrored): void
    {
        $schedule = self::schedule($turn, $isMirrored);
        $ids = array_map(static fn(ScheduledUnit $one): string => $one->fixture->id(), $schedule->units);
        // at the lower wall one faces down: what has the larger x is at the left
        $stand = ['f', 'c', 's', 'b', 'a'];
        $hang = ['h', 'w'];
        self::assertSame($isMirrored ? [...array_reverse($stand), ...array_reverse($hang)] : [...$stand, ...$hang], $ids);
        self::assertSame(
            ['K1', 'K2', 'K3', 'K4', 'K5', 'K6', 'K7'],
            array_map(static fn(ScheduledUnit $one): string => $one->mark, $schedule->units),
        );
    }

    #[DataProvider('homes')]
    public function test_worktops_and_what_is_cut_out_of_them(float $turn, bool $isMirrored): void
    {
        $schedule = self::schedule($turn, $isMirrored);
        self::assertCount(1, $schedule->worktops);
        self::assertEqualsWithDelta(2100.0 * 630.0, $schedule->worktops[0]->area(), 1.0);
        $cut = $schedule->worktops[0]->cutOuts[0];
        self::assertCount(1, $schedule->worktops[0]->cutOuts);
        // the top from 0 to 2100, the sink from 1050 to 1850: 250 to its end at the larger x, 1050 to the other
        $sides = $isMirrored ? [$cut->right, $cut->left] : [$cut->left, $cut->right];
        self::assertEqualsWithDelta(
            [250.0, 1050.0, 70.0, 60.0, 800.0, 500.0],
            [...$sides, $cut->front, $cut->back, $cut->width, $cut->depth],
            0.01,
        );
    }

    /** Two legs of 3000 and 1375 around a corner, 625 deep; upstands along the walls behind them, 3000 and 2000, and at one end. */
    #[DataProvider('homes')]
    public function test_a_worktop_of_one_piece_around_a_corner(float $turn, bool $isMirrored): void
    {
        $pieces = static function (?bool $isOnePiece) use ($turn, $isMirrored): array {
            $kitchen = DrawnKitchen::at([
                [[['a', 'counter', 1000, 4000]], 'bottom'], [[['b', 'counter', 625, 2000]], 'right'],
            ], $turn, $isMirrored);
            foreach (['a', 'b'] as $id) {
                $kitchen = $kitchen->sized('fixtures', $id, ['depth' => 625, 'base' => 870, 'height' => 40, 'upstand' => 100])
                    ->sized('fixtures', $id, $isOnePiece === null ? [] : ['one_piece' => $isOnePiece]);
            }
            $home = $kitchen->home();

            return array_map(
                static fn(WorktopPiece $one): array => [count($one->parts), round($one->area() / 1e4, 2), round($one->upstand, 1)],
                KitchenSchedule::of($home->rooms[0], $home)->worktops,
            );
        };
        self::assertSame([[2, 273.44, 5000.0]], $pieces(true));
        self::assertSame([[1, 187.5, 3625.0], [1, 85.94, 1375.0]], $pieces(false));
        self::assertSame([[1, 187.5, 3625.0], [1, 85.94, 1375.0]], $pieces(null));
    }

    /** Legs no more than 1 mm apart, or one no more than that over the other, go on into each other. */
    #[TestWith([0.9, 0.0, 1])]
    #[TestWith([1.0, 0.0, 1])]
    #[TestWith([1.1, 0.0, 2])]
    #[TestWith([0.0, 0.9, 1])]
    #[TestWith([0.0, 1.0, 1])]
    #[TestWith([0.0, 1.1, 2])]
    public function test_when_legs_are_of_one_piece(float $apart, float $over, int $pieces): void
    {
        $said = ['height' => 40, 'one_piece' => true];
        $home = Sketch::room(4000, 3000, 'kitchen')
            ->fixture('a', 'counter', 2000, 0, 90, 4000, 625, ['base' => 870, ...$said])
            ->fixture('b', 'counter', 4000, 1625 + $apart, 180, 2000, 625, ['base' => 870 + $over, ...$said])->home();
        self::assertCount($pieces, KitchenSchedule::of($home->rooms[0], $home)->worktops);
    }

    /** They meet over 10 mm at the least. */
    #[TestWith([9.9, 2])]
    #[TestWith([10.0, 1])]
    #[TestWith([10.1, 1])]
    public function test_over_how_much_legs_meet(float $along, int $pieces): void
    {
        $said = ['base' => 870, 'height' => 40, 'one_piece' => true];
        $home = Sketch::room(6000, 4000, 'kitchen')
            ->fixture('a', 'counter', 1000, 0, 90, 2000, 625, $said)
            ->fixture('b', 'counter', 2000 - $along, 1125, 0, 1000, 625, $said)->home();
        self::assertCount($pieces, KitchenSchedule::of($home->rooms[0], $home)->worktops);
    }

    /** An upstand stands at a wall no more than 5 mm away. */
    #[TestWith([4.9, 2000.0])]
    #[TestWith([5.0, 2000.0])]
    #[TestWith([5.1, 0.0])]
    public function test_an_upstand_stands_at_a_wall(float $off, float $length): void
    {
        $home = Sketch::room(4000, 3000, 'kitchen')
            ->fixture('a', 'counter', 2000, $off, 90, 2000, 625, ['base' => 870, 'height' => 40, 'upstand' => 100])->home();
        self::assertEqualsWithDelta($length, KitchenSchedule::of($home->rooms[0], $home)->upstands(), 0.01);
    }

    #[DataProvider('homes')]
    public function test_runs_and_lengths(float $turn, bool $isMirrored): void
    {
        $schedule = self::schedule($turn, $isMirrored);
        [$run] = $schedule->runs;
        // 0 to 3000, in a room of 4000: 1000 are more than is left over
        self::assertEqualsWithDelta(3000.0, $run->length, 0.01);
        $ends = $isMirrored ? [$run->right, $run->left] : [$run->left, $run->right];
        self::assertNull($ends[0]);
        self::assertEqualsWithDelta(0.0, $ends[1], 0.01);
        self::assertSame(1, $schedule->endPanels());
        self::assertEqualsWithDelta([50.0, 2150.0, 900.0], [$schedule->fillers(), $schedule->plinth(), $schedule->cornice()], 0.01);
    }

    public function test_doors_by_width(): void
    {
        $doors = static fn(string $kind, float $width): ?int => KitchenSchedule::of(
            ($home = Sketch::room(4000, 3000, 'kitchen')->fixture('u', $kind, 2000, 0, 90, $width, 600)->home())->rooms[0],
            $home,
        )->units[0]->doors();
        self::assertSame(
            [1, 2, 0, 0],
            [$doors('base_cabinet', 610), $doors('base_cabinet', 610.1), $doors('range', 900), $doors('filler', 50)],
        );
    }

    public function test_a_room_without_units_has_an_empty_one(): void
    {
        $home = Sketch::room(4000, 3000)->home();
        $schedule = KitchenSchedule::of($home->rooms[0], $home);
        self::assertSame([[], [], []], [$schedule->units, $schedule->worktops, $schedule->runs]);
        self::assertSame(
            [0.0, 0.0, 0.0, 0],
            [$schedule->plinth(), $schedule->cornice(), $schedule->fillers(), $schedule->endPanels()],
        );
    }

    private static function schedule(float $turn, bool $isMirrored): KitchenSchedule
    {
        $place = static function (float $x, float $y) use ($turn, $isMirrored): array {
            $right = Point::towards($turn);
            $at = $right->times($isMirrored ? -$x : $x)->plus($right->left()->times($y));

            return [round($at->x, 6), round($at->y, 6)];
        };
        $facing = fmod(90.0 + $turn, 360.0);
        $kitchen = (new Sketch())->chain([$place(-100, -100), $place(4100, -100), $place(4100, 3100), $place(-100, 3100)])
            ->use('r', 'kitchen', ...$place(2000, 2500));
        foreach ([
            ['a', 'base_cabinet', 0, 1000, 0, 600, ['height' => 870]], ['b', 'filler', 1000, 1050, 0, 600, ['height' => 870]],
            ['s', 'sink', 1050, 1850, 60, 500, ['height' => 910]], ['c', 'base_cabinet', 1050, 2150, 0, 600, ['height' => 870]],
            ['f', 'refrigerator', 2400, 3000, 0, 600, ['height' => 1800]], [
                'k',
                'counter',
                0,
                2100,
                0,
                630,
                ['base' => 870, 'height' => 40],
            ],
            ['w', 'wall_cabinet', 0, 900, 0, 350, ['base' => 1400, 'height' => 700]],
            ['h', 'hood', 1000, 1600, 0, 500, ['base' => 1650, 'height' => 200]],
        ] as [$id, $kind, $from, $to, $off, $depth, $more]) {
            $at = $place(($from + $to) / 2, $off);
            $kitchen = $kitchen->fixture($id, $kind, $at[0], $at[1], $facing, $to - $from, $depth, $more);
        }
        $home = new Home(GiveMarks::to($kitchen->layout()));

        return KitchenSchedule::of($home->rooms[0], $home);
    }
}
