<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Measure\Measured;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\TestWith;

/** What a guard is filled with tells what passes through it and whether it is climbed, unless that was said. */
final class GuardFillingTest extends MeasureTestCase
{
    #[TestWith(['glass'])]
    #[TestWith(['solid'])]
    public function test_nothing_passes_through_what_is_closed(string $filling): void
    {
        self::assertSame(0.0, self::number('guard.largest_gap', self::guard(['filling' => $filling]), 'g'));
        self::assertFalse(self::value('guard.climbable', self::guard(['filling' => $filling]), 'g'));
    }

    #[TestWith(['bars'])]
    #[TestWith(['cables'])]
    public function test_of_others_it_has_to_be_said(string $filling): void
    {
        self::assertUnknown(['g.largest_gap'], self::measure('guard.largest_gap', self::guard(['filling' => $filling]), 'g'));
        self::assertUnknown(['g.climbable'], self::measure('guard.climbable', self::guard(['filling' => $filling]), 'g'));
        self::assertUnknown(['g.largest_gap'], self::measure('guard.largest_gap', self::guard([]), 'g'));
    }

    public function test_what_was_said_stands(): void
    {
        $guard = self::guard(['filling' => 'glass', 'largest_gap' => 60, 'climbable' => true]);
        self::assertSame(60.0, self::number('guard.largest_gap', $guard, 'g'));
        self::assertTrue(self::value('guard.climbable', $guard, 'g'));
        self::assertInstanceOf(Measured::class, self::measure('guard.climbable', self::guard(['climbable' => false]), 'g'));
    }

    /** @param array<string, mixed> $values */
    private static function guard(array $values): Sketch
    {
        return Sketch::room(4000, 3000)->add('guards', ['id' => 'g', 'line' => [[500, 500], [2500, 500]], 'height' => 1000, ...$values]);
    }
}
