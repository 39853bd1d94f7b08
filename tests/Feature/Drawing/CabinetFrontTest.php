<?php

declare(strict_types=1);

namespace Tests\Feature\Drawing;

use App\Drawing\CabinetFront;
use Heurema\Drafting\RoomElevations;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Leaves of cabinets as they are seen from the front, at whichever wall they stand. */
final class CabinetFrontTest extends TestCase
{
    /** Where the middle of each wall of a room of 4 m by 3 m is, and which way it faces. */
    private const WALLS = ['w1' => [2000, 0, 90], 'w2' => [4000, 1500, 180], 'w3' => [2000, 3000, 270], 'w4' => [0, 1500, 0]];

    /** @param array<string, mixed> $said */
    #[TestWith([600, [], 0, 0, 0])]
    #[TestWith([600, ['hinge' => 'left'], 0, 1, 0])]
    #[TestWith([610, ['hinge' => 'right'], 0, 1, 0])]
    #[TestWith([610.1, [], 1, 2, 0])]
    #[TestWith([500, ['hinge' => 'both'], 1, 2, 0])]
    #[TestWith([500, ['glass_doors' => true], 0, 0, 3])]
    #[TestWith([900, ['glass_doors' => true], 1, 2, 6])]
    public function test_leaves_hinges_and_glass(float $width, array $said, int $edges, int $hung, int $strokes): void
    {
        foreach (self::WALLS as $wall => [$x, $y, $facing]) {
            $drawn = self::drawn($wall, 'wall_cabinet', $x, $y, $facing, $width, 350, ['base' => 1400, ...$said]);
            $counts = array_map(
                static fn(string $class): int => substr_count($drawn, "class=\"{$class}\""),
                ['leaf-edge', 'leaf-hung', 'leaf-glass'],
            );
            self::assertSame([$edges, $hung, $strokes], $counts, $wall);
        }
    }

    /** The lines meet at the hinges: at the left as one faces it, whichever wall it hangs at. */
    #[TestWith(['left', true])]
    #[TestWith(['right', false])]
    public function test_lines_meet_at_the_hinges(string $hinge, bool $atLeft): void
    {
        foreach (self::WALLS as $wall => [$x, $y, $facing]) {
            $drawn = self::drawn($wall, 'wall_cabinet', $x, $y, $facing, 600, 350, ['base' => 1400, 'hinge' => $hinge]);
            self::assertSame(1, preg_match('~d="M(\S+) \S+L(\S+) ~', $drawn, $found), $wall);
            self::assertSame($atLeft, (float) $found[2] < (float) $found[1], $wall);
        }
    }

    /** A unit as wide as it is deep shows its side, without a door, at the wall that it stands beside. */
    public function test_no_leaf_is_seen_from_the_side(): void
    {
        $said = ['height' => 870, 'hinge' => 'left'];
        self::assertStringContainsString('leaf-hung', self::drawn('w1', 'base_cabinet', 3700, 0, 90, 600, 600, $said));
        self::assertSame('', self::drawn('w2', 'base_cabinet', 3700, 0, 90, 600, 600, $said));
        self::assertSame('', self::drawn('w1', 'range', 2000, 0, 90, 600, 600, ['height' => 870]), 'it is no cabinet');
    }

    /** @param array<string, mixed> $said */
    private static function drawn(
        string $name,
        string $kind,
        float $x,
        float $y,
        float $facing,
        float $width,
        float $depth,
        array $said,
    ): string {
        $home = Sketch::room(4000, 3000, 'kitchen')
            ->fixture('u', $kind, $x, $y, $facing, $width, $depth, ['height' => 700, ...$said])->home();
        foreach (RoomElevations::of($home->rooms[0], $home) as $wall) {
            foreach ($wall->wall === $name ? $wall->fixtures : [] as $fixture) {
                return (new CabinetFront($fixture, $wall->face))->draw();
            }
        }
        self::fail("Nothing is seen at {$name}.");
    }
}
