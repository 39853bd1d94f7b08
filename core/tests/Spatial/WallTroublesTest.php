<?php

declare(strict_types=1);

namespace Heurema\Tests\Spatial;

use Heurema\Tests\Sketch;
use PHPUnit\Framework\TestCase;

final class WallTroublesTest extends TestCase
{
    public function test_walls_that_meet_have_no_gap(): void
    {
        $sketch = Sketch::room(5000, 4000)->wall([2000, -100], [2000, 4100])->wall([2000, 2000], [5000, 2000]);
        foreach (['w1', 'w2', 'w3', 'w4', 'w5', 'w6'] as $wall) {
            self::assertSame([], self::gaps($sketch, $wall), $wall);
        }
    }

    public function test_an_end_that_stops_short_is_told_with_its_gap(): void
    {
        // from the face of the far wall at y = 4000: 0, 10, 150, 150.1 and 1000 short
        foreach ([[4000.0, null], [3990.0, 10.0], [3850.0, 150.0], [3849.9, null], [3000.0, null]] as [$end, $gap]) {
            $gaps = self::gaps(Sketch::room(5000, 4000)->wall([2000, -100], [2000, $end]), 'w5');
            self::assertEqualsWithDelta($gap === null ? [] : [$gap], $gaps, 1e-6, "ending at {$end}");
        }
    }

    public function test_ends_that_miss_each_other(): void
    {
        $sketch = (new Sketch())->wall([0, 0], [2000, 0])->wall([2060, 0], [4000, 0]);
        self::assertEqualsWithDelta([60.0], self::gaps($sketch, 'w1'), 1e-6);
    }

    public function test_doubled_walls_are_told_once(): void
    {
        $plan = (new Sketch())
            ->wall([0, 0], [4000, 0])
            ->wall([3500, 30], [1000, 30])
            ->wall([0, 100], [4000, 100])
            ->wall([4000, 0], [8000, 0])
            ->home()->plans['G'];
        [$first, $second] = $plan->storey->walls;
        $doubles = $plan->troubles()->doubles($first);
        self::assertCount(1, $doubles);
        self::assertSame('w2', $doubles[0]->other);
        self::assertEqualsWithDelta(2500.0, $doubles[0]->size, 1e-6);
        self::assertSame('w3', $plan->troubles()->doubles($second)[0]->other, 'bodies 70 mm apart overlap by 30');
    }

    /** @return list<float> */
    private static function gaps(Sketch $sketch, string $wall): array
    {
        $plan = $sketch->home()->plans['G'];
        $drawn = $plan->wall($wall);
        self::assertNotNull($drawn);

        return array_map(static fn($gap): float => $gap->size, $plan->troubles()->gaps($drawn));
    }
}
