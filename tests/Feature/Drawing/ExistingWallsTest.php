<?php

declare(strict_types=1);

namespace Tests\Feature\Drawing;

use App\Drawing\DimensionStyle;
use App\Drawing\LabelPlace;
use App\Drawing\PlanDrawing;
use Heurema\Spatial\Home;
use Heurema\Spatial\WallDatum;
use Heurema\Tests\Sketch;
use Tests\TestCase;

/** Existing walls are told from new ones where both stand. */
final class ExistingWallsTest extends TestCase
{
    public function test_existing_walls_are_lighter_beside_new_ones(): void
    {
        $altered = self::home(['status' => 'existing'], []);
        self::assertSame(1, substr_count(self::plan($altered), 'class="wall-existing"'));
        self::assertStringContainsString('walls that stood before are grey', (new DimensionStyle())->says($altered->layout));
        foreach ([self::home([], []), self::home(['status' => 'existing'], ['status' => 'existing'], 'existing')] as $alike) {
            self::assertStringNotContainsString('wall-existing', self::plan($alike));
            self::assertStringNotContainsString('grey', (new DimensionStyle())->says($alike->layout));
        }
    }

    public function test_dimensions_to_bare_structure_say_of_which_walls_it_is_not_known(): void
    {
        $bare = static fn(Home $home): string => (new DimensionStyle(datum: WallDatum::Structure))->says($home->layout);
        $lined = ['lining' => [12.5, 12.5]];
        self::assertStringContainsString('of 4 walls the linings are not known', $bare(self::home([], [])));
        self::assertStringContainsString('of 2 walls the linings are not known', $bare(self::home($lined, $lined)));
        self::assertStringNotContainsString('linings', (new DimensionStyle())->says(self::home([], [])->layout));
    }

    /**
     * @param array<string, mixed> $first
     * @param array<string, mixed> $second
     */
    private static function home(array $first, array $second, string $rest = 'new'): Home
    {
        $sketch = (new Sketch())->use('r', 'hall', 2000, 1500);
        foreach ([[[0, 0], [4000, 0]], [[4000, 0], [4000, 3000]], [[4000, 3000], [0, 3000]], [[0, 3000], [0, 0]]] as $number => $ends) {
            $sketch->wall($ends[0], $ends[1], 200, 'exterior', ['status' => $rest, ...[$first, $second, [], []][$number]]);
        }

        return $sketch->home();
    }

    private static function plan(Home $home): string
    {
        return (new PlanDrawing($home, $home->plans['G'], new LabelPlace($home, 20.0)))->layers();
    }
}
