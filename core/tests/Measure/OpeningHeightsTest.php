<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Measure\Measured;
use Heurema\Tests\Said;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\TestWith;

/** Clear heights of doors and gaps, and how far it is down from a sill. */
final class OpeningHeightsTest extends MeasureTestCase
{
    private const STOP = 'Stop of the frame taken as 13 mm.';

    /**
     * @param array<string, mixed> $more
     * @param list<string>         $taken
     */
    #[TestWith(['gap', [], 2100.0, 'Height 2100 mm: 2100 mm.', [
        'No threshold is drawn at the lower opening O1 of R; it is taken as flush.',
    ]])]
    #[TestWith(['gap', ['threshold' => 0], 2100.0, 'Height 2100 mm: 2100 mm.', []])]
    #[TestWith(['gap', ['threshold' => 20], 2080.0, 'Height 2100 mm less the threshold 20 mm: 2080 mm.', []])]
    #[TestWith(['door', ['threshold' => 0], 2087.0, 'Height 2100 mm less the stop: 2087 mm.', [self::STOP]])]
    #[TestWith(['door', ['threshold' => 20], 2067.0, 'Height 2100 mm less the stop and the threshold 20 mm: 2067 mm.', [self::STOP]])]
    #[TestWith(['door', [], 2087.0, 'Height 2100 mm less the stop: 2087 mm.', [
        self::STOP, 'No threshold is drawn at the lower door D1 of R; it is taken as flush.',
    ]])]
    public function test_clear_heights(string $kind, array $more, float $clear, string $words, array $taken): void
    {
        $room = Sketch::room(4000, 3000)->add('openings', [
            'id' => 'd', 'kind' => $kind, 'wall' => 'w1', 'at' => 2000, 'width' => 900, 'height' => 2100, ...$more,
        ]);
        $measured = self::measure('door.clear_height', $room, 'd');
        self::assertInstanceOf(Measured::class, $measured);
        self::assertEqualsWithDelta($clear, $measured->amount()->number, 1e-9);
        self::assertSame([[$words], $taken], [Said::all($measured->working), Said::all($measured->assumptions)]);
    }

    /** From the sill to the ground as it is said, or to the level of 0. */
    public function test_drops(): void
    {
        $window = static fn(?float $grade): Sketch => Sketch::room(4000, 3000)->with(['elevation' => 3000])
            ->document(['grade' => $grade])
            ->window('w1', 2000, 1200, 1200, ['id' => 'n', 'sill' => 900]);
        foreach ([[null, 3900.0], [0.0, 3900.0], [-450.0, 4350.0], [200.0, 3700.0]] as [$grade, $drop]) {
            self::assertEqualsWithDelta($drop, self::number('window.drop', $window($grade), 'n'), 1e-9);
        }
        $unsaid = $window(0.0)->with(['elevation' => null]);
        self::assertUnknown(['G.elevation'], self::measure('window.drop', $unsaid, 'n'));
    }

    /** What stands has its underside on the floor; of what hangs nobody knows where nothing is said. */
    public function test_undersides_of_fixtures(): void
    {
        $room = Sketch::room(4000, 3000)
            ->fixture('b', 'base_cabinet', 1000, 0, 90, 600, 600)
            ->fixture('w', 'wall_cabinet', 2000, 0, 90, 600, 350);
        self::assertSame(0.0, self::number('fixture.base', $room, 'b'));
        self::assertUnknown(['w.base'], self::measure('fixture.base', $room, 'w'));
    }
}
