<?php

declare(strict_types=1);

namespace Heurema\Tests\Layout;

use Heurema\Layout\Difference;
use Heurema\Layout\Layout;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\TestCase;

/** What differs between two layouts, in words and by the ids of what is marked on their plans. */
final class DifferenceTest extends TestCase
{
    public function test_nothing_differs_from_itself(): void
    {
        $difference = new Difference(self::home()->layout(), self::home()->layout());
        self::assertSame([], $difference->words());
        self::assertSame(['before' => [], 'after' => []], $difference->ids());
    }

    public function test_ids_of_what_was_there_and_of_what_is(): void
    {
        $before = self::home()->fixture('old', 'chair', 1000, 1000, 90, 450, 450)->layout();
        $after = self::home(['width' => 900])->fixture('new', 'table', 1000, 1000, 90, 900, 900)->layout();
        $difference = new Difference($before, $after);
        self::assertSame(['before' => ['d', 'old'], 'after' => ['d', 'new']], $difference->ids());
        self::assertSame(['Door D1: width 800 mm → 900 mm.', 'Chair CH1: removed.', 'Table T1: added.'], $difference->words());
    }

    public function test_every_kind_of_value_in_words(): void
    {
        $before = self::home()->layout();
        foreach ([
            'glazed not said → yes' => ['glazed' => true],
            'fire minutes not said → 20' => ['fire_minutes' => 20],
            'operation hinged → double hinged' => ['operation' => 'double_hinged'],
            'threshold not said → 13 mm' => ['threshold' => 13],
        ] as $words => $door) {
            self::assertSame(["Door D1: {$words}."], (new Difference($before, self::home($door)->layout()))->words());
        }
    }

    public function test_stairs_storeys_and_the_layout_itself(): void
    {
        $stair = static fn(int $risers): Sketch => self::home()->stair(['parts' => [['flight' => ['risers' => $risers, 'tread' => 250]]]]);
        self::assertSame(
            ['Stair Stair ST1: parts another shape → another shape.'],
            (new Difference($stair(14)->layout(), $stair(15)->layout()))->words(),
        );
        self::assertSame(['s'], (new Difference($stair(14)->layout(), $stair(15)->layout()))->ids()['after']);
        self::assertSame(
            ['Storey Ground: ceiling 2400 mm → 2500 mm.'],
            (new Difference(self::home()->layout(), self::home()->with(['ceiling' => 2500])->layout()))->words(),
        );
        self::assertSame(
            ['The layout: grade 0 mm → -450 mm.'],
            (new Difference(self::home()->layout(), self::home()->document(['grade' => -450])->layout()))->words(),
        );
    }

    /** Whether the document says its mark or not, it is shown with it: only another one is another. */
    public function test_marks(): void
    {
        $said = static fn(string $mark): Layout => self::home(['mark' => $mark])->layout();
        self::assertSame([], (new Difference(self::home()->layout(), $said('D7')))->words());
        self::assertSame([], (new Difference($said('D7'), self::home()->layout()))->ids()['after']);
        self::assertSame(['Door D7: mark D7 → D8.'], (new Difference($said('D7'), $said('D8')))->words());
    }

    public function test_elements_are_called_as_whoever_asks_calls_them(): void
    {
        $called = static fn(string $id): ?string => $id === 'd' ? 'The lower door' : null;
        $difference = new Difference(self::home()->layout(), self::home(['width' => 900])->layout(), $called);
        self::assertSame(['The lower door: width 800 mm → 900 mm.'], $difference->words());
    }

    public function test_lengths_are_written_as_the_second_layout_has_them(): void
    {
        $imperial = self::home(['width' => 914.4])->document(['units' => 'imperial'])->layout();
        self::assertContains('Door D1: width ≈ 2\'-7 1/2" → 3\'-0".', (new Difference(self::home()->layout(), $imperial))->words());
    }

    /** @param array<string, mixed> $door */
    private static function home(array $door = []): Sketch
    {
        return Sketch::room(4000, 3000)->door('w1', 2000, 800, ['operation' => 'hinged', ...$door]);
    }
}
