<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\OpeningPlace;
use Heurema\Drafting\Stretch;
use Heurema\Drafting\WallStretches;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WallStretchesTest extends TestCase
{
    public function test_a_wall_runs_from_inner_corner_to_inner_corner(): void
    {
        // 4 m clear between 200 mm walls; w1's line starts 100 mm outside the clear corner
        $whole = self::stretches(Sketch::room(4000, 3000))->whole();
        self::assertEqualsWithDelta([100.0, 4100.0], [$whole->from, $whole->to], 1e-6);
    }

    public function test_partitions_and_openings_part_it(): void
    {
        $sketch = Sketch::room(4000, 3000)->wall([3050, -100], [3050, 3100])->door('w1', 1100, 800);
        $free = self::stretches($sketch)->free();
        self::assertEqualsWithDelta(
            [[100.0, 700.0], [1500.0, 3100.0], [3200.0, 4100.0]],
            array_map(static fn(Stretch $stretch): array => [$stretch->from, $stretch->to], $free),
            1e-6,
        );
        self::assertSame(['the start', 'door d', 'wall w5'], array_map(static fn(Stretch $stretch): string => $stretch->startsAt, $free));
        self::assertSame(['door d', 'wall w5', 'the end'], array_map(static fn(Stretch $stretch): string => $stretch->endsAt, $free));
    }

    public function test_an_opening_that_is_moved_bounds_nothing(): void
    {
        $free = self::stretches(Sketch::room(4000, 3000)->door('w1', 1100, 800))->free('d');
        self::assertCount(1, $free);
        self::assertEqualsWithDelta(4000.0, $free[0]->length(), 1e-6);
    }

    public function test_the_longest_is_taken_where_none_is_named(): void
    {
        $stretches = self::stretches(Sketch::room(4000, 3000)->door('w1', 1100, 800));
        self::assertSame('door d', $stretches->named('')->startsAt);
        self::assertSame('the start', $stretches->named('0')->startsAt);
        self::assertEqualsWithDelta(4000.0, $stretches->named('whole')->length(), 1e-6);
        $this->expectException(RefusedEdit::class);
        $stretches->named('7');
    }

    /** @return iterable<string, array{OpeningPlace, float, int, list<float>}> a stretch from 100 to 4100, openings 800 wide */
    public static function places(): iterable
    {
        yield 'centred' => [OpeningPlace::Centred, 0, 1, [2100]];
        yield 'edge from the start' => [OpeningPlace::EdgeFromStart, 150, 1, [650]];
        yield 'middle from the start' => [OpeningPlace::MiddleFromStart, 600, 1, [700]];
        yield 'edge from the end' => [OpeningPlace::EdgeFromEnd, 150, 1, [3550]];
        yield 'middle from the end' => [OpeningPlace::MiddleFromEnd, 600, 1, [3500]];
        yield 'hard against the corner' => [OpeningPlace::EdgeFromStart, 0, 1, [500]];
        yield 'two equally spaced' => [OpeningPlace::Spaced, 0, 2, [1300, 2900]];
        yield 'five that just fit' => [OpeningPlace::Spaced, 0, 5, [500, 1300, 2100, 2900, 3700]];
    }

    /** @param list<float> $middles */
    #[DataProvider('places')]
    public function test_openings_come_where_they_were_said(OpeningPlace $place, float $distance, int $count, array $middles): void
    {
        self::assertEqualsWithDelta($middles, $place->middles(new Stretch(100, 4100, '', ''), 800, $distance, $count), 1e-6);
    }

    /** @return iterable<string, array{OpeningPlace, float, int}> */
    public static function misfits(): iterable
    {
        yield 'six where five fit' => [OpeningPlace::Spaced, 0, 6];
        yield 'beyond the end' => [OpeningPlace::EdgeFromStart, 3200.1, 1];
        yield 'through the corner' => [OpeningPlace::MiddleFromStart, 399.9, 1];
        yield 'wider than the wall' => [OpeningPlace::EdgeFromEnd, 4000, 1];
    }

    #[DataProvider('misfits')]
    public function test_what_does_not_fit_is_refused(OpeningPlace $place, float $distance, int $count): void
    {
        $this->expectException(RefusedEdit::class);
        $place->middles(new Stretch(100, 4100, '', ''), 800, $distance, $count);
    }

    private static function stretches(Sketch $sketch): WallStretches
    {
        $storey = $sketch->layout()->storeys[0];

        return new WallStretches($storey, $storey->wall('w1') ?? throw new \LogicException('No wall.'));
    }
}
