<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\EntranceRamp;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\Move;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Edit\Replace;
use Heurema\Layout\Landing;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\RampRun;
use Heurema\Spatial\Home;
use Heurema\Spatial\OutsideLevel;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** Ramps up to a door in every wall of a home, however it lies. */
final class EntranceRampTest extends TestCase
{
    #[DataProviderExternal(HomeWithDoor::class, 'doors')]
    public function test_it_comes_up_square_to_the_middle_of_the_door(int $wall, float $turn, bool $isReversed): void
    {
        $layout = HomeWithDoor::layout($wall, $turn, $isReversed, -500.0);
        $built = self::built($layout, new EntranceRamp(12.0, 1200.0, 1500.0, 250.0));
        $home = new Home($built);
        [$door, $ramp] = [HomeWithDoor::door($home), $home->ramps[0]];
        self::assertEquals(
            [new RampRun(3000.0, 250.0), new Landing(1500.0), new RampRun(3000.0, 250.0), new Landing(1500.0)],
            $ramp->ramp->parts,
        );
        self::assertSame(-500.0, $ramp->ramp->base);
        $half = $door->wall->thickness / 2;
        self::assertEqualsWithDelta($half, $ramp->shape->head()->middle()->distanceTo($door->middle()), 0.01);
        self::assertEqualsWithDelta(7500.0 + 1500.0 + $half, $ramp->ramp->start->distanceTo($door->middle()), 0.01);
        self::assertEqualsWithDelta(0.0, $door->wall->line()->direction()->cross($ramp->shape->head()->direction()), 1e-5);
        self::assertTrue($home->plans['G']->at($ramp->ramp->start)?->isOpenAir() ?? true, 'it begins outside');
        // built again, less steep, it is the same ramp, set anew
        $again = self::built($built, new EntranceRamp(20.0, 1000.0, 1200.0, 760.0));
        self::assertCount(1, $again->ramps);
        self::assertEquals([new RampRun(10000.0, 500.0), new Landing(1200.0)], $again->ramps[0]->parts);
        self::assertSame([$built->ramps[0]->id, 1000.0], [$again->ramps[0]->id, $again->ramps[0]->width]);
    }

    /** @return iterable<string, array{float, int}> how far the ground lies below the floor, and how many runs of at most 250 mm */
    public static function rises(): iterable
    {
        yield 'just under two runs' => [499.9, 2];
        yield 'two runs' => [500.0, 2];
        yield 'two runs but for rounding' => [500.04, 2];
        yield 'just over' => [500.1, 3];
        yield 'one' => [20.0, 1];
    }

    #[DataProvider('rises')]
    public function test_as_few_runs_as_the_highest_rise_allows(float $rise, int $runs): void
    {
        $parts = self::built(HomeWithDoor::layout(0, 0.0, false, -$rise), new EntranceRamp(12.0, 1200.0, 1500.0, 250.0))->ramps[0]->parts;
        self::assertCount(2 * $runs, $parts);
        $climbed = array_map(static fn(RampRun|Landing $part): float => $part instanceof RampRun ? (float) $part->rise : 0.0, $parts);
        self::assertEqualsWithDelta($rise, array_sum($climbed), 0.001);
    }

    public function test_it_goes_along_when_the_home_is_moved_turned_or_copied_to_a_file(): void
    {
        $built = self::built(HomeWithDoor::layout(0, 0.0, false, -500.0), new EntranceRamp(12.0, 1200.0, 1500.0, 760.0));
        self::assertEquals($built, (new LayoutReader())->read((string) json_encode($built->toArray())));
        $moved = (new Editor())->apply($built, new Move([$built->ramps[0]->id], new Point(100, 200)));
        self::assertSame([$built->ramps[0]->start->x + 100, $built->ramps[0]->start->y + 200], $moved->layout->ramps[0]->start->toArray());
        self::assertEquals($built, (new Editor())->apply($moved->layout, $moved->patch->reversed())->layout);
    }

    /** @return iterable<string, array{float|null, string}> */
    public static function refused(): iterable
    {
        yield 'ground that nobody said' => [null, 'Say how far the ground lies below the floor first'];
        yield 'ground as high as the floor' => [0.0, 'no ramp is needed'];
    }

    #[DataProvider('refused')]
    public function test_what_is_missing_is_said(?float $grade, string $why): void
    {
        $this->expectException(RefusedEdit::class);
        $this->expectExceptionMessage($why);
        self::built(HomeWithDoor::layout(0, 0.0, false, $grade), new EntranceRamp(12.0, 1200.0, 1500.0, 760.0));
    }

    public function test_slopes_within_reason_are_built(): void
    {
        $home = HomeWithDoor::layout(0, 0.0, false, -500.0);
        foreach ([[3.99, false], [4.0, true], [50.0, true], [50.01, false]] as [$slope, $isBuilt]) {
            try {
                self::assertCount(1, self::built($home, new EntranceRamp($slope, 1200.0, 1500.0, 760.0))->ramps);
                self::assertTrue($isBuilt, "{$slope}");
            } catch (RefusedEdit $e) {
                self::assertFalse($isBuilt, $e->getMessage());
            }
        }
    }

    #[DataProviderExternal(HomeWithDoor::class, 'doors')]
    public function test_one_stands_on_it_outside_the_door(int $wall, float $turn, bool $isReversed): void
    {
        $layout = HomeWithDoor::layout($wall, $turn, $isReversed, -500.0);
        $door = HomeWithDoor::door($before = new Home($layout));
        self::assertFalse(OutsideLevel::isWalkable($door, $before, 200.0));
        $built = self::built($layout, new EntranceRamp(12.0, 1200.0, 1500.0, 760.0));
        $home = new Home($built);
        self::assertEqualsWithDelta(0.0, OutsideLevel::of(HomeWithDoor::door($home), $home)->elevation, 0.001);
        self::assertTrue(OutsideLevel::isWalkable(HomeWithDoor::door($home), $home, 0.0));
        $short = self::withParts($built, [new RampRun(6000.0, 250.0), new Landing(1500.0)]);
        self::assertSame(-250.0, OutsideLevel::of(HomeWithDoor::door($short), $short)->elevation);
        $unsaid = self::withParts($built, [new RampRun(6000.0, null), new Landing(1500.0)]);
        self::assertNull(OutsideLevel::of(HomeWithDoor::door($unsaid), $unsaid)->elevation, 'a rise that nobody said');
    }

    public function test_it_is_the_doors_where_it_ends_near_it(): void
    {
        $built = self::built(HomeWithDoor::layout(0, 0.0, false, -500.0), new EntranceRamp(12.0, 1200.0, 1500.0, 760.0));
        // its end lies on the outer face of the wall, 100 mm before the line of the wall on which the door lies
        foreach ([[1399.9, true], [1400.0, true], [1400.1, false]] as [$away, $isOfIt]) {
            $moved = (new Editor())->apply($built, new Move([$built->ramps[0]->id], new Point(0, -$away)))->layout;
            $home = new Home($moved);
            self::assertSame($isOfIt, OutsideLevel::of(HomeWithDoor::door($home), $home)->ramp !== null, "{$away} mm away");
        }
    }

    /** @param list<RampRun|Landing> $parts */
    private static function withParts(Layout $layout, array $parts): Home
    {
        return new Home((new Editor())->apply($layout, new Replace($layout->ramps[0]->withParts($parts)))->layout);
    }

    private static function built(Layout $layout, EntranceRamp $ramp): Layout
    {
        $home = new Home($layout);

        return (new Editor())->apply($layout, $ramp->to(HomeWithDoor::door($home), $home, 'ra1'))->layout;
    }
}
