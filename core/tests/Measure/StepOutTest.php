<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Tests\Sketch;
use Heurema\Units\Amount;
use PHPUnit\Framework\Attributes\DataProvider;

/** Where one steps out of a bath among cupboards, against every place tried one after the other. All lie in whole centimetres. */
final class StepOutTest extends MeasureTestCase
{
    private const BATH = [1700, 750];
    private const LOOK = 1600;

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 25) as $seed) {
            yield "seed {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_the_best_stretch_is_found(int $seed): void
    {
        mt_srand($seed);
        [$width, $depth] = self::BATH;
        $along = 10 * mt_rand(30, 170);
        $bath = Sketch::room(4000, 4000, 'bathroom')->fixture('f', 'bath', 2000, 0, 90, $width, $depth);
        $cupboards = [];
        for ($number = mt_rand(0, 4); $number > 0; --$number) {
            [$wide, $deep, $left, $away] = [20 * mt_rand(10, 40), 20 * mt_rand(10, 30), 10 * mt_rand(-60, 150), 10 * mt_rand(5, 150)];
            $cupboards[] = [$left, $left + $wide, $away];
            $bath = $bath->fixture("c{$number}", 'wardrobe', 1150 + $left + $wide / 2, $depth + $away, 90, $wide, $deep);
        }
        $best = 0;
        for ($from = 0; $from <= $width - $along; $from += 10) {
            $before = array_filter($cupboards, static fn(array $one): bool => $one[1] > $from && $one[0] < $from + $along);
            $best = max($best, min([self::LOOK, ...array_column($before, 2)]));
        }
        self::assertEqualsWithDelta($best, self::number('fixture.step_out', $bath, 'f', ['along' => Amount::length($along)]), 0.6);
    }
}
