<?php

declare(strict_types=1);

namespace Heurema\Tests\Review;

use Heurema\Layout\Stair;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\StairOption;
use Heurema\Review\StairOptions;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\TestCase;

/** What books allow of a rise, worked by hand. */
final class StairOptionsTest extends TestCase
{
    public function test_a_rise_of_2600_under_approved_document_k(): void
    {
        // risers of 150 to 220 mm: 12 of 216.7 to 17 of 152.9; going 220 to 300, 550 to 700 for 2R + G, at most 42 degrees
        $options = self::options(['uk-part-k'], 2600);
        $risers = array_keys($options);
        sort($risers);
        self::assertSame([12, 13, 14, 15, 16, 17], $risers);
        // 12 of 216.67: 42 degrees ask for 216.67 / tan 42° = 240.6, 700 − 2 · 216.67 = 266.7
        self::assertEqualsWithDelta([240.6, 266.7], [$options[12]->leastTread, $options[12]->mostTread], 0.11);
        // 15 of 173.33: 220 is enough, 42 degrees ask for 192.5; 700 − 346.7 leaves 353, the going 300
        self::assertEqualsWithDelta([220.0, 300.0], [$options[15]->leastTread, $options[15]->mostTread], 0.11);
        // 17 of 152.94: 550 − 305.9 = 244.1
        self::assertEqualsWithDelta([244.1, 300.0], [$options[17]->leastTread, $options[17]->mostTread], 0.11);
        self::assertEqualsWithDelta(630.0, $options[15]->step($options[15]->bestTread()), 1e-6);
        self::assertSame(14, $options[15]->treads);
        // 173.33 on 250: 34.7 degrees
        self::assertEqualsWithDelta(34.73, $options[15]->pitch(250), 0.01);
        self::assertEqualsWithDelta(14 * 250.0, $options[15]->run(250), 1e-9);
    }

    public function test_all_chosen_books_have_to_agree(): void
    {
        // the residential code wants 10 in of tread and 7 3/4 in of riser at the most, document K 300 mm of going at the most
        $options = self::options(['uk-part-k', 'us-irc-2021'], 2600);
        $risers = array_keys($options);
        sort($risers);
        self::assertSame([14, 15, 16, 17], $risers);
        self::assertEqualsWithDelta([254.0, 300.0], [$options[14]->leastTread, $options[14]->mostTread], 0.11);
        self::assertSame([], self::options(['uk-part-k'], 100));
    }

    public function test_even_steps_come_first(): void
    {
        $order = array_map(
            static fn(StairOption $option): bool => $option->isComfortable($option->bestTread()),
            array_values(self::options(['us-irc-2021'], 2743.2)),
        );
        $sorted = $order;
        rsort($sorted);
        self::assertSame($sorted, $order);
        self::assertTrue($order[0]);
        $first = array_values(self::options(['us-irc-2021'], 2743.2))[0];
        self::assertSame(14, $first->risers);
        self::assertTrue($first->isOpenEnded());
        $steps = array_map(
            static fn(StairOption $option): array => [
                !$option->isComfortable($option->bestTread()),
                $option->isComfortable($option->bestTread()) ? 0.0 : abs($option->step($option->bestTread()) - 630.0),
                $option->risers,
            ],
            array_values(self::options(['us-irc-2021'], 2743.2)),
        );
        $inOrder = $steps;
        sort($inOrder);
        self::assertSame($inOrder, $steps, 'then those whose step is nearest to 630 mm, the fewest risers first');
    }

    public function test_nobody_climbs_in_steps_lower_than_100_mm(): void
    {
        $most = static fn(float $rise): int => max([0, ...array_keys(self::options([], $rise))]);
        self::assertSame([9, 10, 10], [$most(999.9), $most(1000.0), $most(1000.1)]);
    }

    public function test_an_option_is_even_within_20_mm_of_630(): void
    {
        // 2 · 170 + 290 = 630
        $option = new StairOption(risers: 10, riser: 170.0, leastTread: 200.0, mostTread: 320.0, treads: 9);
        self::assertSame(290.0, $option->bestTread());
        self::assertSame([true, true, false], array_map($option->isComfortable(...), [290.0, 310.0, 310.1]));
        self::assertSame([true, false], array_map($option->isComfortable(...), [270.0, 269.9]));
        self::assertSame([false, 0.0, 10], $option->order());
        self::assertFalse($option->isOpenEnded());
        // 2 · 170 + 320 = 660, 30 mm too many
        $uneven = new StairOption(risers: 10, riser: 170.0, leastTread: 320.0, mostTread: 500.0, treads: 9);
        self::assertSame([true, 30.0, 10], $uneven->order());
        self::assertTrue($uneven->isOpenEnded());
        self::assertFalse((new StairOption(risers: 10, riser: 170.0, leastTread: 320.0, mostTread: 499.9, treads: 9))->isOpenEnded());
        // those that are even come first, the fewest risers first among them
        $more = new StairOption(risers: 11, riser: 165.0, leastTread: 300.0, mostTread: 300.0, treads: 10);
        self::assertSame([-1, -1], [$option->order() <=> $more->order(), $more->order() <=> $uneven->order()]);
    }

    public function test_landings_and_winders_take_their_risers(): void
    {
        $parts = [
            ['flight' => ['risers' => 5, 'tread' => 250]],
            ['landing' => ['depth' => 900]],
            ['flight' => ['risers' => 4, 'tread' => 250]],
            ['winders' => ['risers' => 3, 'turn' => 'left']],
            ['flight' => ['risers' => 3, 'tread' => 250]],
        ];
        $stair = Sketch::room(4000, 6000)->stair(['kind' => 'winding', 'parts' => $parts])->layout()->stairs[0];
        // of 15 risers three are tapered; one reaches the landing and one the floor
        self::assertSame(10, self::options(['uk-part-k'], 2600, $stair)[15]->treads);
    }

    /**
     * @param list<string> $books
     *
     * @return array<int, StairOption> by the number of risers, in order
     */
    private static function options(array $books, float $rise, ?Stair $stair = null): array
    {
        $reader = new RuleBookReader(Catalogue::standard());
        $read = array_map(static fn(string $book) => $reader->readFile(__DIR__."/../../rulebooks/{$book}.yaml"), $books);
        $stair ??= Sketch::room(4000, 6000)->stair(['parts' => [['flight' => ['risers' => 14, 'tread' => 250]]]])->layout()->stairs[0];
        $options = [];
        foreach ((new StairOptions($stair, $rise, $read))->all() as $option) {
            $options[$option->risers] = $option;
        }

        return $options;
    }
}
