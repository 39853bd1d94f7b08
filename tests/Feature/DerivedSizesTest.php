<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Pages\Inspector\BareFloorHeights;
use App\Pages\Inspector\DerivedSizes;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\PlacedOpening;
use Heurema\Tests\Sketch;
use Tests\TestCase;

/** What the sizes of a door or a window come to, from whichever of them were said. */
final class DerivedSizesTest extends TestCase
{
    public function test_a_door_by_its_opening_its_frame_or_its_leaf(): void
    {
        $sizes = static fn(array $more): array => self::of(
            Sketch::room(4000, 3000)->door('w1', 2000, 900, self::hinged($more))->home(),
        );
        self::assertStringStartsWith('843 mm. ', $sizes([])['Clear width']);
        self::assertStringContainsString('is taken as 44 mm thick', $sizes([])['Clear width']);
        self::assertArrayNotHasKey('Play around the frame', $sizes([]));
        self::assertStringStartsWith('773 mm. ', $sizes(['frame' => 32])['Clear width']);
        $bought = $sizes(['frame' => 32, 'leaf_width' => 826, 'leaf_thickness' => 40]);
        self::assertStringStartsWith('773 mm. ', $bought['Clear width']);
        self::assertStringStartsWith('10 mm. ', $bought['Play around the frame']);
        self::assertStringNotContainsString('mm thick', $bought['Clear width'], 'nothing is taken of the leaf');
        self::assertSame(['Clear height'], array_keys(self::of(Sketch::room(4000, 3000)->door('w1', 2000, 900)->home())));
    }

    public function test_a_window(): void
    {
        $sizes = self::of(Sketch::room(4000, 3000)->window('w1', 2000, 1000, 1200, ['operation' => 'casement', 'frame' => 50])->home());
        self::assertSame(['Clear width', 'Clear height', 'Glass'], array_keys($sizes));
        self::assertStringStartsWith('900 mm. ', $sizes['Clear width']);
        self::assertStringStartsWith('0.99 m². ', $sizes['Glass']);
    }

    public function test_heights_above_the_bare_floor_count_its_finish(): void
    {
        $home = static fn(float $finish): Home => Sketch::room(4000, 3000)
            ->with(['rooms' => [
                ['id' => 'r', 'name' => 'Bath', 'use' => 'bathroom', 'at' => [2000, 1500], 'floor_finish_thickness' => $finish],
            ]])
            ->window('w1', 2000, 1000, 1200, ['sill' => 900])
            ->door('w3', 2000, 800)
            ->fixture('c', 'wall_cabinet', 1000, 0, 90, 600, 350, ['base' => 1400, 'height' => 700])
            ->fixture('m', 'mirror', 3000, 0, 90, 600, 20, ['height' => 700])
            ->home();
        $of = static fn(Home $home, PlacedFixture|PlacedOpening $placed): array => BareFloorHeights::of($placed, $home)->list();
        $with = $home(22.5);
        self::assertSame(['Bath' => ['Sill' => '922.5 mm', 'Head' => '2122.5 mm']], $of($with, $with->openings[0]));
        self::assertSame(['Bath' => ['Sill' => '22.5 mm', 'Head' => '2062.5 mm']], $of($with, $with->openings[1]));
        self::assertSame(['Bath' => ['Underside' => '1422.5 mm', 'Top' => '2122.5 mm']], $of($with, $with->fixtures[0]));
        self::assertSame([], $of($with, $with->fixtures[1]), 'how high it hangs nobody said');
        $without = Sketch::room(4000, 3000)->door('w3', 2000, 800)->home();
        self::assertSame([], $of($without, $without->openings[0]));
    }

    public function test_a_bare_opening_has_none(): void
    {
        $gap = ['id' => 'o', 'kind' => 'gap', 'wall' => 'w1', 'at' => 2000, 'width' => 900];
        self::assertSame([], self::of(Sketch::room(4000, 3000)->add('openings', $gap)->home()));
    }

    /**
     * @param array<mixed> $more
     *
     * @return array<string, mixed>
     */
    private static function hinged(array $more): array
    {
        $values = ['operation' => 'hinged'];
        foreach ($more as $key => $value) {
            $values[(string) $key] = $value;
        }

        return $values;
    }

    /** @return array<string, string> */
    private static function of(Home $home): array
    {
        return (new DerivedSizes($home->openings[0], $home))->list();
    }
}
