<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\AxisCrossing;
use Heurema\Drafting\AxisGrid;
use Heurema\Drafting\AxisNet;
use Heurema\Drafting\AxisStretch;
use Heurema\Drafting\ColumnsAtCrossings;
use Heurema\Drafting\WallPen;
use Heurema\Drafting\WallsOnAxes;
use Heurema\Geometry\Point;
use Heurema\Layout\Axis;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\Edited;
use Heurema\Layout\Edit\EditGroup;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Fixture;
use Heurema\Layout\Layout;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Layout\Words\WallType;
use Heurema\Spatial\Home;
use Heurema\Spatial\Space;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\TestCase;

final class AxesTest extends TestCase
{
    public function test_axes_are_named_and_cross_at_the_typed_distances(): void
    {
        $layout = self::laid([3600, 4200, 3600], [3000, 5000]);
        self::assertSame(['1', '2', '3', '4', 'A', 'B', 'C'], array_map(static fn(Axis $axis): string => $axis->name, $layout->axes));
        $net = new AxisNet($layout->axes);
        self::assertSame(
            ['A/1', 'B/1', 'C/1'],
            array_map(static fn(AxisCrossing $one): string => $one->name(), $net->crossings($layout->axes[0])),
        );
        self::assertSame(
            [[0.0, 0.0], [3600.0, 0.0], [7800.0, 0.0], [11400.0, 0.0]],
            array_map(static fn(AxisCrossing $one): array => $one->at->toArray(), $net->crossings($layout->axes[4])),
        );
        self::assertCount(12, $net->allCrossings());
        self::assertCount(4 * 2 + 3 * 3, $net->allStretches());
        self::assertSame(
            ['1 to 2', '2 to 3', '3 to 4'],
            array_map(static fn(AxisStretch $one): string => $one->name(), $net->stretches($layout->axes[4])),
        );
    }

    public function test_letters_leave_out_i_and_o_and_go_on_with_two(): void
    {
        $layout = self::laid([], array_fill(0, 25, 1000.0));
        $names = array_map(static fn(Axis $axis): string => $axis->name, $layout->axes);
        self::assertSame(['H', 'J', 'K', 'L', 'M', 'N', 'P'], array_slice($names, 7, 7));
        self::assertSame(['Z', 'AA', 'AB'], array_slice($names, 23, 3));
    }

    public function test_more_axes_are_counted_on_and_none_is_laid_twice(): void
    {
        $layout = self::laid([3000], []);
        $more = self::made($layout, (new AxisGrid($layout))->lay(['y1', 'y2'], new Point(6000, 0), [2000], []))->layout;
        self::assertSame(['1', '2', '3', '4'], array_map(static fn(Axis $axis): string => $axis->name, $more->axes));
        $this->expectException(RefusedEdit::class);
        $this->expectExceptionMessage('Axis 1 lies there already');
        (new AxisGrid($layout))->lay(['y1', 'y2'], new Point(0.5, 0), [3000], []);
    }

    public function test_axes_begin_at_the_corner_of_what_is_drawn(): void
    {
        self::assertEquals(new Point(-100, -100), (new AxisGrid(Sketch::room(4000, 3000)->layout()))->usualFirst());
        self::assertEquals(new Point(0, 0), (new AxisGrid((new Sketch())->layout()))->usualFirst());
    }

    /**
     * Seeds 1 to 30, in millimetres and in inches: walls on all axes close a room in every field, of the typed distances less their
     * thickness.
     */
    public function test_walls_on_all_axes_close_every_field(): void
    {
        for ($seed = 1; $seed <= 30; ++$seed) {
            mt_srand($seed);
            $step = $seed % 2 === 0 ? 25.4 / 16 : 1.0;
            $distances = static fn(): array => array_map(
                static fn(): float => round(mt_rand((int) (1500 / $step), (int) (6000 / $step)) * $step, 4),
                range(1, mt_rand(1, 4)),
            );
            [$across, $up] = [$distances(), $distances()];
            $layout = self::laid($across, $up);
            $built = self::walls($layout, (new AxisNet($layout->axes))->allStretches());
            $areas = self::areas($built);
            $expected = [];
            foreach ($across as $column => $width) {
                foreach ($up as $row => $depth) {
                    $expected[] = ($width - self::halves($column, count($across))) * ($depth - self::halves($row, count($up))) / 1e6;
                }
            }
            sort($expected);
            self::assertEqualsWithDelta($expected, $areas, 1e-3, "seed {$seed}");
        }
    }

