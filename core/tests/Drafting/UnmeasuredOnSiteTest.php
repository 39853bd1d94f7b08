<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\UnmeasuredOnSite;
use Heurema\Geometry\Point;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\TestCase;

/** What is still to be taped of a room of 4000 by 3000 and its door, on homes that lie in any direction. */
final class UnmeasuredOnSiteTest extends TestCase
{
    public function test_nothing_is_taped_yet(): void
    {
        self::assertSame([['length', 'width', 'ceiling'], ['head']], self::lacks(0, []));
    }

    public function test_a_side_is_taped_over_at_least_six_tenths_of_it(): void
    {
        foreach ([0, 30, 90, 201.5] as $degrees) {
            foreach ([2399 => false, 2401 => true, 4000 => true] as $length => $isTaped) {
                [$ofRoom] = self::lacks($degrees, [[[0, 1500], [$length, 1500]]]);
                self::assertSame($isTaped ? ['width', 'ceiling'] : ['length', 'width', 'ceiling'], $ofRoom, "{$degrees}: {$length} mm");
            }
        }
        self::assertSame(['width', 'ceiling'], self::lacks(0, [[[0, 1500], [2400, 1500]]])[0]);
    }

    public function test_a_diagonal_is_no_side(): void
    {
        self::assertSame(['length', 'width', 'ceiling'], self::lacks(0, [[[0, 0], [4000, 3000]]])[0]);
    }

    public function test_heights_are_taped_of_what_they_are_of(): void
    {
        $heights = ['r' => 'ceiling', 'd' => 'head'];
        self::assertSame([['length', 'width']], self::lacks(0, [], $heights));
        self::assertSame([['length', 'width', 'ceiling'], ['head']], self::lacks(0, [], ['r' => 'head', 'd' => 'sill']));
    }

    /**
     * @param list<array{array{int, int}, array{int, int}}> $lines
     * @param array<string, string>                         $heights by what they are of
     *
     * @return list<list<string>> of the room, then of its door
     */
    private static function lacks(float $degrees, array $lines, array $heights = []): array
    {
        $turn = static function (float $x, float $y) use ($degrees): array {
            $across = Point::towards($degrees);

            return [round($across->x * $x - $across->y * $y, 4), round($across->y * $x + $across->x * $y, 4)];
        };
        $survey = [];
        foreach ($lines as [$from, $to]) {
            $survey[] = ['from' => $turn(...$from), 'to' => $turn(...$to), 'measured' => 1000];
        }
        foreach ($heights as $of => $height) {
            $survey[] = ['from' => [0, 0], 'to' => [0, 0], 'measured' => 1000, 'of' => $of, 'height' => $height];
        }
        $corners = [$turn(-100, -100), $turn(4100, -100), $turn(4100, 3100), $turn(-100, 3100)];
        $home = (new Sketch())->chain($corners, 200)->use('r', 'hall', ...$turn(2000, 1400))->door('w1', 2100, 900)->document([
            'survey' => array_map(
                static fn(array $one, int $number): array => ['id' => "m{$number}", 'storey' => 'G', ...$one],
                $survey,
                array_keys($survey),
            ),
        ])->home();

        return array_values((new UnmeasuredOnSite($home, $home->plans['G']))->list());
    }
}
