<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\JoinWalls;
use Heurema\Layout\Edit\SplitWall;
use Heurema\Layout\LayoutReader;
use Heurema\Measure\Measured;
use Heurema\Measure\NotApplicable;
use Heurema\Spatial\Home;
use Heurema\Tests\Sketch;

/** Backing in walls for grab bars; it stays where it is when walls are split and joined. */
final class BackingTest extends MeasureTestCase
{
    public function test_it_reaches_over_all_of_a_bar_on_every_wall(): void
    {
        // walls run around the room of 3000 by 2000 from 100 outside it: 1000 along each is 900 along its face
        $bars = ['w1' => [900, 0, 90], 'w2' => [3000, 900, 180], 'w3' => [2100, 2000, 270], 'w4' => [0, 1100, 0]];
        foreach ($bars as $wall => [$x, $y, $facing]) {
            foreach ([
                [[600, 1400, 700, 950], true], [[600.6, 1400, 700, 950], false], [[600, 1399.4, 700, 950], false],
                [[600, 1400, 850.6, 950], false], [[600, 1400, 850, 889], false], [[600, 1400, 850, 890], true],
            ] as [[$from, $to, $bottom, $top], $isBacked]) {
                $backing = ['from' => $from, 'to' => $to, 'bottom' => $bottom, 'top' => $top];
                $measured = self::measure('fixture.backed', self::home($wall, [$backing], [$x, $y, $facing]), 'f');
                self::assertInstanceOf(Measured::class, $measured);
                self::assertSame($isBacked, $measured->value, "{$wall}: ".implode(', ', $backing));
            }
        }
    }

    public function test_what_hangs_on_a_wall_is_at_most_60_mm_off_it(): void
    {
        $backing = ['from' => 600, 'to' => 1400, 'bottom' => 700, 'top' => 950];
        foreach ([59 => true, 60 => true, 61 => false] as $off => $hangs) {
            $measured = self::measure('fixture.backed', self::home('w1', [$backing], [900, $off, 90]), 'f');
            self::assertSame($hangs, $measured instanceof Measured, "{$off} mm");
        }
    }

    public function test_what_is_not_known(): void
    {
        self::assertUnknown(['w1.backing'], self::measure('fixture.backed', self::home('w1', [], [900, 0, 90]), 'f'));
        self::assertInstanceOf(NotApplicable::class, self::measure('fixture.backed', self::home('w1', [], [900, 500, 90]), 'f'));
    }

    public function test_it_stays_where_it_is_when_its_wall_is_split_and_joined(): void
    {
        $backing = ['from' => 600, 'to' => 1400, 'bottom' => 700, 'top' => 950];
        $layout = self::home('w1', [$backing], [900, 0, 90])->layout;
        $split = (new Editor())->apply($layout, new SplitWall('w1', 500.0, 'w9'))->layout;
        [$first, $second] = [$split->storeys[0]->wall('w1'), $split->storeys[0]->wall('w9')];
        self::assertSame([], $first?->backing);
        self::assertSame([100.0, 900.0], [$second?->backing[0]->from, $second?->backing[0]->to]);
        $joined = (new Editor())->apply($split, new JoinWalls('w1', 'w9'))->layout->storeys[0]->wall('w1');
        self::assertSame([600.0, 1400.0], [$joined?->backing[0]->from, $joined?->backing[0]->to]);
        $cut = (new Editor())->apply($layout, new SplitWall('w1', 1000.0, 'w9'))->layout->storeys[0];
        self::assertSame([600.0, 1000.0], [$cut->wall('w1')?->backing[0]->from, $cut->wall('w1')?->backing[0]->to]);
        self::assertSame([0.0, 400.0], [$cut->wall('w9')?->backing[0]->from, $cut->wall('w9')?->backing[0]->to]);
    }

    /**
     * @param list<array<string, float|int>> $backing
     * @param array{int, int, int}           $bar
     */
    private static function home(string $wall, array $backing, array $bar): Home
    {
        $layout = Sketch::room(3000, 2000, 'bathroom')
            ->fixture('f', 'grab_bar', $bar[0], $bar[1], $bar[2], 800, 60, ['base' => 850, 'height' => 40])
            ->home()->layout->toArray();
        $json = str_replace("\"id\":\"{$wall}\"", "\"id\":\"{$wall}\",\"backing\":".json_encode($backing), (string) json_encode($layout));

        return new Home((new LayoutReader())->read($json));
    }
}
