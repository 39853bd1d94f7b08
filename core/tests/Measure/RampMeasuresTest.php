<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Geometry\Overlap;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Ramp;
use Heurema\Measure\Measured;
use Heurema\Measure\NotApplicable;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedRamp;
use Heurema\Tests\Said;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;

/** Ramps beside a room of 4 by 3 m, lying in the open air below it. */
final class RampMeasuresTest extends MeasureTestCase
{
    private const RUN = ['run' => ['length' => 6000, 'rise' => 500]];
    private const UNSAID = ['landing' => ['turn' => 'none']];

    public function test_the_steepest_run_decides_the_slope(): void
    {
        self::assertEqualsWithDelta(1 / 12, self::number('ramp.slope', self::home([self::RUN]), 'ra'), 1e-12);
        $two = self::home([self::RUN, ['landing' => ['depth' => 1500]], ['run' => ['length' => 4000, 'rise' => 400]]]);
        self::assertEqualsWithDelta(0.1, self::number('ramp.slope', $two, 'ra'), 1e-12);
        $measured = self::measure('ramp.slope', $two, 'ra');
        self::assertInstanceOf(Measured::class, $measured);
        self::assertSame(['It climbs 400 mm over 4000 mm: 10 %, 1 in 10.0.'], Said::all($measured->working));
    }

    /** ADA Standards 405.3: 1 in 48. */
    public function test_the_run_that_falls_most_to_one_side_decides_the_cross_slope(): void
    {
        $run = static fn(?array $edges): array => ['run' => [...self::RUN['run'], ...($edges === null ? [] : ['edges' => $edges])]];
        self::assertEqualsWithDelta(1 / 48, self::number('ramp.cross_slope', self::home([$run([25, 0])]), 'ra'), 1e-12);
        self::assertEqualsWithDelta(1 / 48, self::number('ramp.cross_slope', self::home([$run([5, 30])]), 'ra'), 1e-12);
        self::assertSame(0.0, self::number('ramp.cross_slope', self::home([$run([12, 12])]), 'ra'));
        $landing = ['landing' => ['depth' => 1500]];
        $several = self::home([$run([0, 12]), $landing, $run(null), $landing, $run([24, 0])]);
        $measured = self::measure('ramp.cross_slope', $several, 'ra');
        self::assertInstanceOf(Measured::class, $measured);
        self::assertEqualsWithDelta(0.02, $measured->amount()->number, 1e-12);
        self::assertSame(['It falls 24 mm to one side over 1200 mm: 2 %.'], Said::all($measured->working));
        self::assertSame(['A run whose edges nobody measured is taken to be level across.'], Said::all($measured->assumptions));
        $level = self::measure('ramp.cross_slope', self::home([$run(null)]), 'ra');
        self::assertInstanceOf(Measured::class, $level);
        self::assertSame([0.0, 1], [$level->amount()->number, count($level->assumptions)]);
        $narrow = self::home([$run([0, 12])], ['width' => null]);
        self::assertUnknown(['ra.width'], self::measure('ramp.cross_slope', $narrow, 'ra'));
        self::assertSame(0.0, self::number('ramp.cross_slope', self::home([$run(null)], ['width' => null]), 'ra'));
    }

    public function test_a_rise_that_nobody_said_is_missing_by_its_name(): void
    {
        $home = self::home([self::RUN, ['landing' => ['depth' => 1500]], ['run' => ['length' => 4000]]]);
        foreach (['ramp.slope', 'ramp.run_rise', 'ramp.total_rise'] as $name) {
            self::assertUnknown(['ra.parts.2.run.rise'], self::measure($name, $home, 'ra'));
        }
    }

