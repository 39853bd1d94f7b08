<?php

declare(strict_types=1);

namespace Heurema\Tests\Kitchen;

use Heurema\Kitchen\UnitSizes;
use Heurema\Kitchen\UnitWidths;
use Heurema\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Lengths filled with units, held against a search through all ways to fill them. */
final class UnitWidthsTest extends TestCase
{
    /** @return iterable<string, array{UnitWidths}> */
    public static function widths(): iterable
    {
        yield 'metric by 50' => [UnitSizes::usualWidths(UnitSystem::Metric)];
        yield 'metric by 100, from a width that is no multiple of it' => [new UnitWidths(150.0, 650.0, 100.0)];
        yield 'inches by 3' => [UnitSizes::usualWidths(UnitSystem::Imperial)];
        yield 'two widths' => [new UnitWidths(400.0, 600.0, 200.0)];
        yield 'one width' => [new UnitWidths(600.0, 600.0, 100.0)];
        yield 'a greatest width between two steps' => [new UnitWidths(300.0, 590.0, 100.0)];
    }

    #[DataProvider('widths')]
    public function test_no_better_fill_exists(UnitWidths $widths): void
    {
        mt_srand(19);
        foreach (range(1, 40) as $case) {
            $length = $case < 5 ? $widths->least * $case : mt_rand(1000, 26000) / 10;
            $fill = $widths->fill($length);
            [$left, $count, $spread] = self::best(self::made($widths), $length);
            self::assertEqualsWithDelta($left, $fill->left, 0.001, "left over of {$length}");
            self::assertCount($count, $fill->widths, "units in {$length}");
            self::assertEqualsWithDelta($spread, $fill->spread(), 0.001, "evenness in {$length}");
            self::assertEqualsWithDelta($length, array_sum($fill->widths) + $fill->left, 0.001);
            foreach ($fill->widths as $width) {
                self::assertContains(round($width, 3), array_map(static fn(float $one): float => round($one, 3), self::made($widths)));
            }
        }
    }

    #[TestWith([149.9, 0, 149.9])]
    #[TestWith([150.0, 1, 0.0])]
    #[TestWith([150.1, 1, 0.1])]
    #[TestWith([1200.0, 1, 0.0])]
    #[TestWith([1249.9, 1, 49.9])]
    #[TestWith([1250.0, 2, 0.0])]
    #[TestWith([-5.0, 0, 0.0])]
    public function test_at_the_limits(float $length, int $count, float $left): void
    {
        $fill = UnitSizes::usualWidths(UnitSystem::Metric)->fill($length);
        self::assertCount($count, $fill->widths);
        self::assertEqualsWithDelta($left, $fill->left, 0.001);
    }

    public function test_in_more_units_than_are_needed(): void
    {
        $widths = UnitSizes::usualWidths(UnitSystem::Metric);
        self::assertSame([500.0, 450.0, 450.0], $widths->inAs(3, 1420.0)->widths);
        self::assertSame([], $widths->inAs(10, 1420.0)->widths);
        self::assertSame([], $widths->inAs(0, 1420.0)->widths);
    }

    #[TestWith([975.0, 1000.0, 950.0])]
    #[TestWith([1000.0, 1000.0, 1000.0])]
    #[TestWith([1000.1, 1050.0, 1000.0])]
    #[TestWith([100.0, 150.0, null])]
    #[TestWith([1200.1, null, 1200.0])]
    public function test_the_next_width_up_and_down(float $width, ?float $up, ?float $down): void
    {
        $widths = UnitSizes::usualWidths(UnitSystem::Metric);
        self::assertSame([$up, $down], [$widths->atLeast($width), $widths->atMost($width)]);
    }

    public function test_widths_that_are_none(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        new UnitWidths(600.0, 300.0, 50.0);
    }

    /** @return non-empty-list<float> */
    private static function made(UnitWidths $widths): array
    {
        $made = [$widths->least];
        while ($made[count($made) - 1] + $widths->step <= $widths->greatest + 1e-6) {
            $made[] = $made[count($made) - 1] + $widths->step;
        }

        return $made;
    }

    /**
     * Of all ways to fill a length with up to so many units as go into it: least over, then fewest, then most even.
     *
     * @param non-empty-list<float> $made
     *
     * @return array{float, int, float}
     */
    private static function best(array $made, float $length): array
    {
        $best = [round($length, 3), 0, 0.0];
        $search = static function (float $left, int $from, array $taken) use (&$search, &$best, $made): void {
            /** @var list<float> $taken */
            $best = min($best, [round($left, 3), count($taken), $taken === [] ? 0.0 : round(max($taken) - min($taken), 3)]);
            // more units than are needed are never better: what is full is not searched on
            for ($number = $from; count($taken) < 7 && $number < count($made); ++$number) {
                if ($made[$number] <= $left + 1e-6) {
                    $search($left - $made[$number], $number, [...$taken, $made[$number]]);
                }
            }
        };
        $search($length, 0, []);

        return $best;
    }
}
