<?php

declare(strict_types=1);

namespace Heurema\Tests\Spatial;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Spatial\Home;
use Heurema\Spatial\Space;
use Heurema\Spatial\WallJoints;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Walls where they meet: what stays a room, how large it is, and what is told. */
final class WallJointsTest extends TestCase
{
    /** @return iterable<string, array{float}> by how much a partition ends short of, or beyond, a wall's line, mm */
    public static function shorts(): iterable
    {
        foreach ([0.0, 0.002, 0.01, 0.05, 0.3, 5.0, 9.9] as $short) {
            yield "{$short} mm short of the face" => [$short];
        }
    }

    #[DataProvider('shorts')]
    public function test_an_end_that_nearly_touches_parts_the_rooms(float $short): void
    {
        foreach ([100.0, 0.0] as $thickness) {
            $type = $thickness > 0 ? 'interior' : 'divider';
            $home = Sketch::room(5000, 4000)
                ->wall([2000, 0], [2000, 4000 - $short], $thickness, $type)
                ->use('s', 'study', 500, 500)
                ->home();
            $areas = self::areas($home);
            self::assertCount(2, $areas, "a wall of {$thickness} mm");
            self::assertEqualsWithDelta(5000 * 4000 - 4000 * $thickness, array_sum($areas), 2000.0);
        }
    }

    /** Up to 10 mm short of the face is a slip, more is a gap; both are told. */
    #[TestWith([10.0, 2])]
    #[TestWith([10.2, 1])]
    public function test_a_gap_is_closed_up_to_ten_millimetres(float $short, int $rooms): void
    {
        $home = Sketch::room(5000, 4000)->wall([2000, -100], [2000, 4000 - $short])->home();
        self::assertCount($rooms, self::areas($home));
        $plan = $home->plans['G'];
        self::assertEqualsWithDelta($short, $plan->troubles()->gaps($plan->storey->walls[4])[0]->size, 1e-6);
    }

    /** A wall that comes at another by less than a sine of 0.1, some 5.7 degrees, runs along it and is not drawn out to it. */
    #[TestWith([0.0995, false])]
    #[TestWith([0.1005, true])]
    public function test_walls_that_run_nearly_along_each_other_do_not_meet(float $sine, bool $meet): void
    {
        $home = Sketch::room(5000, 4000)->home();
        $side = $home->plans['G']->storey->walls[0];
        $end = new Point(3000.0, -95.0);
        $line = new Segment($end->plus(new Point(-2000 * sqrt(1 - $sine ** 2), 2000 * $sine)), $end);
        self::assertSame($meet, WallJoints::meeting($line, $side) !== null);
    }