    public function test_runs_climb_together_until_a_landing(): void
    {
        $steep = ['run' => ['length' => 1000, 'rise' => 100]];
        $home = self::home([self::RUN, $steep, ['landing' => ['depth' => 1500, 'turn' => 'left']], $steep]);
        self::assertEqualsWithDelta(600.0, self::number('ramp.run_rise', $home, 'ra'), 1e-9);
        self::assertEqualsWithDelta(700.0, self::number('ramp.total_rise', $home, 'ra'), 1e-9);
    }

    public function test_handrails_stand_in_from_the_sides(): void
    {
        self::assertEqualsWithDelta(1200.0, self::number('ramp.width', self::home([self::RUN]), 'ra'), 1e-9);
        $railed = self::home([self::RUN], ['handrails' => ['left' => 900, 'right' => 950]]);
        self::assertEqualsWithDelta(1200.0 - 2 * 88.9, self::number('ramp.width', $railed, 'ra'), 1e-9);
        self::assertSame([2.0, 900.0, 950.0], [
            self::number('ramp.handrails', $railed, 'ra'),
            self::number('ramp.handrail_height', $railed, 'ra'),
            self::number('ramp.handrail_height', $railed, 'ra', ['of' => 'highest']),
        ]);
        $one = self::home([self::RUN], ['handrails' => ['left' => null, 'right' => 950]]);
        self::assertSame(1.0, self::number('ramp.handrails', $one, 'ra'));
        $none = self::home([self::RUN], ['handrails' => ['left' => null, 'right' => null]]);
        self::assertSame(0.0, self::number('ramp.handrails', $none, 'ra'));
        self::assertInstanceOf(NotApplicable::class, self::measure('ramp.handrail_height', $none, 'ra'));
        foreach ([null, ['left' => 900]] as $half) {
            self::assertUnknown(['ra.handrails'], self::measure('ramp.handrails', self::home([self::RUN], ['handrails' => $half]), 'ra'));
        }
        self::assertUnknown(['ra.width'], self::measure('ramp.width', self::home([self::RUN], ['width' => null]), 'ra'));
    }

    public function test_the_least_landing_counts(): void
    {
        $home = self::home([
            self::RUN,
            ['landing' => ['depth' => 1400]],
            self::RUN,
            ['landing' => ['depth' => 1300, 'turn' => 'right']],
            self::RUN,
        ]);
        self::assertEqualsWithDelta(1300.0, self::number('ramp.landing', $home, 'ra'), 1e-6);
        self::assertEqualsWithDelta(1400.0, self::number('ramp.landing', $home, 'ra', ['at' => 'between']), 1e-6);
        self::assertEqualsWithDelta(1300.0, self::number('ramp.landing', $home, 'ra', ['at' => 'turn']), 1e-6);
        self::assertInstanceOf(NotApplicable::class, self::measure('ramp.landing', self::home([self::RUN]), 'ra', ['at' => 'turn']));
        $unsaid = self::home([self::RUN, self::UNSAID, self::RUN]);
        self::assertUnknown(['ra.parts.1.landing.depth'], self::measure('ramp.landing', $unsaid, 'ra'));
    }

    /** @return iterable<string, array{float}> millimetres from the head of the ramp to the face of the wall that it climbs towards */
    public static function ends(): iterable
    {
        yield 'at once' => [0.0];
        yield 'some' => [914.0];
        yield 'just short of the reach' => [1999.0];
    }

    #[DataProvider('ends')]
    public function test_the_floor_at_its_head_is_free_up_to_a_wall(float $free): void
    {
        // the outer face of the lower wall lies at -200
        $home = self::home([self::RUN], ['start' => [2000, -200 - $free - 6000], 'facing' => 90]);
        self::assertEqualsWithDelta($free, self::number('ramp.landing', $home, 'ra', ['at' => 'head']), 0.5);
        self::assertEqualsWithDelta(2000.0, self::number('ramp.landing', $home, 'ra', ['at' => 'foot']), 0.5);
    }