    public function test_chosen_stretches_are_one_wall_where_they_follow_one_another(): void
    {
        $layout = self::laid([3000, 3000, 3000], [4000]);
        $lower = (new AxisNet($layout->axes))->stretches($layout->axes[4]);
        $built = self::walls($layout, [$lower[0], $lower[1]]);
        self::assertCount(1, $built->storeys[0]->walls);
        self::assertSame(
            [[0.0, 0.0], [6000.0, 0.0]],
            [$built->storeys[0]->walls[0]->from->toArray(), $built->storeys[0]->walls[0]->to->toArray()],
        );
        $more = self::walls($built, $lower);
        self::assertCount(2, $more->storeys[0]->walls, 'only what was missing is built');
        $this->expectExceptionMessage('stand there already');
        self::walls($more, $lower);
    }

    public function test_columns_stand_with_their_middle_on_the_crossings_once(): void
    {
        $layout = self::laid([3000, 4000], [5000]);
        $crossings = (new AxisNet($layout->axes))->allCrossings();
        $set = static fn(Layout $on): Layout => self::made(
            $on,
            (new ColumnsAtCrossings($on->storeys[0], 300, 400))->set(
                $crossings,
                static fn(int $count): array => array_map(static fn(int $number): string => "c{$number}", range(1, $count)),
            ),
        )->layout;
        $columns = (new Home($set($layout)))->fixtures;
        self::assertCount(6, $columns);
        foreach ($columns as $number => $column) {
            self::assertEqualsWithDelta($crossings[$number]->at->toArray(), $column->bounds?->middle()->toArray(), 1e-6);
            self::assertEqualsWithDelta([300.0, 400.0], [$column->bounds?->width(), $column->bounds?->height()], 1e-6);
        }
        $ducts = self::made($set($layout), (new ColumnsAtCrossings($set($layout)->storeys[0], 200, 200, FixtureKind::Duct))->set(
            array_slice($crossings, 0, 2),
            static fn(int $count): array => array_map(static fn(int $number): string => "d{$number}", range(1, $count)),
        ))->layout;
        self::assertSame(
            [FixtureKind::Duct, FixtureKind::Duct],
            array_map(static fn(Fixture $one): FixtureKind => $one->kind, array_slice($ducts->storeys[0]->fixtures, 6)),
            'a duct may stand where a column does',
        );
        $this->expectExceptionMessage('Columns stand there already');
        $set($set($layout));
    }

    /** Turned by any angle, walls on the axes of a field still close it. */
    public function test_oblique_axes(): void
    {
        foreach ([7.0, 30.0, 45.0, 81.3] as $degrees) {
            $turn = static fn(Point $point): Point => new Point(
                $point->x * cos(deg2rad($degrees)) - $point->y * sin(deg2rad($degrees)),
                $point->x * sin(deg2rad($degrees)) + $point->y * cos(deg2rad($degrees)),
            );
            $axes = array_map(
                static fn(Axis $axis): Add => new Add(null, new Axis($axis->id, $axis->name, $turn($axis->from), $turn($axis->to))),
                self::laid([4000, 3000], [5000])->axes,
            );
            $layout = self::made((new Sketch())->layout(), new EditGroup($axes, 'axes'))->layout;
            self::assertEqualsWithDelta(
                [(3000 - 170) * (5000 - 240) / 1e6, (4000 - 170) * (5000 - 240) / 1e6],
                self::areas(self::walls($layout, (new AxisNet($layout->axes))->allStretches())),
                1e-3,
                "{$degrees}°",
            );
        }
    }

    /**
     * @param list<float> $across
     * @param list<float> $up
     */
    private static function laid(array $across, array $up): Layout
    {
        $layout = (new Sketch())->layout();
        $ids = array_map(static fn(int $number): string => "x{$number}", range(1, count($across) + count($up) + 2));

        return self::made($layout, (new AxisGrid($layout))->lay($ids, new Point(0, 0), $across, $up))->layout;
    }

    /** @param list<AxisStretch> $stretches outer walls are 240 mm thick, inner ones 100 mm */
    private static function walls(Layout $layout, array $stretches): Layout
    {
        $taken = count($layout->storeys[0]->walls);
        $edit = (new WallsOnAxes($layout->storeys[0], new WallPen(WallType::Exterior, 240), new WallPen(WallType::Interior, 100)))
            ->build(
                $stretches,
                static fn(int $count): array => array_map(static fn(int $number): string => 'w'.($taken + $number), range(1, $count)),
            );

        return self::made($layout, $edit)->layout;
    }

    private static function made(Layout $layout, Edit $edit): Edited
    {
        return (new Editor())->apply($layout, $edit);
    }

    /** Half the walls on both sides of a field. */
    private static function halves(int $number, int $count): float
    {
        return ($number === 0 ? 120.0 : 50.0) + ($number === $count - 1 ? 120.0 : 50.0);
    }

    /** @return list<float> of the closed spaces, m², the smallest first */
    private static function areas(Layout $layout): array
    {
        $areas = array_map(static fn(Space $space): float => $space->outline->area() / 1e6, (new Home($layout))->plans['G']->spaces);
        sort($areas);

        return $areas;
    }
}
