<?php

declare(strict_types=1);

namespace Tests\Feature\Drawing;

use App\Drawing\ChainDrawing;
use App\Drawing\DimensionLook;
use Heurema\Drafting\Chain;
use Heurema\Drafting\Stop;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Texts of a row of dimensions: none lies over another, whichever way the row runs and however narrow its parts are. */
final class ChainDrawingTest extends TestCase
{
    private const LETTER = 6.6;

    /** @return iterable<string, array{int, float}> seed and direction of the row, degrees */
    public static function rows(): iterable
    {
        foreach (range(1, 40) as $seed) {
            yield "row {$seed}" => [$seed, [0.0, 90.0, 180.0, 270.0, 33.0][$seed % 5]];
        }
    }

    #[DataProvider('rows')]
    public function test_no_text_lies_over_another(int $seed, float $degrees): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $stops = [0.0];
        for ($part = $random->getInt(1, 14); $part > 0; --$part) {
            $stops[] = end($stops) + $random->getInt(10, 600);
        }
        $texts = self::texts($stops, $degrees);
        self::assertCount(count($stops) - 1, $texts);
        foreach ($texts as $number => [$level, $from, $to]) {
            foreach (array_slice($texts, $number + 1) as [$other, $start, $end]) {
                self::assertTrue($level !== $other || $to < $start || $end < $from, "{$from} to {$to}, and {$start} to {$end}");
            }
        }
    }

    /**
     * Over its own part where there is room; else aside; and only where all is full farther along, with a line that leads there.
     *
     * @param list<float> $stops
     */
    #[TestWith([[0.0, 500.0, 1000.0], 0])]
    #[TestWith([[0.0, 100.0, 200.0, 300.0], 0])]
    #[TestWith([[0.0, 50.0, 100.0, 150.0, 200.0], 1])]
    public function test_texts_that_stand_farther_along_have_a_leader(array $stops, int $leaders): void
    {
        self::assertSame($leaders, substr_count(self::drawn($stops, 0.0), 'dimension-leader'));
    }

    /** From 26 px on arrows stand between the ends of a part, at a scale of 10 mm a pixel; shorter ones have them outside. */
    #[TestWith([259.9, true])]
    #[TestWith([260.0, false])]
    #[TestWith([260.1, false])]
    public function test_arrows_stand_outside_of_what_is_too_short_for_them(float $length, bool $isOutside): void
    {
        $drawn = self::drawn([0.0, $length], 0.0, new DimensionLook(ends: 'arrows'));
        preg_match_all('~class="end"[^>]*rotate\((-?\d+)\)~', $drawn, $turns);
        self::assertSame($isOutside ? ['0', '180'] : ['180', '0'], $turns[1]);
    }

    /** @param list<float> $stops */
    private static function drawn(array $stops, float $degrees, DimensionLook $look = new DimensionLook()): string
    {
        $line = new Segment(new Point(0.0, 0.0), Point::towards($degrees)->times((float) end($stops)));
        $chain = new Chain($line, array_map(static fn(float $stop): Stop => new Stop($stop), $stops));

        return (new ChainDrawing(10.0, static fn(float $mm): string => (string) round($mm), look: $look))->draw($chain->parts());
    }

    /**
     * @param list<float> $stops
     *
     * @return list<array{int, float, float}> level, and from where to where along the row, px
     */
    private static function texts(array $stops, float $degrees): array
    {
        preg_match_all(
            '~translate\((\S+) (\S+)\)"><g class="pin dimension-text"><g transform="rotate\((\S+)\)"><text y="(\S+)">([^<]*)~',
            self::drawn($stops, $degrees),
            $found,
            PREG_SET_ORDER,
        );

        return array_map(static function (array $one) use ($degrees): array {
            $at = new Point((float) $one[1] / 10.0, -(float) $one[2] / 10.0);
            $middle = Point::towards($degrees)->dot($at);
            $half = mb_strlen($one[5]) * self::LETTER / 2;

            return [(int) $one[4], $middle - $half, $middle + $half];
        }, $found);
    }
}
