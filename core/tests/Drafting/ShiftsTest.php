<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\Carried;
use Heurema\Drafting\MoveWall;
use Heurema\Drafting\Shift;
use Heurema\Drafting\Shifts;
use Heurema\Geometry\Motion;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Layout;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\TestCase;

/** What lies elsewhere than before, and how far it went, however the home lies on the sheet. */
final class ShiftsTest extends TestCase
{
    private const IDS = ['w1', 'w2', 'w3', 'w4', 'w5', 'r', 's', 'f'];

    public function test_walls_openings_and_fixtures_and_how_far_they_went(): void
    {
        foreach ([0.0, 33.0, 90.0, -20.0] as $degrees) {
            $turn = Motion::turned(new Point(0, 0), $degrees);
            $layout = self::done($this->home(), new Carried(self::IDS, $turn, 'turned'));
            $by = static fn(float $x, float $y): Point => $turn->point(new Point($x, $y));
            self::assertSame([], self::found($layout, $layout), "{$degrees}: nothing has moved");

            // the partition goes 250 to the right, its door with it: that is told once, and the rooms stay closed
            $moved = self::done($layout, new MoveWall('w5', $by(250, 0)));
            self::assertEqualsWithDelta(['w5' => 250.0], self::found($layout, $moved), 0.01, "{$degrees}");

            $door = self::done($layout, new ChangeValues('d', ['at' => 2100]));
            self::assertEqualsWithDelta(['d' => 300.0], self::found($layout, $door), 0.01, "{$degrees}");

            $at = $layout->storeys[0]->fixtures[0]->at->plus($by(300, 400));
            $fixture = self::done($layout, new ChangeValues('f', ['at' => [$at->x, $at->y]]));
            self::assertEqualsWithDelta(['f' => 500.0], self::found($layout, $fixture), 0.01, "{$degrees}");

            // an outer wall: those that meet it become longer at one end each
            $wider = self::found($layout, self::done($layout, new MoveWall('w2', $by(120, 0))));
            self::assertEqualsWithDelta([120.0], array_values(array_unique(array_map(round(...), $wider))), 0.01);
            self::assertSame(['w1', 'w2', 'w3'], array_keys($wider));
        }
    }

    public function test_a_turned_fixture_lies_elsewhere_and_what_is_new_or_gone_has_not_moved(): void
    {
        $layout = $this->home();
        // its middle lies 1000 in front of its back
        $turned = self::done($layout, new ChangeValues('f', ['facing' => 180]));
        self::assertEqualsWithDelta(['f' => hypot(1000, 1000)], self::found($layout, $turned), 0.01);
        self::assertSame([], self::found($layout, Sketch::room(6000, 3000)->layout()));
        self::assertSame([], self::found(Sketch::room(6000, 3000)->layout(), $layout));
    }

    private function home(): Layout
    {
        return Sketch::room(6000, 3000)
            ->wall([3000, -100], [3000, 3100], 100)
            ->door('w5', 1800, 800)
            ->fixture('f', 'bed', 1500, 0, 90, 1400, 2000)
            ->with(['rooms' => [
                ['id' => 'r', 'name' => 'R', 'use' => 'bedroom', 'at' => [500, 2500]],
                ['id' => 's', 'name' => 'S', 'use' => 'living', 'at' => [4500, 1500]],
            ]])
            ->layout();
    }

    /** @return array<string, float> mm, by id */
    private static function found(Layout $before, Layout $after): array
    {
        $shifts = (new Shifts($before->storeys[0], $after->storeys[0]))->all();
        $found = array_combine(
            array_map(static fn(Shift $one): string => $one->id, $shifts),
            array_map(static fn(Shift $one): float => $one->distance(), $shifts),
        );
        ksort($found);

        return $found;
    }

    private static function done(Layout $layout, Edit $edit): Layout
    {
        return (new Editor())->apply($layout, $edit)->layout;
    }
}
