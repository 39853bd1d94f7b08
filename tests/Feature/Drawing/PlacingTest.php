<?php

declare(strict_types=1);

namespace Tests\Feature\Drawing;

use App\Board\Library;
use App\Board\NewElements;
use Heurema\Drafting\AgainstWalls;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Fixture;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Measure\Measured;
use Heurema\Measure\Parameters;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\StoreyPlan;
use Heurema\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whatever is placed at a face of whichever wall, in front of it or somewhat in it, stands in a room and in no wall. */
final class PlacingTest extends TestCase
{
    /** From the face, mm, negative in the wall. */
    private const DISTANCES = [-40.0, -10.0, -0.05, 0.0, 0.04, 0.06, 1.0, 30.0, 110.0, 200.0];

    /** @return iterable<string, array{list<array{float, float}>}> corners, counter-clockwise */
    public static function rooms(): iterable
    {
        $round = array_map(static fn(int $k): Point => Point::towards(30.0 * $k)->times(4200), range(0, 11));
        $cross = array_map(
            static fn(array $at): Point => new Point(...$at),
            [
                [0, -4000], [2600, -4000], [2600, 0], [6600, 0], [6600, 2700], [2600, 2700], [2600, 6700], [0, 6700], [0, 2700],
                [-4000, 2700], [-4000, 0], [0, 0],
            ],
        );

        yield 'twelve sides around a circle' => [self::turned($round, 0.0)];
        yield 'turned' => [self::turned($round, 11.3)];
        yield 'a cross' => [self::turned($cross, 0.0)];
        yield 'a cross, turned' => [self::turned($cross, 40.1)];
        yield 'a cross, mirrored' => [self::turned(
            array_reverse(array_map(static fn(Point $at): Point => new Point(-$at->x, $at->y), $cross)),
            0.0,
        )];
    }

    /**
     * @param list<Point> $corners
     *
     * @return list<array{float, float}>
     */
    private static function turned(array $corners, float $degrees): array
    {
        [$x, $y] = [Point::towards($degrees), Point::towards($degrees + 90)];

        return array_map(
            static fn(Point $at): array => [round($at->x * $x->x + $at->y * $y->x, 4), round($at->x * $x->y + $at->y * $y->y, 4)],
            $corners,
        );
    }

    /** @param list<array{float, float}> $corners */
    #[DataProvider('rooms')]
    public function test_every_kind_at_every_wall(array $corners): void
    {
        $home = new Home(self::layout($corners));
        $plan = $home->plans['G'];
        $settling = new AgainstWalls($plan);
        $sides = $plan->spaces[0]->sides;
        self::assertGreaterThanOrEqual(12, count($sides));
        foreach (UnitSystem::cases() as $units) {
            foreach (FixtureKind::cases() as $number => $kind) {
                ['width' => $width, 'depth' => $depth] = Library::sizes($kind, $units);
                foreach ($sides as $place => $side) {
                    $distance = self::DISTANCES[($number + $place) % count(self::DISTANCES)];
                    $pointed = $side->segment->at($side->segment->length() * [0.5, 0.02, 0.97, 0.3][
                        ($number + 2 * $place) % 4
                    ])->plus($side->segment->direction()->left()->times($distance));
                    $settled = $settling->of($pointed, $width, $depth, INF);
                    $what = "{$units->value} {$kind->value} at {$place}, {$distance} mm";
                    self::assertNotNull($settled, $what);
                    self::stands(new Fixture('f', $kind, $settled->at, $settled->facing, $width, $depth), $plan, $home, $what);
                }
            }
        }
    }

    /** @param list<array{float, float}> $corners */
    #[DataProvider('rooms')]
    public function test_a_back_is_against_the_face_that_is_pointed_at(array $corners): void
    {
        $plan = (new Home(self::layout($corners)))->plans['G'];
        foreach ($plan->spaces[0]->sides as $side) {
            foreach (self::DISTANCES as $distance) {
                $out = $side->segment->direction()->left();
                $settled = (new AgainstWalls($plan))->of($side->segment->middle()->plus($out->times($distance)), 600, 500);
                self::assertEqualsWithDelta(0.0, $side->segment->leftOf($settled->at ?? new Point(0, 0)), 0.001);
                self::assertEqualsWithDelta(1.0, Point::towards($settled->facing ?? 0.0)->dot($out), 1e-9);
            }
        }
    }

    public function test_the_middle_of_a_wall_between_two_rooms_is_either_of_them_and_of_an_outer_wall_the_room(): void
    {
        $layout = self::layout(
            [[0.0, 0.0], [6000.0, 0.0], [6000.0, 4000.0], [0.0, 4000.0]],
            [['id' => 'p', 'from' => [3000, 0], 'to' => [3000, 4000], 'thickness' => 90, 'type' => 'interior']],
        );
        $home = new Home($layout);
        foreach ([[3000, 2000], [0, 2000], [6000, 1000], [1500, 0], [4500, 4000]] as [$x, $y]) {
            $settled = (new AgainstWalls($home->plans['G']))->of(new Point($x, $y), 600, 600);
            self::assertNotNull($settled);
            self::stands(
                new Fixture('f', FixtureKind::Washer, $settled->at, $settled->facing, 600, 600),
                $home->plans['G'],
                $home,
                "{$x} {$y}",
            );
        }
    }

