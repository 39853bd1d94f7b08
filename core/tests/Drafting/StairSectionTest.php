<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\StairParts;
use Heurema\Drafting\StairSection;
use Heurema\Geometry\Ring;
use Heurema\Layout\Flight;
use Heurema\Layout\Winders;
use Heurema\Layout\Words\Turn;
use Heurema\Spatial\Home;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\LeastOpening;
use Heurema\Spatial\Stair\StepKind;
use Heurema\Tests\Measure\HeadroomTest;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\TestCase;

final class StairSectionTest extends TestCase
{
    public function test_a_straight_stair_is_cut_along_its_middle(): void
    {
        $section = self::section(HeadroomTest::stairwell(void: [1550, 1375, 2450, 4500]));
        self::assertCount(14, $section->steps);
        self::assertEqualsWithDelta(
            [3500.0, 0.0, 250.0, 180.0, 360.0],
            [$section->run, $section->steps[0]->from, $section->steps[0]->to, $section->steps[0]->level, $section->steps[0]->next],
            1e-6,
        );
        // the nosing line: level before the first nosing, 0.72 mm a mm from it on
        self::assertEqualsWithDelta(
            [0.0, 180.0, 180 + 0.72 * 1000, 2700.0],
            [$section->nosingLine(-10), $section->nosingLine(0), $section->nosingLine(1000), $section->nosingLine(3501)],
            1e-6,
        );
        // lowest where the opening begins, 375 mm along
        self::assertEqualsWithDelta([2000.0, 375.0], [$section->lowest?->height, $section->lowestX], 10.0);
        $floors = array_filter($section->covers, static fn($cover): bool => str_starts_with($cover->cover->name, 'the floor'));
        self::assertCount(2, $floors, 'the floor before the opening and behind the head');
        self::assertEqualsWithDelta(
            375.0,
            min([
                INF,
                ...array_map(
                    static fn($floor): float => max(array_map(static fn(array $point): float => $point[0], $floor->underside)),
                    $floors,
                ),
            ]),
            10.0,
        );
    }

    public function test_a_landing_is_walked_around_its_corner(): void
    {
        $parts = [
            ['flight' => ['risers' => 3, 'tread' => 250]],
            ['landing' => ['depth' => 900, 'turn' => 'left']],
            ['flight' => ['risers' => 12, 'tread' => 250]],
        ];
        $section = self::section(HeadroomTest::stairwell(stair: ['parts' => $parts]));
        $landing = array_values(array_filter($section->steps, static fn($step): bool => $step->kind === StepKind::Landing))[0];
        // 450 mm in, 450 mm out
        self::assertEqualsWithDelta([500.0, 1400.0, 540.0, 540.0], [$landing->from, $landing->to, $landing->level, $landing->next], 1e-6);
        self::assertEqualsWithDelta(500.0 + 900.0 + 11 * 250.0, $section->run, 1e-6);
    }

    public function test_the_smallest_opening(): void
    {
        $opening = LeastOpening::of(self::climb(HeadroomTest::stairwell()->home()), 2000.0);
        self::assertInstanceOf(Ring::class, $opening);
        $box = $opening->bounds();
        self::assertEqualsWithDelta([1550.0, 1375.0, 2450.0, 4500.0], [$box->left, $box->bottom, $box->right, $box->top], 1e-6);
        // with it the headroom is what was wanted
        $drawn = HeadroomTest::stairwell(void: [$box->left, $box->bottom, $box->right, $box->top])->home();
        self::assertEqualsWithDelta(2000.0, StairSection::of(self::climb($drawn), $drawn)->lowest?->height, 1e-6);
        self::assertSame(
            ['U.floor_thickness'],
            LeastOpening::of(self::climb(HeadroomTest::stairwell(upper: ['floor_thickness' => null])->home()), 2000.0),
        );
    }

    public function test_the_opening_over_a_turn_follows_it(): void
    {
        $parts = [
            ['flight' => ['risers' => 6, 'tread' => 250]],
            ['landing' => ['depth' => 900, 'turn' => 'left']],
            ['flight' => ['risers' => 9, 'tread' => 250]],
        ];
        $opening = LeastOpening::of(
            self::climb(HeadroomTest::stairwell(stair: ['start' => [3500, 1000], 'parts' => $parts])->home()),
            2000.0,
        );
        self::assertInstanceOf(Ring::class, $opening);
        // it begins 375 mm up the first flight and goes around the corner: 1250 − 375 and the landing's 900 by 900, then 8 treads
        self::assertEqualsWithDelta((875 * 900 + 900 * 900 + 2000 * 900) / 1e6, $opening->area() / 1e6, 1e-6);
        self::assertCount(6, $opening->points);
    }

    public function test_flights_share_other_risers_in_proportion(): void
    {
        $stair = static fn(array $parts) => Sketch::room(4000, 6000)->stair(['parts' => $parts])->layout()->stairs[0];
        $flight = static fn(int $risers): array => ['flight' => ['risers' => $risers, 'tread' => 250]];
        $landing = ['landing' => ['depth' => 900, 'turn' => 'left']];
        $risers = static function (?array $parts): array {
            return array_map(
                static fn(Flight $flight): int => $flight->risers,
                array_values(array_filter($parts ?? [], static fn(mixed $part): bool => $part instanceof Flight)),
            );
        };
        self::assertSame([2, 13], $risers(StairParts::of($stair([$flight(2), $landing, $flight(12)]), 15, 260)));
        self::assertSame([1, 1], $risers(StairParts::of($stair([$flight(2), $landing, $flight(12)]), 2, 260)));
        self::assertNull(StairParts::of($stair([$flight(2), $landing, $flight(12)]), 1, 260));
        self::assertSame([5, 5, 6], $risers(StairParts::of($stair([$flight(5), $landing, $flight(5), $landing, $flight(6)]), 16, 260)));
        $wound = StairParts::of($stair([$flight(5), ['winders' => ['risers' => 3, 'turn' => 'left']], $flight(5)]), 15, 260);
        self::assertSame([6, 6], $risers($wound));
        self::assertEquals(new Winders(3, Turn::Left), $wound[1] ?? null);
    }

    private static function section(Sketch $sketch): StairSection
    {
        $home = $sketch->home();

        return StairSection::of(self::climb($home), $home);
    }

    private static function climb(Home $home): Climb
    {
        $climb = Climb::of($home->stairs[0]);
        self::assertInstanceOf(Climb::class, $climb);

        return $climb;
    }
}
