<?php

declare(strict_types=1);

namespace Heurema\Tests\Kitchen;

use Heurema\Geometry\Point;
use Heurema\Kitchen\UnitChange;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Units of a run in other widths and places, at a wall turned any way; by hand. */
final class UnitChangeTest extends TestCase
{
    /** @return iterable<string, array{float}> */
    public static function turns(): iterable
    {
        foreach ([0.0, 90.0, 180.0, 270.0, 33.3] as $turn) {
            yield "{$turn} degrees" => [$turn];
        }
    }

    /** A filler at the end takes up what the unit grows by: what is beyond it, and the worktop, stay. */
    #[DataProvider('turns')]
    public function test_a_filler_takes_up_the_change(float $turn): void
    {
        $wider = self::changed($turn, 'b', static fn(UnitChange $unit): Edit => $unit->resized(640, true, true));
        self::assertSame(
            ['a' => [0, 600], 'b' => [600, 1240], 'c' => [1240, 2140], 'f' => [2140, 2200], 'k' => [0, 2200], 's' => [1280, 2100]],
            $wider,
        );
        $narrower = self::changed($turn, 'b', static fn(UnitChange $unit): Edit => $unit->resized(450, true, true));
        self::assertSame(
            ['a' => [0, 600], 'b' => [600, 1050], 'c' => [1050, 1950], 'f' => [1950, 2200], 'k' => [0, 2200], 's' => [1090, 1910]],
            $narrower,
        );
    }

    /** Where it is too narrow for that, all go along, and the worktop with them. */
    #[DataProvider('turns')]
    public function test_neighbours_go_along(float $turn): void
    {
        $wider = self::changed($turn, 'b', static fn(UnitChange $unit): Edit => $unit->resized(800, true, true));
        self::assertSame(
            ['a' => [0, 600], 'b' => [600, 1400], 'c' => [1400, 2300], 'f' => [2300, 2400], 'k' => [0, 2400], 's' => [1440, 2260]],
            $wider,
        );
        $toTheLeft = self::changed($turn, 'b', static fn(UnitChange $unit): Edit => $unit->resized(500, false, true));
        self::assertSame(
            ['a' => [100, 700], 'b' => [700, 1200], 'c' => [1200, 2100], 'f' => [2100, 2200], 'k' => [100, 2200], 's' => [1240, 2060]],
            $toTheLeft,
        );
    }

    #[DataProvider('turns')]
    public function test_neighbours_keep_still(float $turn): void
    {
        $narrower = self::changed($turn, 'c', static fn(UnitChange $unit): Edit => $unit->resized(860, true, false));
        self::assertSame(
            ['a' => [0, 600], 'b' => [600, 1200], 'c' => [1200, 2060], 'f' => [2100, 2200], 'k' => [0, 2200], 's' => [1220, 2040]],
            $narrower,
        );
    }

    #[DataProvider('turns')]
    public function test_units_change_places(float $turn): void
    {
        $swapped = self::changed($turn, 'b', static fn(UnitChange $unit): Edit => $unit->swapped(true));
        self::assertSame(
            ['a' => [0, 600], 'b' => [1500, 2100], 'c' => [600, 1500], 'f' => [2100, 2200], 'k' => [0, 2200], 's' => [640, 1460]],
            $swapped,
        );
        self::assertSame($swapped, self::changed($turn, 'c', static fn(UnitChange $unit): Edit => $unit->swapped(false)));
    }

    public function test_what_cannot_be(): void
    {
        $home = self::home(0.0);
        $unit = UnitChange::of(self::placed($home, 'a'), $home);
        self::assertNotNull($unit);
        self::assertSame([false, true], [$unit->isBeside(false), $unit->isBeside(true)]);
        self::assertNull(UnitChange::of(self::placed($home, 's'), $home), 'what is set in a unit goes with it');
        foreach ([static fn(): Edit => $unit->swapped(false), static fn(): Edit => $unit->resized(0.0, true, true)] as $refused) {
            try {
                $refused();
                self::fail('It is refused.');
            } catch (RefusedEdit $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
    }

    /**
     * @param \Closure(UnitChange): Edit $change
     *
     * @return array<string, array{int, int}> where each begins and ends from the left, mm
     */
    private static function changed(float $turn, string $id, \Closure $change): array
    {
        $home = self::home($turn);
        $unit = UnitChange::of(self::placed($home, $id), $home);
        self::assertNotNull($unit);
        $after = new Home((new Editor())->apply($home->layout, $change($unit))->layout);
        $right = Point::towards($turn)->times(-1.0);
        $spans = [];
        foreach ($after->fixtures as $one) {
            $places = array_map(static fn(Point $corner): int => (int) round(4000 + $right->dot($corner)), $one->outline->points ?? []);
            $spans[$one->id()] = [min([9999, ...$places]), max([0, ...$places])];
        }
        ksort($spans);

        return $spans;
    }

    private static function placed(Home $home, string $id): PlacedFixture
    {
        return array_values(array_filter($home->fixtures, static fn(PlacedFixture $one): bool => $one->id() === $id))[0];
    }

    /** At the lower wall of a room of 4 m, turned: one faces it with its left end at the larger x. */
    private static function home(float $turn): Home
    {
        $place = static function (float $x, float $y) use ($turn): array {
            $right = Point::towards($turn);
            $at = $right->times($x)->plus($right->left()->times($y));

            return [round($at->x, 6), round($at->y, 6)];
        };
        $kitchen = (new Sketch())->chain([$place(-100, -100), $place(4100, -100), $place(4100, 3100), $place(-100, 3100)])
            ->use('r', 'kitchen', ...$place(2000, 2500));
        foreach ([
            ['a', 'base_cabinet', 0, 600, 600], ['b', 'base_cabinet', 600, 1200, 600], ['c', 'base_cabinet', 1200, 2100, 600],
            ['f', 'filler', 2100, 2200, 600], ['s', 'sink', 1240, 2060, 500], ['k', 'counter', 0, 2200, 625],
        ] as [$id, $kind, $from, $to, $depth]) {
            $at = $place(4000 - ($from + $to) / 2, 0);
            $kitchen = $kitchen->fixture($id, $kind, $at[0], $at[1], fmod(90.0 + $turn, 360.0), $to - $from, $depth);
        }

        return $kitchen->home();
    }
}
