<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawing\DimensionStyle;
use App\Drawing\PlanLayers;
use App\Sheets\Arrangement;
use App\Sheets\Views\PlanView;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Spatial\Home;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A plan fits when what is drawn of it, with what is written around it, just comes into the frame above the title. */
final class PlanPlaceTest extends TestCase
{
    /** A3 is 420 by 297, less 10 around and 18 for the title: 400 by 259; 7 around the plan and its marks, 300 mm of the home around. */
    #[TestWith([38_000.0, 1000.0, true])]
    #[TestWith([37_999.0, 1000.0, true])]
    #[TestWith([38_001.0, 1000.0, false])]
    #[TestWith([1000.0, 23_900.0, true])]
    #[TestWith([1000.0, 23_899.0, true])]
    #[TestWith([1000.0, 23_901.0, false])]
    public function test_the_largest_that_fits(float $width, float $depth, bool $fits): void
    {
        self::assertSame($fits, self::arranged(self::home($width, $depth)) !== null);
    }

    /** The building stands in the middle, until a terrace with 5 mm around it would come out of the frame. */
    #[TestWith([17_900.0, 195.0])]
    #[TestWith([18_000.0, 195.0])]
    #[TestWith([18_100.0, 196.0])]
    public function test_a_plan_is_moved_as_far_as_it_takes(float $left, float $x): void
    {
        $terrace = ['id' => 't', 'name' => 'T', 'outline' => [[-$left, 0], [500 - $left, 0], [500 - $left, 500], [-$left, 500]]];
        // the origin, a corner of the building, lies half of it to the left of its middle
        self::assertEqualsWithDelta(
            $x,
            (self::arranged(self::home(3000, 3000, ['terraces' => [$terrace]]))->anchors[0]->x ?? 0.0) - 15.0,
            1e-9,
        );
    }

    private static function arranged(Layout $layout): ?Arrangement
    {
        $home = new Home($layout);
        $plan = new PlanView($home, $home->plans['G'], new DimensionStyle('none'), PlanLayers::Complete, 100);

        return Arrangement::of([$plan], 10.0, 10.0, 400.0, 259.0);
    }

    /** @param array<string, mixed> $more */
    private static function home(float $width, float $depth, array $more = []): Layout
    {
        $wall = ['id' => 'w', 'from' => [0, 0], 'to' => [$width, $depth], 'thickness' => 100, 'type' => 'exterior'];

        return (new LayoutReader())->read((string) json_encode([
            'format' => 'heurema-layout', 'version' => 1, 'name' => 'H', 'units' => 'metric',
            'storeys' => [['id' => 'G', 'name' => 'G', 'walls' => [$wall], ...$more]],
        ]));
    }
}
