<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\TapedPull;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Spatial\Home;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\TestCase;

/** A wall is pulled to what was taped, at either end, on homes that lie in any direction; the rooms stay closed. */
final class TapedPullTest extends TestCase
{
    public function test_the_wall_at_either_end_moves_so_far_that_the_drawing_agrees(): void
    {
        foreach ([0, 30, 90, 201.5] as $degrees) {
            foreach (['from' => 'w4', 'to' => 'w2'] as $end => $expected) {
                foreach ([3950.0, 4000.0, 4120.5] as $measured) {
                    $home = self::home($degrees, [0, 1500], [4000, 1500], $measured);
                    $taped = $home->layout->survey[0];
                    $walls = TapedPull::walls($taped, $home->plans['G']);
                    self::assertSame($expected, $walls[$end]->id);
                    $pull = new TapedPull('m', $walls[$end]->id, $end === 'from');
                    $pulled = new Home((new Editor())->apply($home->layout, $pull)->layout);
                    $after = $pulled->layout->survey[0];
                    self::assertEqualsWithDelta($measured, $after->from->distanceTo($after->to), 0.001, "{$degrees} {$end}");
                    $area = $pulled->room('r')?->outline()?->area() ?? 0.0;
                    self::assertEqualsWithDelta($measured * 3000.0, $area, 20.0, "{$degrees} {$end}: the room is as wide as taped");
                    self::assertEqualsWithDelta(0.0, ($end === 'from' ? $taped->to : $taped->from)->distanceTo(
                        $end === 'from' ? $after->to : $after->from,
                    ), 0.001);
                }
            }
        }
    }

    public function test_only_walls_across_are_offered(): void
    {
        $oblique = self::home(0, [0, 500], [4000, 2500], 4000.0);
        self::assertSame([], TapedPull::walls($oblique->layout->survey[0], $oblique->plans['G']));
        $short = self::home(0, [0, 1500], [3000, 1500], 3000.0);
        self::assertSame(['from'], array_keys(TapedPull::walls($short->layout->survey[0], $short->plans['G'])));
    }

    public function test_a_wall_is_at_an_end_within_1_mm_of_its_face(): void
    {
        foreach ([3999 => true, 4001 => true, 3998 => false, 4002 => false] as $to => $isThere) {
            $home = self::home(0, [0, 1500], [$to, 1500], 4000.0);
            self::assertSame($isThere, isset(TapedPull::walls($home->layout->survey[0], $home->plans['G'])['to']), "{$to}");
        }
    }

    public function test_a_height_moves_no_wall(): void
    {
        $home = Sketch::room(4000, 3000)->document(['survey' => [[
            'id' => 'm', 'storey' => 'G', 'from' => [0, 0], 'to' => [0, 0], 'measured' => 2400, 'of' => 'r', 'height' => 'ceiling',
        ]]])->home();
        self::assertSame([], TapedPull::walls($home->layout->survey[0], $home->plans['G']));
        $this->expectException(RefusedEdit::class);
        (new Editor())->apply($home->layout, new TapedPull('m', 'w1', true));
    }

    /**
     * @param array{int, int} $from
     * @param array{int, int} $to
     */
    private static function home(float $degrees, array $from, array $to, float $measured): Home
    {
        $turn = static function (float $x, float $y) use ($degrees): array {
            $across = Point::towards($degrees);

            return [round($across->x * $x - $across->y * $y, 4), round($across->y * $x + $across->x * $y, 4)];
        };
        $corners = [$turn(-100, -100), $turn(4100, -100), $turn(4100, 3100), $turn(-100, 3100)];

        return (new Sketch())->chain($corners, 200)->use('r', 'hall', ...$turn(2000, 1400))->document(['survey' => [
            ['id' => 'm', 'storey' => 'G', 'from' => $turn(...$from), 'to' => $turn(...$to), 'measured' => $measured],
        ]])->home();
    }
}
