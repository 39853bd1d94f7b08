<?php

declare(strict_types=1);

namespace Heurema\Tests\Spatial;

use Heurema\Geometry\Point;
use Heurema\Spatial\FoldingLeaves;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FoldingLeavesTest extends TestCase
{
    /** @return iterable<string, array{float, int, list<int>}> the opening's width, its leaves, and how many hang on each jamb */
    public static function widths(): iterable
    {
        yield 'one pair' => [900, 2, [2]];
        yield 'the widest that one pair closes' => [1220, 2, [2]];
        yield 'just wider' => [1220.1, 4, [2, 2]];
        yield 'two pairs' => [2440, 4, [2, 2]];
        yield 'three pairs' => [2440.1, 6, [2, 4]];
        yield 'four pairs' => [4880, 8, [4, 4]];
    }

    /** @param list<int> $onJambs */
    #[DataProvider('widths')]
    public function test_leaves_are_worked_out_from_the_opening(float $width, int $count, array $onJambs): void
    {
        $leaves = self::leaves($width);
        self::assertSame($count, $leaves->count);
        self::assertEqualsWithDelta($width / $count, $leaves->leafWidth, 1e-9);
        self::assertSame($onJambs, array_map(static fn(array $zigzag): int => count($zigzag) - 1, $leaves->zigzags()));
        foreach ($leaves->zigzags() as $zigzag) {
            foreach (array_slice($zigzag, 1) as $i => $point) {
                self::assertEqualsWithDelta($leaves->leafWidth, $point->distanceTo($zigzag[$i]), 1e-6, 'a leaf keeps its width');
            }
        }
    }

    public function test_they_stand_at_45_degrees_on_the_side_that_they_open_to(): void
    {
        $middle = static fn(FoldingLeaves $leaves): Point => $leaves->zigzags()[0][1];
        // w1 runs along y = −100, its left being up
        self::assertEqualsWithDelta(-100 + 450 * M_SQRT1_2, $middle(self::leaves(900))->y, 1e-6);
        self::assertEqualsWithDelta(-100 - 450 * M_SQRT1_2, $middle(self::leaves(900, 'right'))->y, 1e-6);
        self::assertEqualsWithDelta(450 * M_SQRT1_2, self::leaves(900)->reach(), 1e-9);
    }

    public function test_leaves_that_were_said_and_the_jamb_that_they_fold_to(): void
    {
        $of = static fn(int $leaves, string $hinge): FoldingLeaves => FoldingLeaves::of(
            Sketch::room(6000, 3000)->door(
                'w1',
                2000,
                1200,
                ['operation' => 'folding', 'leaves' => $leaves, 'hinge' => $hinge, 'opens' => 'left'],
            )->home()->openings[0],
        )
            ?? self::fail('No leaves.');
        foreach ([[2, [2], [2]], [3, [3, 0], [0, 3]], [4, [2, 2], [2, 2]], [6, [4, 2], [2, 4]]] as [$leaves, $from, $to]) {
            $onJambs = static fn(FoldingLeaves $folding): array => array_map(
                static fn(array $zigzag): int => count($zigzag) - 1,
                $folding->zigzags(),
            );
            self::assertSame($leaves, $of($leaves, 'from')->count);
            self::assertEqualsWithDelta(1200 / $leaves, $of($leaves, 'from')->leafWidth, 1e-9);
            self::assertSame($from, $onJambs($of($leaves, 'from')));
            self::assertSame($to, $onJambs($of($leaves, 'to')));
        }
        // a pair hangs on one jamb or the other
        self::assertGreaterThan($of(2, 'from')->zigzags()[0][0]->x, $of(2, 'to')->zigzags()[0][0]->x);
    }

    public function test_nothing_folds_where_nothing_is_known(): void
    {
        $home = Sketch::room(6000, 3000)->door('w1', 2000, 900, ['operation' => 'hinged'])->home();
        self::assertNull(FoldingLeaves::of($home->openings[0]));
        $home = Sketch::room(6000, 3000)->add(
            'openings',
            ['id' => 'd', 'kind' => 'door', 'wall' => 'w1', 'at' => 2000, 'operation' => 'folding'],
        )->home();
        self::assertNull(FoldingLeaves::of($home->openings[0]));
    }

    private static function leaves(float $width, string $opens = 'left'): FoldingLeaves
    {
        $home = Sketch::room(6000, 3000)->door('w1', 3000, $width, ['operation' => 'folding', 'opens' => $opens])->home();

        return FoldingLeaves::of($home->openings[0]) ?? throw new \LogicException('No leaves.');
    }
}
