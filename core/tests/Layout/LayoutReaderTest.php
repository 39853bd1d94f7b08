<?php

declare(strict_types=1);

namespace Heurema\Tests\Layout;

use Heurema\Geometry\Point;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\LayoutWriter;
use Heurema\Layout\Schema\UnreadableLayout;
use Heurema\Layout\Words\RoomUse;
use Heurema\Tests\Sketch;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LayoutReaderTest extends TestCase
{
    private const EVERYTHING = __DIR__.'/everything.json';

    public function test_reads_every_key_and_writes_it_back(): void
    {
        $json = (string) file_get_contents(self::EVERYTHING);
        $written = (new LayoutWriter())->write((new LayoutReader())->read($json));
        self::assertJsonStringEqualsJsonString($json, $written);
    }

    public function test_writing_is_stable_to_the_byte(): void
    {
        $reader = new LayoutReader();
        $writer = new LayoutWriter();
        $once = $writer->write($reader->read((string) file_get_contents(self::EVERYTHING)));
        self::assertSame($once, $writer->write($reader->read($once)));
    }

    public function test_the_demo_homes_round_trip(): void
    {
        foreach ((array) glob(__DIR__.'/../../../database/demo/*.json') as $file) {
            $json = (string) file_get_contents((string) $file);
            self::assertJsonStringEqualsJsonString($json, (new LayoutWriter())->write((new LayoutReader())->read($json)), (string) $file);
            self::assertTrue(self::fitsSchema($json), (string) $file);
        }
    }

    public function test_keeps_four_decimals(): void
    {
        $layout = (new LayoutReader())->read(self::document('"grade": 12.34567'));
        self::assertSame(12.3457, $layout->grade);
    }

    public function test_what_is_not_said_stays_unknown(): void
    {
        $layout = (new LayoutReader())->read(self::document('"stairs": []'));
        self::assertNull($layout->grade);
        self::assertNull($layout->storeys[0]->ceiling);
        self::assertSame(RoomUse::Bedroom, $layout->storeys[0]->rooms[0]->use);
    }

    public function test_the_sample_fits_the_published_schema(): void
    {
        self::assertTrue(self::fitsSchema((string) file_get_contents(self::EVERYTHING)));
    }

    public function test_what_is_kept_may_be_five_megabytes_however_large_it_came_in(): void
    {
        $notes = static fn(int $count): array => array_map(
            static fn(int $i): array => ['id' => "n{$i}", 'at' => [$i, 0], 'text' => str_repeat('x', 500)],
            range(1, $count),
        );
        $document = static fn(int $count, int $flags): string => json_encode(
            [
                'format' => 'heurema-layout',
                'version' => 1,
                'name' => 'x',
                'units' => 'metric',
                'storeys' => [['id' => 'G', 'notes' => $notes($count)]],
            ],
            JSON_THROW_ON_ERROR | $flags,
        );
        $spaced = str_replace("\n", str_repeat("\n", 40), $document(9000, JSON_PRETTY_PRINT));
        self::assertGreaterThan(LayoutReader::LARGEST_BYTES, strlen($spaced));
        $kept = (new LayoutWriter())->write((new LayoutReader())->read($spaced));
        self::assertLessThan(LayoutReader::LARGEST_BYTES, strlen($kept));
        self::assertCount(9000, (new LayoutReader())->read($kept)->storeys[0]->notes, 'what was kept can be read again');
        $this->expectExceptionMessage('expected at most 5 MB');
        (new LayoutReader())->read($document(10000, 0));
    }

    /** Tabs and line breaks are text. */
    public function test_a_note_of_several_lines(): void
    {
        $note = (new LayoutReader())->read(self::document('"grade": 0', 'a name'));
        self::assertSame('a name', $note->name);
        $text = "first\n\tsecond\r\n😀 третья";
        $layout = (new LayoutReader())->read(json_encode(
            [
                'format' => 'heurema-layout',
                'version' => 1,
                'name' => 'x',
                'units' => 'metric',
                'storeys' => [['id' => 'G', 'notes' => [['id' => 'n', 'at' => [0, 0], 'text' => $text]]]],
            ],
            JSON_THROW_ON_ERROR,
        ));
        self::assertSame($text, $layout->storeys[0]->notes[0]->text);
    }

    /** @return iterable<string, array{string, string, string, bool}> JSON, pointer, what was expected, whether a schema can tell too */
    public static function refused(): iterable
    {
        yield 'not JSON' => ['{"format": ', '', 'JSON', false];
        yield 'NaN' => [self::document('"grade": NaN'), '', 'JSON', false];
        yield 'nested too deep' => [self::document('"extra": '.str_repeat('[', 40).str_repeat(']', 40)), '', 'nested', false];
        yield 'too large' => [str_repeat(' ', LayoutReader::LARGEST_READ_BYTES + 1), '', '16 MB', false];
        yield 'not an object' => ['[]', '', 'an object', true];
        yield 'another format' => ['{"format": "other"}', '/format', 'heurema-layout', true];
        yield 'another version' => ['{"format": "heurema-layout", "version": 2}', '/version', 'expected 1', true];
        yield 'a version in words' => ['{"format": "heurema-layout", "version": "1"}', '/version', 'expected 1', true];
        yield 'an unknown key' => [self::document('"colour": "red"'), '/colour', 'unknown key', true];
        yield 'an unknown key of a wall' => [
            self::walls('{"id": "a", "from": [0, 0], "to": [1, 0], "thickness": 100, "type": "interior", "colour": 1}'),
            '/storeys/0/walls/0/colour',
            'unknown key',
            true,
        ];
        yield 'units that do not exist' => [
            '{"format": "heurema-layout", "version": 1, "name": "x", "units": "cubits", "storeys": []}',
            '/units',
            'imperial, metric',
            true,
        ];
        yield 'a missing key' => [
            self::walls('{"id": "a", "from": [0, 0], "thickness": 100, "type": "interior"}'),
            '/storeys/0/walls/0/to',
            'missing',
            true,
        ];
        yield 'a wall of no length' => [
            self::walls('{"id": "a", "from": [5, 5], "to": [5, 5], "thickness": 100, "type": "interior"}'),
            '/storeys/0/walls/0/to',
            'some length',
            false,
        ];
        yield 'a wall without thickness' => [
            self::walls('{"id": "a", "from": [0, 0], "to": [1, 0], "thickness": 0, "type": "interior"}'),
            '/storeys/0/walls/0/thickness',
            'above 0',
            false,
        ];
        yield 'a thick divider' => [
            self::walls('{"id": "a", "from": [0, 0], "to": [1, 0], "thickness": 10, "type": "divider"}'),
            '/storeys/0/walls/0/thickness',
            'divider',
            false,
        ];
        yield 'an endless number' => [self::document('"grade": 1e300'), '/grade', 'from -10000000 to 10000000', true];
        yield 'a number beyond all numbers' => [self::document('"grade": 1e999'), '/grade', 'from -10000000 to 10000000', false];
        yield 'a coordinate 11 km away' => [
            self::walls('{"id": "a", "from": [11000000, 0], "to": [1, 0], "thickness": 100, "type": "interior"}'),
            '/storeys/0/walls/0/from/0',
            'from -10000000',
            true,
        ];
        yield 'a text for a number' => [self::document('"grade": "5"'), '/grade', 'a number', true];
        yield 'three coordinates' => [
            self::walls('{"id": "a", "from": [0, 0, 0], "to": [1, 0], "thickness": 100, "type": "interior"}'),
            '/storeys/0/walls/0/from',
            'two values',
            true,
        ];
        yield 'an id with a space' => [
            self::walls('{"id": "a b", "from": [0, 0], "to": [1, 0], "thickness": 100, "type": "interior"}'),
            '/storeys/0/walls/0/id',
            'an id',
            true,
        ];
        yield 'an id of 41 letters' => [
            self::walls('{"id": "'.str_repeat('a', 41).'", "from": [0, 0], "to": [1, 0], "thickness": 100, "type": "interior"}'),
            '/storeys/0/walls/0/id',
            'an id',
            true,
        ];
        yield 'a duplicate id' => [
            self::walls('{"id": "r", "from": [0, 0], "to": [1, 0], "thickness": 100, "type": "interior"}'),
            '/storeys/0/rooms/0/id',
            '/storeys/0/walls/0/id',
            false,
        ];
        yield 'an opening without its wall' => [
            self::openings('{"id": "d", "kind": "door", "wall": "q", "at": 500}'),
            '/storeys/0/openings/0/wall',
            'id of a wall',
            false,
        ];
        yield 'an opening past the end of its wall' => [
            self::openings('{"id": "d", "kind": "door", "wall": "w", "at": 600, "width": 900}'),
            '/storeys/0/openings/0/at',
            'lies on its wall',
            false,
        ];
        yield 'a window that swings like a door' => [
            self::openings('{"id": "d", "kind": "window", "wall": "w", "at": 500, "operation": "bypass"}'),
            '/storeys/0/openings/0/operation',
            'casement',
            true,
        ];
        yield 'a door with a window’s limiter' => [
            self::openings('{"id": "d", "kind": "door", "wall": "w", "at": 500, "opening_limiter": true}'),
            '/storeys/0/openings/0/opening_limiter',
            'unknown key',
            true,
        ];
        yield 'a stair that leads nowhere' => [self::stair('"to_storey": "X"'), '/stairs/0/to_storey', 'id of a storey', false];
        yield 'a stair to where it starts' => [
            self::stair('"from_storey": "G", "to_storey": "G"'),
            '/stairs/0/to_storey',
            'another storey',
            false,
        ];
        yield 'a stair that leads down' => [
            '{"format": "heurema-layout", "version": 1, "name": "x", "units": "metric", "storeys": [{"id": "G"}, '
            .'{"id": "U"}], "stairs": [{"id": "s", "start": [0, 0], "facing": 0, "from_storey": "U", "to_storey": '
            .'"G", "parts": [{"flight": {"risers": 3}}]}]}',
            '/stairs/0/to_storey',
            'a storey above',
            false,
        ];
        yield 'a stair that begins with its landing' => [
            self::stair('"to_storey": "G"', '{"landing": {"depth": 900}}, {"flight": {"risers": 3}}'),
            '/stairs/0/parts/0',
            'before and after a landing',
            false,
        ];
        yield 'a turn that leads nowhere' => [
            self::stair('"to_storey": "G"', '{"flight": {"risers": 3}}, {"landing": {"depth": 900, "turn": "left"}}'),
            '/stairs/0/parts/1',
            'before and after a landing',
            false,
        ];
        yield 'two landings in a row' => [
            self::stair('"to_storey": "G"', '{"flight": {"risers": 3}}, {"landing": {}}, {"landing": {}}, {"flight": {"risers": 3}}'),
            '/stairs/0/parts/2',
            'before and after a landing',
            false,
        ];
        yield 'a tread below nothing' => [
            self::stair('"to_storey": "G"', '{"flight": {"risers": 3, "tread": -250}}'),
            '/stairs/0/parts/0/flight/tread',
            'from 0',
            true,
        ];
        yield 'winders that turn back' => [
            self::stair('"to_storey": "G"', '{"winders": {"risers": 3, "turn": "back"}}'),
            '/stairs/0/parts/0/winders/turn',
            'left, right',
            true,
        ];
        yield 'a flight without risers' => [
            self::stair('"to_storey": "G"', '{"flight": {"risers": 0}}'),
            '/stairs/0/parts/0/flight/risers',
            'from 1',
            true,
        ];
        yield 'rises that do not count up' => [
            self::stair('"to_storey": "G"', '{"flight": {"risers": 3, "rises": [170, 170]}}'),
            '/stairs/0/parts/0/flight/rises',
            '3 heights',
            false,
        ];
        yield 'a part of two kinds' => [
            self::stair('"to_storey": "G"', '{"flight": {"risers": 3}, "landing": {}}'),
            '/stairs/0/parts/0',
            'one of flight',
            true,
        ];
        yield 'a ceiling that goes nowhere' => [
            self::rooms('{"id": "q", "use": "bedroom", "at": [0, 0], "ceiling": {"low": 1, "high": 2, "from": [0, 0], "to": [0, 0]}}'),
            '/storeys/0/rooms/0/ceiling/to',
            'run somewhere',
            false,
        ];
        yield 'a use nobody knows' => [
            self::rooms('{"id": "q", "use": "ballroom", "at": [0, 0]}'),
            '/storeys/0/rooms/0/use',
            'bedroom',
            true,
        ];
        yield 'extra that is no object' => [self::document('"extra": 3'), '/extra', 'an object', true];
        yield 'a very long text' => [
            self::document('"extra": {}, "survey": [], "stairs": [], "north": 0', str_repeat('x', 201)),
            '/name',
            '200 characters',
            true,
        ];
    }

    /** Off either end of a wall by no more than what counts as equal, whichever way it runs. */
    public function test_an_opening_may_end_with_its_wall(): void
    {
        foreach ([0.0, 90.0, 180.0, 33.0] as $turn) {
            $end = Point::towards($turn)->times(12_345.6);
            foreach ([[0.0, ''], [0.04, ''], [0.06, '/storeys/0/openings/0/at']] as [$off, $refused]) {
                foreach ([450.0 - $off, 12_345.6 - 450.0 + $off] as $at) {
                    $wall = (new Sketch())->wall([0, 0], $end->toArray())->door('w1', $at, 900);
                    self::assertSame($refused, self::refusal($wall), "{$at} mm, {$turn} degrees");
                }
            }
        }
    }

    public function test_where_an_opening_off_its_wall_would_lie_is_said_in_millimetres(): void
    {
        $this->expectExceptionMessage('lies on its wall (0 to 12345.6 mm), it runs from -50.25 to 849.75 mm');
        (new Sketch())->wall([0, 0], [12_345.6, 0])->door('w1', 399.75, 900)->layout();
    }

    /** @return string the pointer to what is refused; empty where nothing is */
    private static function refusal(Sketch $sketch): string
    {
        try {
            $sketch->layout();

            return '';
        } catch (UnreadableLayout $e) {
            return $e->pointer;
        }
    }

    #[DataProvider('refused')]
    public function test_refuses_with_the_place(string $json, string $pointer, string $expected, bool $schemaToo): void
    {
        try {
            (new LayoutReader())->read($json);
            self::fail('It was read.');
        } catch (UnreadableLayout $e) {
            self::assertSame($pointer, $e->pointer);
            self::assertStringContainsString($expected, $e->getMessage());
        }
        if ($schemaToo) {
            self::assertFalse(self::fitsSchema($json), 'The schema lets it pass.');
        }
    }

    private static function fitsSchema(string $json): bool
    {
        $schema = (string) file_get_contents(__DIR__.'/../../schema/layout-1.schema.json');

        return (new Validator())->validate(json_decode($json), $schema)->isValid();
    }

    private static function document(string $more, string $name = 'x'): string
    {
        return '{"format": "heurema-layout", "version": 1, "name": "'.$name
            .'", "units": "metric", "storeys": [{"id": "G", "rooms": [{"id": "r", "use": "bedroom", "at": [0, 0]}]}], '.$more.'}';
    }

    private static function storey(string $more): string
    {
        return '{"format": "heurema-layout", "version": 1, "name": "x", "units": "metric", "storeys": [{"id": "G", '.$more.'}]}';
    }

    private static function walls(string $walls): string
    {
        return self::storey('"rooms": [{"id": "r", "use": "bedroom", "at": [0, 0]}], "walls": ['.$walls.']');
    }

    private static function rooms(string $rooms): string
    {
        return self::storey('"rooms": ['.$rooms.']');
    }

    private static function openings(string $openings): string
    {
        return self::storey(
            '"walls": [{"id": "w", "from": [0, 0], "to": [1000, 0], "thickness": 100, "type": "interior"}], "openings": ['.$openings.']',
        );
    }

    private static function stair(string $storeys, string $parts = '{"flight": {"risers": 3, "tread": 250}}'): string
    {
        return '{"format": "heurema-layout", "version": 1, "name": "x", "units": "metric", "storeys": [{"id": '
            .'"G"}], "stairs": [{"id": "s", "start": [0, 0], "facing": 0, '
            .$storeys.', "parts": ['.$parts.']}]}';
    }
}