    public function test_a_turn_keeps_the_middle_and_ends_against_the_wall_behind(): void
    {
        $settling = new AgainstWalls((new Home(self::layout([[0.0, 0.0], [4000.0, 0.0], [4000.0, 3000.0], [0.0, 3000.0]])))->plans['G']);
        // a bed 1500 by 2000 in the middle of the room keeps its middle
        self::assertEquals(new Point(1000.0, 1500.0), $settling->facing(new Point(2000, 1500), 0.0, 1500, 2000));
        // near the left wall its back goes to it
        self::assertEqualsWithDelta([100.0, 1500.0], $settling->facing(new Point(1300, 1500), 0.0, 1500, 2000)->toArray(), 1e-6);
        // beside the lower wall it is moved off it
        self::assertEqualsWithDelta([1000.0, 850.0], $settling->facing(new Point(2000, 500), 0.0, 1500, 2000)->toArray(), 1e-6);
    }

    /**
     * @return iterable<string, array{float, float, float}> where the middle of a back at the lower wall was, its new width, where it comes
     */
    public static function resized(): iterable
    {
        yield 'in the left corner' => [400.0, 900.0, 550.0];
        yield 'in the right corner' => [3600.0, 900.0, 3450.0];
        yield 'narrower' => [400.0, 400.0, 300.0];
        yield 'free' => [2000.0, 900.0, 2000.0];
    }

    #[DataProvider('resized')]
    public function test_what_stands_in_a_corner_stays_in_it(float $at, float $width, float $expected): void
    {
        foreach ([0.0, 0.6, 2.1] as $angle) {
            $turn = static fn(float $x, float $y): array => [
                round($x * cos($angle) - $y * sin($angle), 4),
                round($x * sin($angle) + $y * cos($angle), 4),
            ];
            $plan = (new Home(self::layout([$turn(0, 0), $turn(4000, 0), $turn(4000, 3000), $turn(0, 3000)])))->plans['G'];
            $placed = new PlacedFixture(
                new Fixture('f', FixtureKind::Washer, new Point(...$turn($at, 100)), round(fmod(90 + rad2deg($angle), 360), 4), 600, 600),
                $plan,
            );
            self::assertEqualsWithDelta($turn($expected, 100), (new AgainstWalls($plan))->resized($placed, $width)->toArray(), 0.01);
        }
    }

    public function test_a_table_in_the_middle_of_a_room_stays_there(): void
    {
        $layout = self::layout([[0.0, 0.0], [6000.0, 0.0], [6000.0, 5000.0], [0.0, 5000.0]]);
        foreach ([['table', 2500.0 - 450.0], ['sofa', 100.0]] as [$kind, $y]) {
            $edit = (new NewElements($layout))->fixture(
                $layout->storeys[0],
                FixtureKind::from($kind),
                new Point(3000, $kind === 'table' ? 2500 : 2000),
                Library::sizes(FixtureKind::from($kind), $layout->units),
            );
            self::assertEqualsWithDelta($y, (new Editor())->apply($layout, $edit)->layout->storeys[0]->fixtures[0]->at->y, 0.001, $kind);
        }
    }

    private static function stands(Fixture $fixture, StoreyPlan $plan, Home $home, string $what): void
    {
        $placed = new PlacedFixture($fixture, $plan);
        self::assertNotNull($placed->room, $what);
        $inWall = Catalogue::standard()->get('fixture.in_wall')?->of($placed, $home, new Parameters([]));
        self::assertInstanceOf(Measured::class, $inWall, $what);
        self::assertSame(0.0, round($inWall->amount()->number, 1), $what);
        self::assertTrue(
            $plan->spaces[0]->outline->contains($placed->frame->toPlan(new Point(0, ($fixture->depth ?? 0.0) / 2)))
                || count($plan->spaces) > 1,
            $what,
        );
    }

    /**
     * @param list<array{float, float}>   $corners of the centre lines of walls 200 thick, counter-clockwise
     * @param list<array<string, mixed>> $others
     */
    private static function layout(array $corners, array $others = []): Layout
    {
        $walls = $others;
        foreach ($corners as $number => $from) {
            $walls[] = [
                'id' => "w{$number}",
                'from' => $from,
                'to' => $corners[($number + 1) % count($corners)],
                'thickness' => 200,
                'type' => 'exterior',
            ];
        }
        $inside = (new Segment(new Point(...$corners[0]), new Point(...$corners[1])))->middle()->plus(
            (new Segment(new Point(...$corners[0]), new Point(...$corners[1])))->direction()->left()->times(1300),
        );
        $rooms = [
            ['id' => 'r', 'name' => 'Room', 'use' => 'living', 'at' => $inside->toArray()],
            ...($others === [] ? [] : [['id' => 's', 'name' => 'Other', 'use' => 'living', 'at' => [4500, 2000]]]),
        ];
        if ($others !== []) {
            $rooms[0]['at'] = [1500, 2000];
        }

        return (new LayoutReader())->read(json_encode(
            [
                'format' => 'heurema-layout',
                'version' => 1,
                'name' => 'Room',
                'units' => 'metric',
                'storeys' => [['id' => 'G', 'elevation' => 0, 'ceiling' => 2500, 'walls' => $walls, 'rooms' => $rooms]],
            ],
            JSON_THROW_ON_ERROR,
        ));
    }
}
