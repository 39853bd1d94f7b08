<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\BlockPlan;
use Heurema\Drafting\BlockQuestion;
use Heurema\Drafting\BlockSide;
use Heurema\Drafting\WallsFromBlocks;
use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Layout\Block;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Intake\ListedRoom;
use Heurema\Layout\Intake\RoomArrangement;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\Words\RoomUse;
use Heurema\Spatial\Home;
use Heurema\Spatial\SaidSize;
use Heurema\Spatial\WallDatum;
use Heurema\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Partitions are 100 mm thick, outer walls 240. */
final class BlocksTest extends TestCase
{
    /** @return iterable<string, array{BlockSide, list<float>}> where the second block comes to stand: left, bottom, right, top */
    public static function pushes(): iterable
    {
        yield 'to the left' => [BlockSide::Left, [4100.0, 1000.0, 6100.0, 3000.0]];
        yield 'to the right' => [BlockSide::Right, [9900.0, 1000.0, 11900.0, 3000.0]];
        yield 'up' => [BlockSide::Upper, [7000.0, 5900.0, 9000.0, 7900.0]];
        yield 'down' => [BlockSide::Lower, [7000.0, -4900.0, 9000.0, -2900.0]];
    }

    /** @param list<float> $expected */
    #[DataProvider('pushes')]
    public function test_a_block_is_pushed_edge_to_edge(BlockSide $towards, array $expected): void
    {
        $layout = self::blocks([
            [0, 0, 4000, 4000], [7000, 1000, 9000, 3000], [12000, 0, 15000, 4000], [6000, 8000, 10000, 9000], [6000, -9000, 10000, -5000],
        ]);
        self::assertEqualsWithDelta($expected, self::box(self::made($layout, self::plan($layout)->push('b2', $towards)), 1), 1e-6);
        $this->expectExceptionMessage('No block lies beyond the upper side of Room 3');
        self::plan($layout)->push('b3', BlockSide::Upper);
    }

    public function test_a_block_that_is_let_go_near_another_stands_edge_to_edge_and_in_line(): void
    {
        $layout = self::blocks([[0, 0, 4000, 3000], [9000, 9000, 12000, 12000]]);
        $near = self::made($layout, self::plan($layout)->move('b2', new Point(-4750, -9200)));
        self::assertEqualsWithDelta([4100.0, 0.0, 7100.0, 3000.0], self::box($near, 1), 1e-6);
        $far = self::made($layout, self::plan($layout)->move('b2', new Point(-4500, -6400)));
        self::assertEqualsWithDelta([4500.0, 2600.0, 7500.0, 5600.0], self::box($far, 1), 1e-6, '400 mm are out of reach');
    }

    public function test_neighbours_that_are_swapped_keep_the_ends_of_the_two(): void
    {
        foreach ([[[0, 0, 4000, 3000], [4100, 0, 6100, 3000]], [[0, 0, 3000, 4000], [0, 4100, 3000, 6100]]] as $boxes) {
            foreach ([['b1', 'b2'], ['b2', 'b1']] as [$one, $other]) {
                $layout = self::blocks($boxes);
                $swapped = self::made($layout, self::plan($layout)->swap($one, $other));
                $isAcross = $boxes[1][0] > 0;
                self::assertEqualsWithDelta(
                    $isAcross ? [2100.0, 0.0, 6100.0, 3000.0] : [0.0, 2100.0, 3000.0, 6100.0],
                    self::box($swapped, 0),
                    1e-6,
                );
                self::assertEqualsWithDelta(
                    $isAcross ? [0.0, 0.0, 2000.0, 3000.0] : [0.0, 0.0, 3000.0, 2000.0],
                    self::box($swapped, 1),
                    1e-6,
                );
            }
        }
        $apart = self::blocks([[0, 0, 4000, 3000], [9000, 5000, 11000, 6000]]);
        $swapped = self::made($apart, self::plan($apart)->swap('b1', 'b2'));
        self::assertEqualsWithDelta(
            [[9000.0, 5000.0, 13000.0, 8000.0], [0.0, 0.0, 2000.0, 1000.0]],
            [self::box($swapped, 0), self::box($swapped, 1)],
            1e-6,
        );
    }

    public function test_a_block_is_stretched_to_the_next_one_or_the_outermost_line(): void
    {
        $layout = self::blocks([[0, 0, 4000, 3000], [0, 3100, 3000, 6000], [4600, 0, 7000, 6000]]);
        self::assertEqualsWithDelta(
            [0.0, 0.0, 4500.0, 3000.0],
            self::box(self::made($layout, self::plan($layout)->stretch('b1', BlockSide::Right)), 0),
            1e-6,
        );
        self::assertEqualsWithDelta(
            [0.0, 3100.0, 4500.0, 6000.0],
            self::box(self::made($layout, self::plan($layout)->stretch('b2', BlockSide::Right)), 1),
            1e-6,
        );
        $open = self::blocks([[0, 0, 4000, 3000], [0, 3100, 3000, 6000]]);
        self::assertEqualsWithDelta(
            [0.0, 3100.0, 4000.0, 6000.0],
            self::box(self::made($open, self::plan($open)->stretch('b2', BlockSide::Right)), 1),
            1e-6,
        );
        $this->expectExceptionMessage('Nothing is left beyond the right side of Room 1');
        self::plan($open)->stretch('b1', BlockSide::Right);
    }

