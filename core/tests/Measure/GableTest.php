<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Geometry\Motion;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\OtherSlope;
use Heurema\Layout\Schema\UnreadableLayout;
use Heurema\Layout\SlopedCeiling;
use Heurema\Spatial\Home;
use Heurema\Tests\Sketch;
use Heurema\Units\Amount;
use PHPUnit\Framework\Attributes\DataProvider;

/** A room of 6 by 4 m under a ridge 3 m high in its middle, 1500 mm at the left eaves and 1800 at the right ones. */
final class GableTest extends MeasureTestCase
{
    private const GABLE = [
        'low' => 1500, 'high' => 3000, 'from' => [0, 2000], 'to' => [3000, 2000], 'beyond' => ['low' => 1800, 'to' => [6000, 2000]],
    ];

    public function test_the_lower_slope_counts(): void
    {
        $ceiling = new SlopedCeiling(1500, 3000, new Point(0, 2000), new Point(3000, 2000), new OtherSlope(1800, new Point(6000, 2000)));
        foreach ([0 => 1500.0, 1500 => 2250.0, 3000 => 3000.0, 4500 => 2400.0, 6000 => 1800.0] as $x => $height) {
            self::assertEqualsWithDelta($height, $ceiling->heightAt(new Point($x, 700)), 1e-9, "at {$x}");
        }
        self::assertCount(2, $ceiling->levelLines(2000.0));
        self::assertCount(1, $ceiling->levelLines(1700.0));
        self::assertSame([], $ceiling->levelLines(3000.0));
        self::assertSame(1800.0, $ceiling->slopeAt(new Point(5000, 0))->low);
        self::assertSame(1500.0, $ceiling->slopeAt(new Point(1000, 0))->low);
    }

    public function test_both_low_sides_do_not_count(): void
    {
        // 2 m high from x = 1000 to x = 5500
        self::assertEqualsWithDelta(4.5 * 4.0, self::atHeight(2000.0), 1e-6);
        self::assertEqualsWithDelta(24.0, self::atHeight(1500.0), 1e-6);
        self::assertEqualsWithDelta(0.0, self::atHeight(3000.1), 1e-6);
        self::assertEqualsWithDelta(1500.0, self::number('room.ceiling_height', self::home(), 'r'), 1e-9);
    }

    public function test_walls_reach_up_to_both_slopes(): void
    {
        // two gables of 3 m by 2250 and 3 m by 2400 in the mean, and the walls at both eaves
        $gable = 3.0 * 2.25 + 3.0 * 2.4;
        self::assertEqualsWithDelta(2 * $gable + 4.0 * 1.5 + 4.0 * 1.8, self::number('room.wall_area', self::home(), 'r'), 1e-6);
        // tiled up to 2400: of each gable the triangle above is cut off, 1200 + 1500 wide and 600 high
        $tiled = self::home(['tile_height' => 2400]);
        $cut = (1.2 + 1.5) * 0.6 / 2;
        self::assertEqualsWithDelta(2 * ($gable - $cut) + 4.0 * 1.5 + 4.0 * 1.8, self::number('room.tiled_area', $tiled, 'r'), 1e-6);
    }

    public function test_roof_windows_lie_in_the_slope_that_they_are_under(): void
    {
        $window = static fn(float $x): Home => self::home()
            ->with(['roof_windows' => [['id' => 'rw1', 'at' => [$x, 2000], 'width' => 780, 'height' => 1000]]])
            ->home();
        self::assertEqualsWithDelta(2000.0, $window(1000.0)->roofWindows[0]->sill(), 1e-9);
        self::assertEqualsWithDelta(2200.0, $window(5000.0)->roofWindows[0]->sill(), 1e-9);
        $right = $window(5000.0)->roofWindows[0]->roof?->outline()?->bounds();
        self::assertEqualsWithDelta(5000.0, $right?->right, 1e-6, 'up the slope is to the left here');
    }

    /** @return iterable<string, array{Motion}> */
    public static function motions(): iterable
    {
        yield 'turned' => [Motion::turned(new Point(0, 0), 33.0)];
        yield 'mirrored' => [Motion::mirrored(new Segment(new Point(0, 0), new Point(1, 3)))];
        yield 'moved' => [Motion::by(new Point(-9000, 500))];
    }

    #[DataProvider('motions')]
    public function test_it_goes_with_its_home(Motion $motion): void
    {
        $after = new Home(self::home()->layout()->carried($motion));
        foreach (['room.wall_area', 'room.ceiling_height'] as $measure) {
            self::assertEqualsWithDelta(self::number($measure, self::home(), 'r'), self::number($measure, $after, 'r'), 0.01, $measure);
        }
        $tall = ['height' => Amount::length(2000.0)];
        self::assertEqualsWithDelta(18.0, self::number('room.area_at_height', $after, 'r', $tall), 0.001);
    }

    public function test_a_ridge_below_an_eave_is_refused(): void
    {
        foreach ([['low' => 3001, 'to' => [6000, 2000]], ['low' => 1800, 'to' => [3000, 2000]]] as $beyond) {
            try {
                (new LayoutReader())->read(self::home(['ceiling' => [...self::GABLE, 'beyond' => $beyond]])->json());
                self::fail('it was read');
            } catch (UnreadableLayout $e) {
                self::assertStringContainsString('/ceiling/beyond/', $e->getMessage());
            }
        }
    }

    private static function atHeight(float $height): float
    {
        return self::number('room.area_at_height', self::home(), 'r', ['height' => Amount::length($height)]);
    }

    /** @param array<string, mixed> $more */
    private static function home(array $more = []): Sketch
    {
        return Sketch::room(6000, 4000)->with([
            'rooms' => [['id' => 'r', 'name' => 'Loft', 'use' => 'bedroom', 'at' => [3000, 2000], 'ceiling' => self::GABLE, ...$more]],
        ]);
    }
}
