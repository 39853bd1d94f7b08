<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\DrawnFloorOpening;
use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DrawnFloorOpeningTest extends TestCase
{
    /**
     * @return iterable<string, array{list<float>, list<float>}> a second one beside 1000, 1000 to 3000, 2000, and the areas that there are
     *                                                           then, m²
     */
    public static function seconds(): iterable
    {
        yield 'apart' => [[3100.0, 1000.0, 3500.0, 2000.0], [0.4, 2.0]];
        yield 'beside it' => [[3000.0, 1000.0, 3500.0, 2000.0], [0.5, 2.0]];
        yield 'over its corner' => [[2500.0, 1500.0, 3500.0, 2500.0], [2.75]];
        yield 'in it' => [[1500.0, 1200.0, 2000.0, 1700.0], [2.0]];
        yield 'around it' => [[500.0, 500.0, 3500.0, 2500.0], [6.0]];
        yield 'across it' => [[1500.0, 500.0, 2000.0, 2500.0], [2.5]];
    }

    /**
     * @param list<float> $box
     * @param list<float> $areas
     */
    #[DataProvider('seconds')]
    public function test_those_that_overlap_are_one(array $box, array $areas): void
    {
        foreach ([0.0, 25.0, 200.7] as $turn) {
            $layout = self::done(
                Sketch::room(5000, 4000)->layout(),
                static fn(DrawnFloorOpening $opening): Edit => $opening->draw('a', self::ring([1000.0, 1000.0, 3000.0, 2000.0], $turn)),
            );
            $layout = self::done($layout, static fn(DrawnFloorOpening $opening): Edit => $opening->draw('b', self::ring($box, $turn)));
            $found = array_map(static fn($void): float => round($void->outline->area() / 1e6, 4), $layout->storeys[0]->voids);
            sort($found);
            self::assertEqualsWithDelta($areas, $found, 1e-3);
        }
    }

    public function test_a_ring_of_openings_leaves_no_island(): void
    {
        $layout = Sketch::room(5000, 4000)->layout();
        foreach ([
            [1000.0, 1000.0, 4000.0, 1200.0],
            [1000.0, 2800.0, 4000.0, 3000.0],
            [1000.0, 1000.0, 1200.0, 3000.0],
        ] as $number => $box) {
            $layout = self::done($layout, static fn(DrawnFloorOpening $drawn): Edit => $drawn->draw("a{$number}", self::ring($box, 0.0)));
        }
        self::assertCount(1, $layout->storeys[0]->voids);
        $this->expectException(RefusedEdit::class);
        $this->expectExceptionMessage('island');
        self::done(
            $layout,
            static fn(DrawnFloorOpening $opening): Edit => $opening->draw('b', self::ring([3800.0, 1000.0, 4000.0, 3000.0], 0.0)),
        );
    }

    public function test_another_size_keeps_the_lower_left_corner(): void
    {
        $layout = self::done(
            Sketch::room(5000, 4000)->layout(),
            static fn(DrawnFloorOpening $opening): Edit => $opening->draw('a', self::ring([1000.0, 1000.0, 3000.0, 2000.0], 0.0)),
        );
        $box = self::done(
            $layout,
            static fn(DrawnFloorOpening $opening): Edit => $opening->resize('a', 950.0, 2500.5),
        )->storeys[0]->voids[0]->outline->bounds();
        self::assertEqualsWithDelta([1000.0, 1000.0, 1950.0, 3500.5], [$box->left, $box->bottom, $box->right, $box->top], 1e-6);
        $joined = self::done(
            $layout,
            static fn(DrawnFloorOpening $opening): Edit => $opening->draw('b', self::ring([2500.0, 1500.0, 3500.0, 2500.0], 0.0)),
        );
        foreach ([[$joined, 'b', 'rectangular'], [$layout, 'x', 'Choose a floor opening']] as [$on, $id, $why]) {
            try {
                self::done($on, static fn(DrawnFloorOpening $opening): Edit => $opening->resize($id, 950.0, 2500.0));
                self::fail('Not refused.');
            } catch (RefusedEdit $e) {
                self::assertStringContainsString($why, $e->getMessage());
            }
        }
    }

    /** @param callable(DrawnFloorOpening): Edit $edit */
    private static function done(Layout $layout, callable $edit): Layout
    {
        return (new Editor())->apply($layout, $edit(new DrawnFloorOpening($layout->storeys[0])))->layout;
    }

    /** @param list<float> $box left, bottom, right, top */
    private static function ring(array $box, float $degrees): Ring
    {
        [$left, $bottom, $right, $top] = $box;
        [$x, $y] = [Point::towards($degrees), Point::towards($degrees + 90)];

        return new Ring(array_map(
            static fn(array $at): Point => $x->times($at[0])->plus($y->times($at[1])),
            [[$left, $bottom], [$right, $bottom], [$right, $top], [$left, $top]],
        ));
    }
}
