<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\ElevationFixture;
use Heurema\Drafting\ElevationOpening;
use Heurema\Drafting\RoomElevations;
use Heurema\Drafting\WallElevation;
use Heurema\Geometry\Segment;
use Heurema\Layout\LayoutReader;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Tests\FurnishedPlan;
use Heurema\Tests\Proof\Redrawn;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The walls of a room seen from the front, held against the plan. */
final class RoomElevationsTest extends TestCase
{
    /** A room of 4 by 3 m with a window in its north wall, a door in its east wall and a sink at its south wall. */
    public function test_left_and_right_are_as_one_sees_them_from_inside(): void
    {
        $walls = self::walls(self::kitchen());
        self::assertSame(
            [4000.0, 3000.0, 4000.0, 3000.0],
            array_map(static fn(WallElevation $wall): float => round($wall->length(), 3), $walls),
        );
        [$north, $east, $south, $west] = $walls;
        // the window begins 500 mm from the west end of the north wall: at its left, when one looks north
        self::assertSame([[500.0, 1700.0, 900.0, 1900.0]], self::openings($north));
        // the door is 300 mm from the north end of the east wall: at its left, when one looks east
        self::assertSame([[300.0, 1100.0, 0.0, 2000.0]], self::openings($east));
        self::assertSame([[], []], [self::openings($south), self::openings($west)]);
        // the sink is 600 mm from the west end: at the right, when one looks south
        self::assertSame([[2800.0, 3400.0, 0.0, 900.0, true]], self::fixtures($south));
        self::assertSame([[600.0, 1200.0, 0.0, 900.0, false]], self::fixtures($north));
        self::assertSame([[0.0, 2400.0], [4000.0, 2400.0]], $north->ceiling);
    }

    /** @return iterable<string, array{string}> */
    public static function homes(): iterable
    {
        foreach (['orchard-terrace', 'ferry-cottage', 'lantern-row', 'heron-bungalow', 'quarry-flat', 'weir-cabin'] as $home) {
            yield $home => [(string) file_get_contents(dirname(__DIR__, 3)."/database/demo/{$home}.json")];
        }
        foreach ([1, 2, 3, 4, 5, 6, 7, 8] as $seed) {
            yield "generated {$seed}" => [(string) json_encode(FurnishedPlan::document($seed, 3 + $seed % 4))];
        }
    }

    #[DataProvider('homes')]
    public function test_the_walls_of_every_room_go_around_it_once(string $json): void
    {
        $home = new Home((new LayoutReader())->read($json));
        foreach ($home->rooms as $room) {
            $walls = RoomElevations::of($room, $home);
            $outline = $room->outline();
            if ($outline === null) {
                self::assertSame([], $walls);
                continue;
            }
            $sum = array_sum(array_map(static fn(WallElevation $wall): float => $wall->length(), $walls));
            self::assertEqualsWithDelta(
                array_sum(array_map(static fn(Segment $edge): float => $edge->length(), $outline->outer->edges())),
                $sum,
                5.0,
                $room->name(),
            );
            foreach ($walls as $number => $wall) {
                $next = $walls[($number + 1) % count($walls)];
                self::assertLessThan(2.0, $wall->face->to->distanceTo($next->face->from), $room->name());
                // the floor lies to the right of who walks along it
                self::assertTrue($outline->contains($wall->face->offset(-5.0)->middle()), $room->name());
                foreach ($wall->openings as $opening) {
                    $middle = $wall->face->at(($opening->left + $opening->right) / 2);
                    self::assertLessThanOrEqual(
                        $opening->opening->wall->thickness,
                        $opening->opening->span()->distanceTo($middle),
                        $opening->opening->name(),
                    );
                }
            }
        }
    }

