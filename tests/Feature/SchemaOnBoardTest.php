<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Board\Fields;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\ElementList;
use Heurema\Layout\Schema\ElementSchema;
use Heurema\Layout\Schema\KeySchema;
use Heurema\Layout\Words\FixtureKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Every key of the document has its place on the board, or stands here with the reason why not. */
final class SchemaOnBoardTest extends TestCase
{
    /** What is pointed at, drawn or arranged, has an act of its own, or comes by itself. */
    private const DONE = [
        'walls' => ['id', 'from', 'to', 'backing'],
        'openings' => ['id', 'kind', 'wall', 'exterior_level'],
        'rooms' => ['id', 'at'],
        'fixtures' => ['id', 'kind', 'at', 'outline'],
        'voids' => ['id', 'outline'],
        'notes' => ['id', 'at'],
        'soffits' => ['id', 'outline'],
        'guards' => ['id', 'line'],
        'terraces' => ['id', 'outline'],
        'roof_windows' => ['id', 'at'],
        'storeys' => [
            'id', 'elevation', 'walls', 'openings', 'roof_windows', 'rooms', 'fixtures', 'voids', 'soffits', 'guards', 'terraces',
            'notes', 'blocks', 'dimensions',
        ],
        'stairs' => ['id', 'from_storey', 'to_storey', 'start', 'facing', 'parts', 'handrails', 'kind', 'inner_radius', 'hand'],
        'ramps' => ['id', 'storey', 'base', 'start', 'facing', 'handrails', 'parts'],
        'survey' => ['id', 'storey', 'from', 'to', 'of', 'height'],
        'axes' => ['id', 'from', 'to'],
        'sections' => ['id', 'from', 'to'],
        'blocks' => ['id', 'at', 'width', 'depth'],
        'dimensions' => ['id', 'from', 'to', 'through', 'kind', 'direction'],
    ];

    /** @return iterable<string, array{ElementList, list<array<string, mixed>>}> elements that have all fields between them */
    public static function elements(): iterable
    {
        $line = ['from' => [0, 0], 'to' => [1000, 0]];
        $outline = [[0, 0], [1000, 0], [0, 1000]];
        yield 'walls' => [ElementList::Walls, [['type' => 'interior', 'thickness' => 100, ...$line]]];
        yield 'openings' => [ElementList::Openings, [
            ['kind' => 'door', 'operation' => 'double_hinged', 'wall' => 'w', 'at' => 500],
            ['kind' => 'door', 'operation' => 'folding', 'wall' => 'w', 'at' => 500],
            ['kind' => 'window', 'wall' => 'w', 'at' => 500],
            ['kind' => 'gap', 'wall' => 'w', 'at' => 500],
        ]];
        yield 'rooms' => [ElementList::Rooms, [['at' => [0, 0]]]];
        yield 'fixtures' => [
            ElementList::Fixtures,
            array_map(
                static fn(FixtureKind $kind): array => ['kind' => $kind->value, 'at' => [0, 0], 'facing' => 90],
                FixtureKind::cases(),
            ),
        ];
        yield 'voids' => [ElementList::Voids, [['outline' => $outline]]];
        yield 'soffits' => [ElementList::Soffits, [['outline' => $outline]]];
        yield 'roof_windows' => [ElementList::RoofWindows, [['at' => [0, 0]]]];
        yield 'terraces' => [ElementList::Terraces, [['outline' => $outline]]];
        yield 'guards' => [ElementList::Guards, [['line' => [[0, 0], [1000, 0]]]]];
        yield 'notes' => [ElementList::Notes, [['at' => [0, 0], 'text' => 'Note']]];
        yield 'storeys' => [ElementList::Storeys, [[]]];
        yield 'stairs' => [
            ElementList::Stairs,
            [['to_storey' => 'U', 'start' => [0, 0], 'facing' => 0, 'parts' => [['flight' => ['risers' => 3]]]]],
        ];
        yield 'ramps' => [
            ElementList::Ramps,
            [['storey' => 'G', 'start' => [0, 0], 'facing' => 0, 'parts' => [['run' => ['length' => 1000]]]]],
        ];
        yield 'survey' => [ElementList::Survey, [['storey' => 'G', 'measured' => 1000, ...$line]]];
        yield 'axes' => [ElementList::Axes, [['name' => 'A', ...$line]]];
        yield 'sections' => [ElementList::Sections, [['name' => 'A', ...$line]]];
        yield 'dimensions' => [
            ElementList::Dimensions,
            [['from' => ['at' => [0, 0]], 'to' => ['at' => [1000, 0]], 'through' => [0, 500]]],
        ];
        yield 'blocks' => [ElementList::Blocks, [['name' => 'Bath', 'at' => [0, 0], 'width' => 1000, 'depth' => 1000]]];
    }

    public function test_there_are_samples_of_every_list(): void
    {
        self::assertEqualsCanonicalizing(array_column(ElementList::cases(), 'value'), array_keys(iterator_to_array(self::elements())));
    }

    public function test_what_only_some_kinds_have_is_asked_of_them_alone(): void
    {
        self::assertNotContains('leaves', self::asked(['kind' => 'door', 'operation' => 'hinged']));
        self::assertContains('leaves', self::asked(['kind' => 'door', 'operation' => 'folding']));
        self::assertContains('leads', self::asked(['kind' => 'door', 'operation' => 'double_hinged']));
        self::assertNotContains('leads', self::asked(['kind' => 'door', 'operation' => 'sliding']));
        self::assertContains(
            'leads',
            self::asked(['kind' => 'door', 'operation' => 'sliding', 'leads' => 'from']),
            'what it has can be changed',
        );
        self::assertNotContains('sill', self::asked(['kind' => 'door']));
        self::assertContains('sill', self::asked(['kind' => 'window']));
        self::assertNotContains('operation', self::asked(['kind' => 'gap']));
        self::assertNotContains('threshold', self::asked(['kind' => 'gap']));
    }

    /**
     * @param array<string, mixed> $values of an opening
     *
     * @return list<string>
     */
    private static function asked(array $values): array
    {
        return array_column(Fields::of(Draft::read(ElementList::Openings, ['id' => 'o', 'wall' => 'w', 'at' => 500, ...$values])), 'key');
    }

    /** @param list<array<string, mixed>> $samples */
    #[DataProvider('elements')]
    public function test_every_key_has_its_place(ElementList $list, array $samples): void
    {
        $keys = array_map(static fn(KeySchema $key): string => $key->key, ElementSchema::of($list->type())->keys());
        $fields = array_map(
            static fn(string $key): string => explode('.', $key)[0],
            array_merge(...array_map(
                static fn(array $values): array => array_column(Fields::of(Draft::read($list, ['id' => 'x', ...$values])), 'key'),
                $samples,
            )),
        );
        $missing = array_diff($keys, $fields, self::DONE[$list->value]);
        self::assertSame([], array_values($missing), 'nobody can say it on the board, and nobody says why');
        self::assertSame(
            [],
            array_values(array_intersect(self::DONE[$list->value], $fields)),
            'it has a field by now',
        );
    }
}
