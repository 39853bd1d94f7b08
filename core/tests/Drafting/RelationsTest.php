<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\BesideAnother;
use Heurema\Drafting\Carried;
use Heurema\Drafting\MeasuredFrom;
use Heurema\Drafting\Surroundings;
use Heurema\Geometry\Motion;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A kitchen wall of 5 m: a refrigerator at its left, a sink, a range; turned and mirrored as well. */
final class RelationsTest extends TestCase
{
    /** @return iterable<string, array{Motion|null}> */
    public static function motions(): iterable
    {
        yield 'as drawn' => [null];
        yield 'turned' => [Motion::turned(new Point(100, 100), 127.3)];
        yield 'mirrored' => [Motion::mirrored(new Segment(new Point(2500, 0), new Point(2500, 1)))];
    }

    #[DataProvider('motions')]
    public function test_a_thing_is_placed_by_another(?Motion $motion): void
    {
        foreach ([
            ['near', 'near', 0.0], ['near', 'near', 38.1], ['centre', 'near', 600.0], ['centre', 'centre', 1000.0], ['near', 'far', 700.0],
            ['far', 'near', 900.0],
        ] as [$mine, $theirs, $distance]) {
            $home = new Home(self::done(
                self::kitchen($motion),
                new BesideAnother('sink', MeasuredFrom::from($mine), 'fridge', MeasuredFrom::from($theirs), $distance),
            ));
            [$sink, $fridge] = [$home->fixtures[1], $home->fixtures[0]];
            $apart = abs($sink->fixture->at->minus($fridge->fixture->at)->dot($sink->frame->xAxis));
            $own = ['near' => 400.0, 'centre' => 0.0, 'far' => -400.0][$mine];
            $its = ['near' => 350.0, 'centre' => 0.0, 'far' => -350.0][$theirs];
            self::assertEqualsWithDelta($distance, $apart - $own - $its, 0.001, "{$mine} {$theirs}");
            // it stays at the wall
            self::assertEqualsWithDelta(0.0, abs($sink->fixture->at->minus($fridge->fixture->at)->dot($sink->frame->yAxis)), 0.001);
        }
    }

    #[DataProvider('motions')]
    public function test_between_two_it_is_centred_or_fills_the_gap(?Motion $motion): void
    {
        $layout = self::kitchen($motion);
        $sink = static fn(Layout $one): PlacedFixture => (new Home($one))->fixtures[1];
        $around = static fn(Layout $one): Surroundings => new Surroundings($sink($one), new Home($one));
        // the fridge ends at 700, the range begins at 3200
        self::assertEqualsWithDelta(2500.0, $around($layout)->between(), 0.01);
        $centred = $around(self::done($layout, $around($layout)->centred()));
        self::assertEqualsWithDelta($centred->gaps[Surroundings::LEFT]->length(), $centred->gaps[Surroundings::RIGHT]->length(), 0.01);
        $filled = self::done($layout, $around($layout)->filled());
        self::assertEqualsWithDelta(2500.0, $sink($filled)->fixture->width, 0.01);
        self::assertEqualsWithDelta(
            [0.0, 0.0],
            [$around($filled)->gaps[Surroundings::LEFT]->length(), $around($filled)->gaps[Surroundings::RIGHT]->length()],
            0.01,
        );
    }

    public function test_what_is_near_on_all_four_sides_is_found_things_and_faces(): void
    {
        $home = Sketch::room(5000, 4000)
            ->fixture('t', 'table', 2500, 1500, 90, 1000, 800)
            ->fixture('c', 'chair', 3300, 1700, 90, 400, 400)
            ->fixture('d', 'chair', 2500, 2500, 90, 400, 400)
            ->home();
        $gaps = array_map(static fn(Segment $gap): float => round($gap->length(), 3), (new Surroundings($home->fixtures[0], $home))->gaps);
        self::assertSame(
            [Surroundings::LEFT => 2000.0, Surroundings::RIGHT => 100.0, Surroundings::FRONT => 200.0, Surroundings::BACK => 1500.0],
            $gaps,
        );
    }

    public function test_an_opening_is_placed_by_a_jamb_a_thing_a_room_and_an_outside_corner(): void
    {
        $layout = Sketch::room(5000, 4000)
            ->window('w1', 1000, 800, 1200)
            ->door('w1', 3500, 900)
            ->fixture('b', 'bed', 2200, 0, 90, 1500, 2000)
            ->layout();
        [$window, $door] = [$layout->storeys[0]->openings[0]->id, $layout->storeys[0]->openings[1]->id];
        $at = static fn(Edit $edit): float => self::done($layout, $edit)->storeys[0]->openings[0]->at;
        $by = static fn(string $one, MeasuredFrom $from, string $other, MeasuredFrom $of, float $distance): BesideAnother
            => new BesideAnother($one, $from, $other, $of, $distance);
        // w1 starts at −100, −100; inner faces at 0
        self::assertEqualsWithDelta(3500 - 450 - 200 - 400, $at($by($window, MeasuredFrom::Near, $door, MeasuredFrom::Near, 200)), 1e-3);
        self::assertEqualsWithDelta(3500 - 1500, $at($by($window, MeasuredFrom::Centre, $door, MeasuredFrom::Centre, 1500)), 0.001);
        self::assertEqualsWithDelta(2200 + 100, $at($by($window, MeasuredFrom::Centre, 'b', MeasuredFrom::Centre, 0)), 0.001);
        self::assertEqualsWithDelta(
            2500 + 100,
            $at(new BesideAnother($window, MeasuredFrom::Centre, $layout->storeys[0]->rooms[0]->id, MeasuredFrom::Centre, 0)),
            0.001,
        );
        // from the outer face of the wall at its left, 200 thick about −100
        self::assertEqualsWithDelta(-100 + 600 + 400, $at($by($window, MeasuredFrom::Near, 'w4', MeasuredFrom::Far, 600)), 0.001);
        foreach ([
            new BesideAnother('nothing', MeasuredFrom::Near, $door, MeasuredFrom::Near, 0),
            new BesideAnother($window, MeasuredFrom::Near, 'nothing', MeasuredFrom::Near, 0),
        ] as $edit) {
            try {
                self::done($layout, $edit);
                self::fail('Not refused.');
            } catch (RefusedEdit $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
    }

    private static function kitchen(?Motion $motion): Layout
    {
        $layout = Sketch::room(5000, 4000)
            ->fixture('fridge', 'refrigerator', 350, 0, 90, 700, 650)
            ->fixture('sink', 'sink', 1500, 0, 90, 800, 600)
            ->fixture('range', 'range', 3500, 0, 90, 600, 600)
            ->layout();
        $ids = [...array_column($layout->storeys[0]->walls, 'id'), 'fridge', 'sink', 'range'];

        return $motion === null ? $layout : self::done($layout, new Carried($ids, $motion, 'Carried'));
    }

    private static function done(Layout $layout, Edit $edit): Layout
    {
        return (new Editor())->apply($layout, $edit)->layout;
    }
}