    /** Turned, a home has the same walls, begun elsewhere; in a mirror left is right and the way around is the other. */
    #[DataProvider('homes')]
    public function test_turned_and_mirrored_homes_have_the_same_walls(string $json): void
    {
        /** @var array<string, mixed> $document */
        $document = json_decode($json, true);
        $drawn = Redrawn::of($document);
        $first = new Home((new LayoutReader())->read($json));
        foreach ([[90.0, false], [213.0, false], [0.0, true]] as [$degrees, $isMirrored]) {
            if ($isMirrored && !$drawn->canBeMirrored()) {
                continue;
            }
            $other = ($isMirrored ? $drawn->mirrored() : $drawn)->turned($degrees, 0.001)->document();
            $home = new Home((new LayoutReader())->read((string) json_encode($other)));
            foreach ($first->rooms as $room) {
                $there = $home->room($room->id());
                self::assertInstanceOf(RoomSpace::class, $there);
                $after = RoomElevations::of($there, $home);
                foreach (RoomElevations::of($room, $first) as $number => $wall) {
                    $same = array_filter($after, static fn(WallElevation $one): bool => self::areSame($wall, $one, $isMirrored));
                    self::assertNotSame([], $same, "{$room->name()}, wall {$number}, {$degrees} degrees");
                    unset($after[array_key_first($same)]);
                }
                self::assertSame([], $after);
            }
        }
    }

    /**
     * A ceiling that slopes along a wall falls on it, one that slopes across it does not; a ridge makes a gable.
     *
     * @param array{int, int}           $from
     * @param array{int, int}           $to
     * @param array{int, int}|null      $beyond
     * @param list<array{float, float}> $line
     */
    #[TestWith([[0, 1500], [4000, 1500], null, [[0.0, 2000.0], [4000.0, 3000.0]]])]
    #[TestWith([[0, 1500], [2000, 1500], [4000, 1500], [[0.0, 2000.0], [2000.0, 3000.0], [4000.0, 2000.0]]])]
    #[TestWith([[2000, 3000], [2000, 0], null, [[0.0, 2000.0], [4000.0, 2000.0]]])]
    public function test_the_line_of_a_sloped_ceiling(array $from, array $to, ?array $beyond, array $line): void
    {
        $ceiling = [
            'low' => 2000,
            'high' => 3000,
            'from' => $from,
            'to' => $to,
            ...$beyond === null ? [] : ['beyond' => ['low' => 2000, 'to' => $beyond]],
        ];
        $home = new Home(self::alone('bedroom', ['ceiling' => $ceiling])->layout());
        $north = RoomElevations::of($home->room('r2') ?? self::fail('no room'), $home)[0];
        self::assertEqualsWithDelta($line, $north->ceiling, 0.01);
    }

    /** Walls are cut where they meet in inner corners; beyond an outer corner and at an open border nothing is. */
    public function test_walls_are_cut_at_both_ends(): void
    {
        self::assertSame([200.0, 200.0, 200.0, 200.0, 200.0, 200.0, 200.0, 200.0], self::cuts(self::alone('bedroom', [])));
        // an L: the inward corner is an outer one as one looks at it
        $corners = [[0, 0], [4000, 0], [4000, 3000], [2000, 3000], [2000, 1500], [0, 1500]];
        $ell = self::cuts((new Sketch())->chain($corners)->use('r', 'bedroom', 3000, 500));
        self::assertCount(12, $ell);
        self::assertCount(2, array_filter($ell, is_null(...)));
        $open = (new Sketch())->chain([[0, 0], [4000, 0], [4000, 3000], [0, 3000]])->wall([2000, 0], [2000, 3000], 0, 'divider')
            ->use('r', 'bedroom', 1000, 500);
        self::assertCount(2, array_filter(self::cuts($open), is_null(...)));
    }

    /** @return list<float|null> at the left and the right of each wall in turn */
    private static function cuts(Sketch $sketch): array
    {
        $cuts = [];
        foreach (self::walls(new Home($sketch->layout())) as $wall) {
            array_push($cuts, ...$wall->cuts);
        }

        return $cuts;
    }

    public function test_what_nobody_said_is_named_and_not_drawn(): void
    {
        $home = new Home(
            Sketch::room(4000, 3000)
                ->with(['ceiling' => null])
                ->fixture('m', 'mirror', 2000, 3000, 270, 600, 20, ['height' => 800, 'name' => 'Mirror'])
                ->fixture('b', 'bed', 1000, 0, 90, 1000, 2000, ['name' => 'Bed'])
                ->layout(),
        );
        [$north, , $south] = RoomElevations::of($home->rooms[0], $home);
        self::assertSame([[], ['Mirror M1 in R'], []], [$north->ceiling, $north->unknown, $north->fixtures]);
        self::assertSame(['Bed BD1 in R'], $south->unknown);
        self::assertSame(2400.0, $north->height());
    }