    /** @return iterable<string, array{string, float}> turn of a landing, and direction of the climb */
    public static function turns(): iterable
    {
        foreach (['none', 'left', 'right', 'back_left', 'back_right'] as $turn) {
            foreach ([0.0, 90.0, 217.5] as $facing) {
                yield "{$turn}, {$facing}" => [$turn, $facing];
            }
        }
    }

    #[DataProvider('turns')]
    public function test_its_parts_adjoin_and_do_not_overlap(string $turn, float $facing): void
    {
        $ramp = self::placed([self::RUN, ['landing' => ['depth' => 1500, 'turn' => $turn, 'gap' => 200]], self::RUN], $facing);
        [$first, $landing, $second] = $ramp->shape->parts;
        self::assertLessThan(1e-6, $first->way->to->distanceTo($landing->way->from));
        self::assertLessThan(1e-6, $landing->end->middle()->distanceTo($second->way->from));
        foreach ([[$first, $landing], [$landing, $second], [$first, $second]] as [$one, $other]) {
            self::assertEqualsWithDelta(
                0.0,
                Overlap::area(new Polygon($one->outline->counterClockwise()), $other->outline->counterClockwise()),
                1.0,
            );
        }
        // what follows a part lies to the left of its end, and is as wide
        foreach ($ramp->shape->parts as $part) {
            self::assertEqualsWithDelta(1200.0, $part->end->length(), 1e-6);
        }
        self::assertEqualsWithDelta(0.0, $first->end->direction()->left()->minus(Point::towards($facing))->length(), 1e-9);
        self::assertEqualsWithDelta(0.0, $ramp->shape->foot->direction()->left()->plus(Point::towards($facing))->length(), 1e-9);
        $on = ['none' => 0.0, 'left' => 90.0, 'right' => -90.0, 'back_left' => 180.0, 'back_right' => 180.0][$turn];
        self::assertLessThan(1e-9, $second->way->direction()->distanceTo(Point::towards($facing + $on)));
    }

    public function test_what_is_drawn_at_its_ends_counts_there(): void
    {
        $depth = static fn(int $depth): array => ['landing' => ['depth' => $depth]];
        $home = self::home([$depth(1000), self::RUN, $depth(1200), self::RUN, $depth(1100)]);
        foreach (['foot' => 1000.0, 'between' => 1200.0, 'head' => 1100.0] as $at => $size) {
            self::assertEqualsWithDelta($size, self::number('ramp.landing', $home, 'ra', ['at' => $at]), 1e-6, $at);
        }
        self::assertEqualsWithDelta(1000.0, self::number('ramp.landing', $home, 'ra'), 1e-6);
    }

    public function test_landings_lie_between_and_beside_runs(): void
    {
        foreach ([[], [self::UNSAID], [self::RUN, self::UNSAID, self::UNSAID, self::RUN]] as $parts) {
            try {
                self::ramp($parts, []);
                self::fail('It was read.');
            } catch (RefusedEdit $e) {
                self::assertStringContainsString('/parts: expected', $e->getMessage());
            }
        }
    }

    /**
     * @param list<array<string, mixed>> $parts
     * @param array<string, mixed>       $more
     */
    private static function ramp(array $parts, array $more): Ramp
    {
        $values = ['id' => 'ra', 'storey' => 'G', 'start' => [9000, -8000], 'facing' => 90, 'width' => 1200, 'parts' => $parts, ...$more];
        $ramp = Draft::read(ElementList::Ramps, $values);
        self::assertInstanceOf(Ramp::class, $ramp);

        return $ramp;
    }

    /**
     * @param list<array<string, mixed>> $parts
     * @param array<string, mixed>       $more
     */
    private static function home(array $parts, array $more = []): Home
    {
        return new Home(Sketch::room(4000, 3000)->layout()->withLists(['ramps' => [self::ramp($parts, $more)]]));
    }

    /** @param list<array<string, mixed>> $parts */
    private static function placed(array $parts, float $facing): PlacedRamp
    {
        return self::home($parts, ['facing' => $facing])->ramps[0];
    }
}