    /** Outside a corner walls are mitred up to four times the half of the thicker one: above 2 arcsin 1/4, 28.96 degrees. */
    #[TestWith([29.5, true])]
    #[TestWith([28.5, false])]
    public function test_a_corner_too_sharp_is_cut_off(float $degrees, bool $isMitred): void
    {
        foreach ([[100.0, 100.0], [200.0, 100.0], [100.0, 200.0]] as [$first, $second]) {
            [$c, $s] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];
            $mass = (new Sketch())
                ->wall([5000, 0], [0, 0], $first, 'exterior')
                ->wall([0, 0], [5000 * $c, 5000 * $s], $second, 'exterior')
                ->wall([5000 * $c, 5000 * $s], [5000, 0], $first, 'exterior')
                ->home()->plans['G']->mass;
            // the lines of the two outer faces: y = -first / 2 and s x - c y = -second / 2
            $tip = new Point((-$second / 2 - $c * $first / 2) / $s, -$first / 2);
            $isSharp = hypot($tip->x, $tip->y) > 2 * max($first, $second);
            self::assertSame($first === $second ? $isMitred : !$isSharp, $mass->contains($tip->times(0.97)));
        }
    }

    /** @return iterable<string, array{float, float}> thicknesses of two walls that meet in a corner */
    public static function thicknesses(): iterable
    {
        yield 'alike' => [200.0, 200.0];
        yield 'thick and thin' => [300.0, 100.0];
        yield 'very thick and thin' => [450.0, 90.0];
    }

    /** Inner faces meet in a room of exactly the size that its inner faces leave, for any angle between 45 and 135 degrees. */
    #[DataProvider('thicknesses')]
    public function test_inner_faces_of_walls_of_any_thickness_meet_without_a_pocket(float $first, float $second): void
    {
        foreach ([45.0, 60.0, 90.0, 110.0, 135.0] as $angle) {
            [$c, $s] = [cos(deg2rad($angle)), sin(deg2rad($angle))];
            // a parallelogram, its walls along the outer side of 5000 by 4000 in the clear
            $home = (new Sketch())
                ->wall([0, 0], [6000, 0], $first, 'exterior')->wall([6000, 0], [6000 + 5000 * $c, 5000 * $s], $second, 'exterior')
                ->wall(
                    [6000 + 5000 * $c, 5000 * $s],
                    [5000 * $c, 5000 * $s],
                    $first,
                    'exterior',
                )->wall([5000 * $c, 5000 * $s], [0, 0], $second, 'exterior')
                ->use('r', 'living', 3000 + 2500 * $c, 2500 * $s)->home();
            $clear = (6000 - $second / $s) * (5000 * $s - $first);
            self::assertCount(1, $home->plans['G']->spaces, "{$angle} degrees");
            self::assertEqualsWithDelta($clear, self::areas($home)[0], 500.0, "{$angle} degrees");
        }
    }

    public function test_pieces_off_by_some_millimetres_are_joined_and_none_is_turned(): void
    {
        $home = (new Sketch())->chain([[-100, -100], [5100, -100], [5100, 4100], [-100, 4100]])
            ->wall([2000, -100], [2000, 2000])
            ->wall([2008, 2000], [2008, 4100])
            ->use('a', 'study', 500, 500)
            ->use('b', 'bedroom', 4000, 500)
            ->home();
        $a = $home->rooms[0]->outline();
        self::assertNotNull($a);
        self::assertEqualsWithDelta(1950 * 2000 + 1958 * 2000, $a->area(), 9000.0);
        foreach ($a->outer->edges() as $edge) {
            $direction = $edge->direction();
            self::assertLessThan(1e-9, min(abs($direction->x), abs($direction->y)), 'every face still runs along or across');
        }
    }

    public function test_the_order_in_which_dividers_are_listed_changes_nothing(): void
    {
        $lines = [[[2000, 0], [2000, 4000]], [[0, 2000], [2000, 2000]], [[2000, 1500], [5000, 1500]]];
        $areas = [];
        foreach ([[0, 1, 2], [2, 1, 0], [1, 2, 0]] as $order) {
            $sketch = Sketch::room(5000, 4000);
            foreach ($order as $number) {
                $sketch = $sketch->wall($lines[$number][0], $lines[$number][1], 0, 'divider');
            }
            $found = self::areas($sketch->home());
            sort($found);
            $areas[] = $found;
        }
        self::assertEqualsWithDelta($areas[0], $areas[1], 1.0);
        self::assertEqualsWithDelta($areas[0], $areas[2], 1.0);
        self::assertCount(4, $areas[0]);
    }

    public function test_no_false_alarm_for_a_nib_or_for_walls_with_one_face_in_line(): void
    {
        $nib = Sketch::room(5000, 4000)->wall([2000, -100], [2000, 140])->home()->plans['G'];
        self::assertSame([], $nib->troubles()->gaps($nib->storey->walls[4]), 'shorter than 150 mm, it ends where it is meant to');
        // 300 and 200 mm with their inner faces in one line
        $aligned = (new Sketch())
            ->wall([0, 0], [3000, 0], 300, 'exterior')
            ->wall([3000, 50], [6000, 50], 200, 'exterior')
            ->home()->plans['G'];
        self::assertSame([], $aligned->troubles()->gaps($aligned->storey->walls[0]));
        self::assertSame([], $aligned->troubles()->doubles($aligned->storey->walls[0]));
    }

    public function test_spaces_keep_their_ids_when_a_wall_moves_and_concentric_ones_differ(): void
    {
        $ids = static fn(float $x): array => array_map(
            static fn($space): string => $space->id(),
            Sketch::room(5000, 4000)->wall([$x, -100], [$x, 4100])->home()->plans['G']->closedSpaces(),
        );
        self::assertSame($ids(2000), $ids(2002));
        $rings = (new Sketch())
            ->chain([[0, 0], [6000, 0], [6000, 6000], [0, 6000]])
            ->chain([[2000, 2000], [4000, 2000], [4000, 4000], [2000, 4000]])
            ->home()->plans['G']
            ->closedSpaces();
        self::assertCount(2, array_unique(array_map(static fn($space): string => $space->id(), $rings)));
    }

    /** @return list<float> mm², of every closed space */
    private static function areas(Home $home): array
    {
        return array_map(static fn(Space $space): float => $space->outline->area(), $home->plans['G']->spaces);
    }
}
