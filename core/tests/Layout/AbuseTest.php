<?php

declare(strict_types=1);

namespace Heurema\Tests\Layout;

use Heurema\Layout\LayoutReader;
use Heurema\Layout\Schema\UnreadableLayout;
use Heurema\Measure\Measured;
use Heurema\Measure\Parameters;
use Heurema\Measure\Room\LeastWidth;
use Heurema\Measure\Room\Narrowest;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Documents made to be heavy: refused with a message, or worked through in bounded time. */
final class AbuseTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        $note = static fn(int $i): array => ['id' => "n{$i}", 'at' => [0, 0], 'text' => ''];
        yield 'too many of a kind' => [
            self::with(['notes' => array_map($note, range(1, 20_001))]),
            '/storeys/0/notes: expected at most 20000 entries, found 20001',
        ];
        $dimension = static fn(int $i): array => [
            'id' => "d{$i}", 'from' => ['at' => [0, 0]], 'to' => ['at' => [1, 0]], 'through' => [0, 0],
        ];
        yield 'too many dimensions' => [
            self::with(['dimensions' => array_map($dimension, range(1, 2001))]),
            '/storeys/0/dimensions: expected at most 2000 entries, found 2001',
        ];
        yield 'too many storeys' => [
            ['storeys' => array_map(static fn(int $i): array => ['id' => "s{$i}"], range(1, 201))],
            '/storeys: expected at most 200 entries',
        ];
        yield 'too many points' => [
            self::with(['voids' => [['id' => 'v', 'outline' => array_fill(0, 1001, [0, 0])]]]),
            '/outline: expected at most 1000 entries',
        ];
        yield 'too far away' => [
            self::with(['notes' => [['id' => 'n', 'at' => [0, 10_000_001], 'text' => '']]]),
            '/at/1: expected a number from -10000000 to 10000000',
        ];
        yield 'a very long name' => [
            self::with(['name' => str_repeat('x', 201)]),
            '/name: expected a text of at most 200 characters, found 201',
        ];
        yield 'a very long note' => [
            self::with(['notes' => [['id' => 'n', 'at' => [0, 0], 'text' => str_repeat('é', 501)]]]),
            '/text: expected a text of at most 500 characters, found 501',
        ];
        yield 'a control character' => [
            self::with(['name' => "Ground\x07"]),
            '/name: expected a text without control characters, found U+0007',
        ];
        yield 'what is no character' => [
            self::with(['name' => "Ground\u{FFFF}"]),
            '/name: expected a text without control characters, found U+FFFF',
        ];
        yield 'a stair of too many parts' => [
            [
                'storeys' => [['id' => 'G']],
                'stairs' => [[
                    'id' => 's',
                    'to_storey' => 'G',
                    'start' => [0, 0],
                    'facing' => 0,
                    'parts' => array_fill(0, 101, ['landing' => (object) []]),
                ]],
            ],
            '/parts: expected at most 100 entries',
        ];
    }

    /** @param array<string, mixed> $more */
    #[DataProvider('refused')]
    public function test_is_refused_with_a_message(array $more, string $message): void
    {
        $this->expectException(UnreadableLayout::class);
        $this->expectExceptionMessage($message);
        (new LayoutReader())->read(json_encode(
            ['format' => 'heurema-layout', 'version' => 1, 'name' => 'x', 'units' => 'metric', ...$more],
            JSON_THROW_ON_ERROR,
        ));
    }

    public function test_a_tangle_of_walls_is_refused_before_it_takes_the_machine(): void
    {
        mt_srand(5);
        $sketch = new Sketch();
        for ($i = 0; $i < 1200; ++$i) {
            $sketch->wall([mt_rand(0, 9000), mt_rand(0, 9000)], [mt_rand(0, 9000) + 0.5, mt_rand(0, 9000)], 50);
        }
        try {
            $sketch->home();
            self::fail('It was understood.');
        } catch (UnreadableLayout $e) {
            self::assertSame('/storeys/0/walls', $e->pointer);
        }
    }

    public function test_as_many_as_are_allowed_are_read(): void
    {
        $sketch = Sketch::room(4000, 3000);
        for ($i = 0; $i < 2000; ++$i) {
            $sketch->add('dimensions', ['id' => "di{$i}", 'from' => ['at' => [0, 0]], 'to' => ['at' => [1, 0]], 'through' => [0, $i]]);
        }
        self::assertCount(2000, $sketch->layout()->storeys[0]->dimensions);
    }

    public function test_one_endless_wall_among_tiny_ones(): void
    {
        $sketch = (new Sketch())->wall([-9_000_000, -500], [9_000_000, -500]);
        for ($i = 0; $i < 300; ++$i) {
            $sketch->wall([$i * 5, 0], [$i * 5 + 1, 0], 1);
        }
        self::assertSame([], $sketch->home()->rooms);
    }

    public function test_a_room_with_very_many_corners(): void
    {
        $sketch = Sketch::room(40_000, 6000, 'hall');
        for ($i = 0; $i < 150; ++$i) {
            $sketch->wall([500 + $i * 260, 100], [500 + $i * 260, 600 + $i], 80);
        }
        $home = $sketch->home();
        $width = (new LeastWidth())->of($home->rooms[0], $home, new Parameters());
        $narrowest = (new Narrowest())->of($home->rooms[0], $home, new Parameters());
        self::assertInstanceOf(Measured::class, $width);
        self::assertInstanceOf(Measured::class, $narrowest);
        self::assertEqualsWithDelta(180.0, $narrowest->amount()->number, 1e-6);
        self::assertEqualsWithDelta(6000.0 - 749, $width->amount()->number, 400.0);
    }

    /**
     * @param array<string, mixed> $storey
     *
     * @return array<string, mixed>
     */
    private static function with(array $storey): array
    {
        return ['storeys' => [['id' => 'G', ...$storey]]];
    }
}
