<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\EntranceRamp;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\Move;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Landing;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\RampRun;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Ramps up to a door in every wall of a home, however it lies. */
final class EntranceRampTest extends TestCase
{
    /**
     * @return iterable<string, array{int, float, bool}> number of the wall, turn of the home in degrees, whether its walls run the other
     *                                                   way
     */
    public static function doors(): iterable
    {
        foreach ([0.0, 17.3, 90.0, 211.0] as $turn) {
            foreach ([0, 1, 2, 3] as $wall) {
                foreach ([false, true] as $isReversed) {
                    yield "wall {$wall} turned by {$turn}".($isReversed ? ', reversed' : '') => [$wall, $turn, $isReversed];
                }
            }
        }
    }

    #[DataProvider('doors')]
    public function test_it_comes_up_square_to_the_middle_of_the_door(int $wall, float $turn, bool $isReversed): void
    {
        $layout = self::layout($wall, $turn, $isReversed, -500.0);
        $built = self::built($layout, new EntranceRamp(12.0, 1200.0, 1500.0, 250.0));
        $home = new Home($built);
        [$door, $ramp] = [self::door($home), $home->ramps[0]];
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
        $parts = self::built(self::layout(0, 0.0, false, -$rise), new EntranceRamp(12.0, 1200.0, 1500.0, 250.0))->ramps[0]->parts;
        self::assertCount(2 * $runs, $parts);
        $climbed = array_map(static fn(RampRun|Landing $part): float => $part instanceof RampRun ? (float) $part->rise : 0.0, $parts);
        self::assertEqualsWithDelta($rise, array_sum($climbed), 0.001);
    }

    public function test_it_goes_along_when_the_home_is_moved_turned_or_copied_to_a_file(): void
    {
        $built = self::built(self::layout(0, 0.0, false, -500.0), new EntranceRamp(12.0, 1200.0, 1500.0, 760.0));
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
        self::built(self::layout(0, 0.0, false, $grade), new EntranceRamp(12.0, 1200.0, 1500.0, 760.0));
    }

    public function test_slopes_within_reason_are_built(): void
    {
        $home = self::layout(0, 0.0, false, -500.0);
        foreach ([[3.99, false], [4.0, true], [50.0, true], [50.01, false]] as [$slope, $isBuilt]) {
            try {
                self::assertCount(1, self::built($home, new EntranceRamp($slope, 1200.0, 1500.0, 760.0))->ramps);
                self::assertTrue($isBuilt, "{$slope}");
            } catch (RefusedEdit $e) {
                self::assertFalse($isBuilt, $e->getMessage());
            }
        }
    }

    private static function built(Layout $layout, EntranceRamp $ramp): Layout
    {
        $home = new Home($layout);

        return (new Editor())->apply($layout, $ramp->to(self::door($home), $home, 'ra1'))->layout;
    }

    private static function door(Home $home): PlacedOpening
    {
        return $home->openings[0];
    }

    private static function layout(int $wall, float $turn, bool $isReversed, ?float $grade): Layout
    {
        $corners = [[0, 0], [6000, 0], [6000, 4000], [0, 4000]];
        $place = static fn(float $x, float $y): array => Point::towards($turn)
            ->times($x)
            ->plus(Point::towards($turn)->left()->times($y))
            ->toArray();
        $walls = [];
        foreach ($corners as $number => $corner) {
            $ends = [$place(...$corner), $place(...$corners[($number + 1) % 4])];
            $walls[] = [
                'id' => "w{$number}", 'from' => $ends[$isReversed ? 1 : 0], 'to' => $ends[$isReversed ? 0 : 1], 'thickness' => 200,
                'type' => 'exterior',
            ];
        }
        $opening = [
            'id' => 'd1', 'kind' => 'door', 'wall' => "w{$wall}", 'at' => 1500, 'width' => 900, 'height' => 2000,
            'operation' => 'hinged',
        ];
        $storey = [
            'id' => 'G',
            'elevation' => 0,
            'ceiling' => 2400,
            'walls' => $walls,
            'openings' => [$opening],
            'rooms' => [['id' => 'r1', 'use' => 'hall', 'at' => $place(3000, 2000)]],
        ];
        $document = [
            'format' => 'heurema-layout',
            'version' => 1,
            'name' => 'Ramp',
            'units' => 'metric',
            ...($grade === null ? [] : ['grade' => $grade]),
            'storeys' => [$storey],
        ];

        return (new LayoutReader())->read((string) json_encode($document));
    }
}
