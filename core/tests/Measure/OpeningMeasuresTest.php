<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Measure\Measured;
use Heurema\Tests\Said;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;

final class OpeningMeasuresTest extends MeasureTestCase
{
    /** @return iterable<string, array{float, array<string, mixed>, float}> door width, what is said of it, clear width */
    public static function doors(): iterable
    {
        yield 'given' => [900, ['clear_width' => 811], 811];
        yield 'hinged, inside leaf assumed 35' => [900, ['operation' => 'hinged'], 900 - 35 - 13];
        yield 'hinged, its own leaf' => [900, ['operation' => 'hinged', 'leaf_thickness' => 40], 900 - 40 - 13];
        yield 'of two leaves one alone' => [1500, ['operation' => 'double_hinged'], 750 - 48];
        yield 'sliding' => [900, ['operation' => 'sliding'], 875];
        yield 'pocket' => [900, ['operation' => 'pocket'], 875];
        yield 'bypass' => [1800, ['operation' => 'bypass'], 875];
        yield 'folding in two leaves' => [900, ['operation' => 'folding'], 900 - 2 * 35];
        yield 'folding in four leaves' => [1800, ['operation' => 'folding'], 1800 - 4 * 35];
        yield 'overhead' => [2400, ['operation' => 'overhead'], 2400];
    }

    /** @param array<string, mixed> $said */
    #[DataProvider('doors')]
    public function test_clear_width_of_a_door_between_rooms(float $width, array $said, float $clear): void
    {
        $home = Sketch::room(6000, 5000)->wall([2500, -100], [2500, 5100])->use('b', 'study', 500, 500)->door('w5', 2500, $width, $said);
        self::assertEqualsWithDelta($clear, self::number('door.clear_width', $home, 'd'), 1e-9);
    }

    public function test_a_door_to_the_outside_has_a_thicker_leaf(): void
    {
        $measurement = self::measure('door.clear_width', Sketch::room(4000, 3000)->door('w1', 2000, 900, ['operation' => 'hinged']), 'd');
        self::assertInstanceOf(Measured::class, $measurement);
        self::assertEqualsWithDelta(900.0 - 44 - 13, $measurement->amount()->number, 1e-9);
        self::assertSame(
            ['The leaf of the lower door D1 of R is taken as 44 mm thick.', 'Stop of the frame taken as 13 mm.'],
            Said::all($measurement->assumptions),
        );
    }

    public function test_a_gap_is_clear_over_its_width(): void
    {
        $home = Sketch::room(4000, 3000)->add(
            'openings',
            ['id' => 'd', 'kind' => 'gap', 'wall' => 'w1', 'at' => 2000, 'width' => 1000, 'height' => 2100],
        );
        self::assertSame(1000.0, self::number('door.clear_width', $home, 'd'));
        self::assertSame(2100.0, self::number('door.clear_height', $home, 'd'));
    }

    public function test_what_a_door_lacks(): void
    {
        self::assertUnknown(['d.operation'], self::measure('door.clear_width', Sketch::room(4000, 3000)->door('w1', 2000, 900), 'd'));
        $home = Sketch::room(4000, 3000)->add('openings', ['id' => 'd', 'kind' => 'door', 'wall' => 'w1', 'at' => 2000]);
        self::assertUnknown(['d.width'], self::measure('door.clear_width', $home, 'd'));
        self::assertUnknown(['d.height'], self::measure('door.clear_height', $home, 'd'));
        self::assertUnknown(['d.width', 'd.height'], self::measure('door.clear_area', $home, 'd'));
    }

    public function test_clear_height_above_the_threshold(): void
    {
        $home = Sketch::room(4000, 3000)->door('w1', 2000, 900, ['threshold' => 20]);
        self::assertSame(2040.0 - 13 - 20, self::number('door.clear_height', $home, 'd'));
        $barred = Sketch::room(4000, 3000)->door('w1', 2000, 900, ['threshold' => 2040]);
        self::assertSame(0.0, self::number('door.clear_height', $barred, 'd'), 'a threshold as high as the door leaves nothing');
    }

    /**
     * @return iterable<string, array{string, float, float}> operation, clear width, clear height of a 1100 x 1300 window with frames of 50
     */
    public static function windows(): iterable
    {
        yield 'fixed' => ['fixed', 0, 0];
        yield 'casement' => ['casement', 1000, 1200];
        yield 'awning' => ['awning', 1000, 1200];
        yield 'hopper' => ['hopper', 1000, 1200];
        yield 'sliding' => ['sliding', 500, 1200];
        yield 'hung' => ['hung', 1000, 600];
        yield 'double hung' => ['double_hung', 1000, 600];
        yield 'pivot' => ['pivot', 1000, 1200];
        yield 'tilt and turn' => ['tilt_turn', 1000, 1200];
        yield 'louvred' => ['louvred', 0, 0];
    }

    #[DataProvider('windows')]
    public function test_clear_opening_of_a_window(string $operation, float $width, float $height): void
    {
        $home = Sketch::room(4000, 3000)->window('w1', 2000, 1100, 1300, ['operation' => $operation, 'frame' => 50, 'sill' => 800]);
        self::assertEqualsWithDelta($width, self::number('window.clear_width', $home, 'n'), 1e-9);
        self::assertEqualsWithDelta($height, self::number('window.clear_height', $home, 'n'), 1e-9);
        self::assertEqualsWithDelta($width * $height / 1e6, self::number('window.clear_area', $home, 'n'), 1e-9);
        self::assertSame(850.0, self::number('window.clear_sill', $home, 'n'));
    }

    public function test_given_clear_sizes_come_first(): void
    {
        $home = Sketch::room(4000, 3000)->window('w1', 2000, 1100, 1300, ['clear_width' => 700, 'clear_height' => 900]);
        self::assertEqualsWithDelta(0.63, self::number('window.clear_area', $home, 'n'), 1e-9);
        self::assertUnknown(['n.sill'], self::measure('window.clear_sill', $home, 'n'));
    }

    public function test_drop_to_the_ground_outside(): void
    {
        $home = Sketch::room(4000, 3000)->window('w1', 2000, 1100, 1300, ['sill' => 800])->document(['grade' => -450]);
        self::assertSame(1250.0, self::number('window.drop', $home, 'n'));
        $measurement = self::measure(
            'window.drop',
            Sketch::room(4000, 3000)->window('w1', 2000, 1100, 1300, ['sill' => 800])->document(['grade' => null]),
            'n',
        );
        self::assertInstanceOf(Measured::class, $measurement);
        self::assertSame(['The ground outside taken as level with elevation 0.'], Said::all($measurement->assumptions));
    }
}