    /** What is 60 mm from a wall stands at it, what is 2500 mm from it is still seen before it. */
    #[TestWith([60.0, true])]
    #[TestWith([60.1, false])]
    #[TestWith([2500.0, false])]
    #[TestWith([2500.1, null])]
    public function test_what_is_at_a_wall_and_what_before_it(float $away, ?bool $isAtWall): void
    {
        $home = new Home(
            Sketch::room(6000, 5000)->fixture('t', 'table', 3000, 5000 - $away, 270, 1000, 500, ['height' => 750])->layout(),
        );
        $fixtures = RoomElevations::of($home->rooms[0], $home)[0]->fixtures;
        self::assertSame($isAtWall, $fixtures === [] ? null : $fixtures[0]->isAtWall);
    }

    public function test_soffits_and_tiles_are_on_the_walls_that_they_touch(): void
    {
        $home = new Home(
            self::alone('bathroom', ['tile_height' => 1200])
                ->add('soffits', ['id' => 's', 'outline' => [[0, 2400], [1500, 2400], [1500, 3000], [0, 3000]], 'underside' => 2100])
                ->layout(),
        );
        [$north, $east, $south, $west] = RoomElevations::of($home->room('r2') ?? self::fail('no room'), $home);
        self::assertSame([[[0.0, 1500.0, 2100.0]], [], [], [[2400.0, 3000.0, 2100.0]]], [
            $north->soffits, $east->soffits, $south->soffits, $west->soffits,
        ]);
        self::assertSame([1200.0, 1200.0], [$north->tiles, $south->tiles]);
    }

    private static function kitchen(): Home
    {
        return new Home(
            Sketch::room(4000, 3000, 'kitchen')
                ->window('w3', 3000, 1200, 1000, ['sill' => 900])
                ->door('w2', 2400, 800, ['height' => 2000])
                ->fixture('s', 'sink', 900, 0, 90, 600, 600, ['height' => 900])
                ->layout(),
        );
    }

    /**
     * @param array<string, mixed> $more of the room
     */
    private static function alone(string $use, array $more): Sketch
    {
        return (new Sketch())->chain([[-100, -100], [4100, -100], [4100, 3100], [-100, 3100]], 200)->use('r2', $use, 2000, 1500, $more);
    }

    /** @return list<WallElevation> */
    private static function walls(Home $home): array
    {
        return RoomElevations::of($home->rooms[0], $home);
    }

    /** @return list<array{float, float, float, float|null}> */
    private static function openings(WallElevation $wall): array
    {
        return array_map(static fn(ElevationOpening $one): array => [
            round($one->left, 3) + 0.0, round($one->right, 3), $one->sill, $one->head,
        ], $wall->openings);
    }

    /** @return list<array{float, float, float, float, bool}> */
    private static function fixtures(WallElevation $wall): array
    {
        return array_map(static fn(ElevationFixture $one): array => [
            round($one->left(), 3) + 0.0, round($one->right(), 3), round($one->bottom(), 3), round($one->top(), 3), $one->isAtWall,
        ], $wall->fixtures);
    }

    /** Is the same seen, to the millimetre? In a mirror left is right. */
    private static function areSame(WallElevation $one, WallElevation $other, bool $isMirrored): bool
    {
        [$seen, $there] = [self::seen($one, $isMirrored), self::seen($other, false)];
        foreach ($seen as $id => [$left, $right]) {
            if (!isset($there[$id]) || abs($there[$id][0] - $left) > 1.5 || abs($there[$id][1] - $right) > 1.5) {
                return false;
            }
        }

        return abs($one->length() - $other->length()) < 1.5 && $one->isOpen === $other->isOpen && count($seen) === count($there);
    }

    /** @return array<string, array{float, float}> left and right by id */
    private static function seen(WallElevation $wall, bool $isMirrored): array
    {
        $length = $wall->length();
        $span = static fn(float $left, float $right): array => $isMirrored ? [$length - $right, $length - $left] : [$left, $right];
        $seen = [];
        foreach ($wall->openings as $one) {
            $seen[$one->opening->id()] = $span($one->left, $one->right);
        }
        foreach ($wall->fixtures as $one) {
            $seen[$one->fixture->id()] = $span($one->left(), $one->right());
        }

        return $seen;
    }
}