    /** 9'-2" beside 9'-0": asked once, and either may give way. */
    public function test_sides_that_nearly_agree_are_asked_about(): void
    {
        $layout = self::blocks([[0, 0, 3000, 2794], [3100, 0, 6000, 2743.2]]);
        [$question] = $questions = self::plan($layout)->questions();
        self::assertCount(1, $questions);
        self::assertSame(
            ['Room 1', BlockSide::Upper, 'Room 2', BlockSide::Upper, false],
            [$question->first->name, $question->side, $question->second->name, $question->otherSide, $question->isGap],
        );
        self::assertEqualsWithDelta(50.8, $question->apart, 1e-6);
        self::assertEqualsWithDelta(2743.2, self::box(self::settled($layout, $question, true), 0)[3], 1e-6);
        self::assertEqualsWithDelta(2794.0, self::box(self::settled($layout, $question, false), 1)[3], 1e-6);
    }

    /** @return iterable<string, array{list<array{float|int, float|int, float|int, float|int}>, int}> boxes and how many questions */
    public static function neighbours(): iterable
    {
        yield 'in one line' => [[[0, 0, 3000, 2794], [3100, 0, 6000, 2794]], 0];
        yield 'just what is seen' => [[[0, 0, 3000, 2794], [3100, 0, 6000, 2794.2]], 1];
        yield 'at most a foot' => [[[0, 0, 3000, 3000], [3100, 0, 6000, 3305]], 1];
        yield 'more is meant so' => [[[0, 0, 3000, 3000], [3100, 0, 6000, 3305.1]], 0];
        yield 'both ends' => [[[0, 0, 3000, 3000], [3100, -50, 6000, 3050]], 2];
        yield 'two over one' => [[[0, 0, 3000, 3000], [3100, 0, 6100, 3000], [0, 3100, 6000, 6000]], 1];
        yield 'a strip' => [[[0, 0, 3000, 3000], [3300, 0, 6000, 3000]], 1];
        yield 'a strip as wide as can be' => [[[0, 0, 3000, 3000], [4000, 0, 6000, 3000]], 1];
        yield 'wider is a space' => [[[0, 0, 3000, 3000], [4000.1, 0, 6000, 3000]], 0];
        yield 'with another between' => [[[0, 0, 3000, 3000], [3100, 0, 3500, 3000], [3600, 0, 6000, 3000]], 0];
        yield 'corner to corner' => [[[0, 0, 3000, 3000], [3100, 3100, 6000, 6000]], 0];
    }

    /** @param list<array{float|int, float|int, float|int, float|int}> $boxes */
    #[DataProvider('neighbours')]
    public function test_what_is_asked(array $boxes, int $count): void
    {
        self::assertCount($count, self::plan(self::blocks($boxes))->questions());
    }

    public function test_a_strip_is_settled_by_either_side(): void
    {
        $layout = self::blocks([[0, 0, 3000, 3000], [3300, 0, 6000, 3000]]);
        [$question] = self::plan($layout)->questions();
        self::assertTrue($question->isGap);
        self::assertEqualsWithDelta(200.0, $question->apart, 1e-6);
        self::assertEqualsWithDelta(3200.0, self::box(self::settled($layout, $question, true), 0)[2], 1e-6);
        self::assertEqualsWithDelta(3100.0, self::box(self::settled($layout, $question, false), 1)[0], 1e-6);
    }

    public function test_another_size_keeps_what_stands_edge_to_edge(): void
    {
        $layout = self::blocks([[0, 0, 3000, 3000], [3100, 0, 6000, 3000]]);
        self::assertEqualsWithDelta(
            [-500.0, 0.0, 3000.0, 2800.0],
            self::box(self::made($layout, self::plan($layout)->resize('b1', 3500, 2800)), 0),
            1e-6,
        );
        self::assertEqualsWithDelta(
            [3100.0, 0.0, 6600.0, 2800.0],
            self::box(self::made($layout, self::plan($layout)->resize('b2', 3500, 2800)), 1),
            1e-6,
        );
        $this->expectException(RefusedEdit::class);
        self::plan($layout)->resize('b1', 299, 2800);
    }

    public function test_walls_wait_until_all_is_settled(): void
    {
        $overlapping = self::blocks([[0, 0, 3000, 3000], [3050, 0, 6000, 3000]]);
        self::assertRefused('leave no room for a wall', static fn(): Layout => self::walls($overlapping, false));
        $unsettled = self::blocks([[0, 0, 3000, 3000], [3100, 0, 6000, 3050]]);
        self::assertRefused('do not agree yet', static fn(): Layout => self::walls($unsettled, false));
        self::assertRefused('no blocks', static fn(): Layout => self::walls(self::walls($unsettled, true), true));
    }

