<?php

declare(strict_types=1);

namespace Heurema\Tests\Geometry;

use Heurema\Geometry\Overlap;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use PHPUnit\Framework\TestCase;

/** Slivers are judged by their width, whatever their area. */
final class SliversTest extends TestCase
{
    public function test_a_long_strip_is_a_sliver_and_a_small_square_is_none(): void
    {
        $floor = new Polygon(self::box(0, 0, 4000, 3000));
        // 0.4 mm along 3 m are 12 cm², 20 mm by 20 mm are 4 cm²
        self::assertFalse(Overlap::isWiderThan(0.5, $floor, self::box(-600, 0, 600.4, 3000)));
        self::assertTrue(Overlap::isWiderThan(0.5, $floor, self::box(-600, 0, 600.6, 3000)));
        self::assertTrue(Overlap::isWiderThan(0.5, $floor, self::box(-600, -600, 620, 620)));
        self::assertFalse(Overlap::isWiderThan(0.5, $floor, self::box(-600, -600, 600, 600)), 'what touches in a corner');
        self::assertFalse(Overlap::isWiderThan(0.5, $floor, self::box(5000, 0, 600, 600)), 'what is far off');
    }

    public function test_each_part_of_an_overlap_counts_by_itself(): void
    {
        // a fork: two prongs of 0.3 mm, then one of them of 2 mm
        $prongs = static fn(float $second): Polygon => new Polygon(new Ring([
            new Point(0, 0), new Point(1000, 0), new Point(1000, 500), new Point(1000 - $second, 500), new Point(1000 - $second, 100),
            new Point(0.3, 100), new Point(0.3, 500), new Point(0, 500),
        ]));
        $above = self::box(-10, 200, 2000, 100);
        self::assertCount(2, Overlap::parts($prongs(0.3), $above));
        self::assertFalse(Overlap::isWiderThan(0.5, $prongs(0.3), $above));
        self::assertTrue(Overlap::isWiderThan(0.5, $prongs(2.0), $above));
    }

    /** The parts have the area of the whole, whatever the outline: against clipping on a fine raster. */
    public function test_parts_of_outlines_with_bays_have_the_area_of_what_is_in_common(): void
    {
        mt_srand(11);
        for ($try = 0; $try < 40; ++$try) {
            $comb = [new Point(0, 0), new Point(1000, 0)];
            foreach (range(4, 0) as $tooth) {
                $height = mt_rand(200, 900);
                array_push(
                    $comb,
                    new Point($tooth * 200 + 200, $height),
                    new Point($tooth * 200 + 100, $height),
                    new Point($tooth * 200 + 100, 100),
                    new Point($tooth * 200, 100),
                );
            }
            $polygon = new Polygon((new Ring($comb))->counterClockwise());
            $window = self::box(mt_rand(-100, 500), mt_rand(0, 400), mt_rand(100, 800), mt_rand(50, 500));
            $step = 5.0;
            $hits = 0;
            for ($x = $step / 2; $x < 1000; $x += $step) {
                for ($y = $step / 2; $y < 1000; $y += $step) {
                    $hits += $polygon->contains(new Point($x, $y)) && $window->contains(new Point($x, $y)) ? 1 : 0;
                }
            }
            self::assertEqualsWithDelta($hits * $step * $step, Overlap::area($polygon, $window), 12000.0);
        }
    }

    private static function box(float $x, float $y, float $width, float $height): Ring
    {
        return Ring::rectangle(new Point($x, $y), new Point($width, 0), new Point(0, $height));
    }
}
