<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\EntranceSteps;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\Editor;
use Heurema\Spatial\Home;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\TestCase;

/** Steps at one door are built at another one like them, and fitted to it, on every wall. */
final class EntranceStepsTest extends TestCase
{
    public function test_what_was_built_at_a_door_is_read_off_again_and_built_at_another(): void
    {
        foreach (['w1', 'w2', 'w3', 'w4'] as $wall) {
            foreach (['w1', 'w2', 'w3', 'w4'] as $other) {
                $home = Sketch::room(5000, 4000, 'hall')->document(['grade' => -500])
                    ->door($wall, 1200, 900)->door($other, 3000, 1000, ['id' => 'e'])->home();
                self::assertNull(EntranceSteps::nearest($home->openings[0], $home));
                $asked = new EntranceSteps(170.0, 280.0, 900.0, 150.0);
                $built = self::made($home, $asked->to($home->openings[0], $home, 's1'));
                $like = EntranceSteps::nearest($built->openings[1], $built);
                self::assertEqualsWithDelta(
                    [500 / 3, 280.0, 900.0, 150.0],
                    [$like?->highest, $like?->tread, $like?->landing, $like?->margin],
                    0.001,
                    "{$wall} {$other}",
                );
                $both = $like === null ? $built : self::made($built, $like->to($built->openings[1], $built, 's2'));
                self::assertSame([900.0 + 300, 1000.0 + 300], array_map(
                    static fn($stair): ?float => $stair->stair->width,
                    $both->stairs,
                ));
                self::assertSame([3, 3], array_map(static fn($stair): int => $stair->stair->risers(), $both->stairs));
            }
        }
    }

    private static function made(Home $home, Edit $edit): Home
    {
        return new Home((new Editor())->apply($home->layout, $edit)->layout);
    }
}