    /**
     * Seeds 1 to 100, in both unit systems: rooms listed in rows become rooms of just their sizes, as the blocks were or after they were
     * swapped and pushed.
     */
    public function test_rooms_get_the_sizes_of_their_blocks(): void
    {
        for ($seed = 1; $seed <= 100; ++$seed) {
            mt_srand($seed);
            $step = $seed % 2 === 0 ? 25.4 / 16 : 1.0;
            $side = static fn(): float => round(mt_rand((int) (1500 / $step), (int) (6000 / $step)) * $step, 4);
            $rooms = array_map(
                static fn(int $number): ListedRoom => new ListedRoom("Room {$number}", RoomUse::Bedroom, $side(), $side()),
                range(1, mt_rand(1, 9)),
            );
            $layout = self::arranged((new RoomArrangement(UnitSystem::Metric, 240, 100))->blocks('Listed', $rooms));
            $built = new Home(self::walls($layout, true));
            self::assertCount(count($rooms), $built->rooms);
            self::assertSame([], $built->layout->storeys[0]->blocks);
            foreach ($built->rooms as $number => $room) {
                $block = $layout->storeys[0]->blocks[$number];
                self::assertEqualsWithDelta(
                    [0.0, 0.0],
                    (new SaidSize($block->width, $block->depth, WallDatum::Finished))->shortfall($room),
                    0.01,
                    "seed {$seed}, {$room->name()}",
                );
                self::assertEqualsWithDelta(
                    $block->width * $block->depth / 1e6,
                    ($room->outline()?->area() ?? 0.0) / 1e6,
                    1e-4,
                    "seed {$seed}, {$room->name()}",
                );
            }
        }
    }

    /** Some of its blocks swapped and pushed, wherever that leaves room for walls. */
    private static function arranged(Layout $layout): Layout
    {
        for ($turn = 0; $turn < 4; ++$turn) {
            $plan = self::plan($layout);
            $ids = array_map(static fn(Block $block): string => $block->id, $plan->blocks);
            $side = BlockSide::cases()[mt_rand(0, 3)];
            try {
                $arranged = self::made(
                    $layout,
                    $turn % 2 === 0
                        ? $plan->swap($ids[array_rand($ids)], $ids[array_rand($ids)])
                        : $plan->push($ids[array_rand($ids)], $side),
                );
                $layout = self::plan($arranged)->overlaps() === [] ? $arranged : $layout;
            } catch (RefusedEdit) {
                // nothing lies there
            }
        }

        return $layout;
    }

    private static function settled(Layout $layout, BlockQuestion $question, bool $byFirst): Layout
    {
        $plan = self::plan($layout);

        return self::made($layout, $byFirst
            ? $plan->giveWay($question->first->id, $question->side, $question->second->id, $question->otherSide)
            : $plan->giveWay($question->second->id, $question->otherSide, $question->first->id, $question->side));
    }

    /** @param callable(): Layout $make */
    private static function assertRefused(string $why, callable $make): void
    {
        try {
            $make();
            self::fail('It was made.');
        } catch (RefusedEdit $e) {
            self::assertStringContainsString($why, $e->getMessage());
        }
    }

    /** @param list<array{float|int, float|int, float|int, float|int}> $boxes left, bottom, right, top */
    private static function blocks(array $boxes): Layout
    {
        $blocks = array_map(
            static fn(array $box, int $number): array => RoomArrangement::block(
                'b'.($number + 1),
                new ListedRoom('Room '.($number + 1), RoomUse::Other, 1, 1),
                new Box(...$box),
            )->toArray(),
            $boxes,
            array_keys($boxes),
        );

        return (new LayoutReader())->read(json_encode(
            [
                'format' => 'heurema-layout',
                'version' => 1,
                'name' => 'Blocks',
                'units' => 'metric',
                'storeys' => [['id' => 'G', 'blocks' => $blocks]],
            ],
            JSON_THROW_ON_ERROR,
        ));
    }

    private static function plan(Layout $layout): BlockPlan
    {
        return new BlockPlan($layout->storeys[0]->blocks, 100);
    }

    private static function walls(Layout $layout, bool $asTheyAre): Layout
    {
        return self::made(
            $layout,
            (new WallsFromBlocks($layout->storeys[0], 240, 100))->make(
                static fn(ElementList $list, int $count): array => array_map(
                    static fn(int $number): string => $list->letter().$number,
                    range(1, max(1, $count)),
                ),
                $asTheyAre,
            ),
        );
    }

    private static function made(Layout $layout, Edit $edit): Layout
    {
        return (new Editor())->apply($layout, $edit)->layout;
    }

    /** @return list<float> left, bottom, right, top */
    private static function box(Layout $layout, int $number): array
    {
        $box = $layout->storeys[0]->blocks[$number]->box();

        return [$box->left, $box->bottom, $box->right, $box->top];
    }
}
