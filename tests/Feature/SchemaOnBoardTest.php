<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Board\Fields;
use Heurema\Layout\Edit\DraftElement;
use Heurema\Layout\Words\FixtureKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every key of the document has its place on the board, or stands here with the reason why not. */
final class SchemaOnBoardTest extends TestCase
{
    /** What is pointed at, drawn or arranged, has an act of its own, or comes by itself. */
    private const DONE = [
        'walls' => ['id', 'from', 'to'],
        'openings' => ['id', 'kind', 'wall', 'exterior_level'],
        'rooms' => ['id', 'at'],
        'fixtures' => ['id', 'kind', 'at'],
        'voids' => ['id', 'outline'],
        'notes' => ['id', 'at'],
        'soffits' => ['id', 'outline'],
        'guards' => ['id', 'line'],
        'storeys' => ['id', 'elevation', 'walls', 'openings', 'rooms', 'fixtures', 'voids', 'soffits', 'guards', 'notes', 'blocks'],
        'stairs' => ['id', 'from_storey', 'to_storey', 'start', 'facing', 'parts', 'handrails', 'kind', 'inner_radius', 'hand'],
        'survey' => ['id', 'storey', 'from', 'to'],
        'axes' => ['id', 'from', 'to'],
        'blocks' => ['id', 'at', 'width', 'depth'],
    ];

    /** What comes from files alone so far. */
    private const FROM_FILES = [
        'walls' => ['lining', 'locked'],
        'openings' => ['locked', 'glass_area', 'well'],
        'fixtures' => ['outline', 'locked', 'door_swing'],
        'stairs' => ['status', 'locked'],
    ];

    /** @return iterable<string, array{string, list<array<string, mixed>>}> list of the document, and values of elements that have all fields between them */
    public static function elements(): iterable
    {
        yield 'wall' => ['walls', [[]]];
        yield 'room' => ['rooms', [[]]];
        yield 'fixture' => ['fixtures', array_map(static fn(FixtureKind $kind): array => ['kind' => $kind->value], FixtureKind::cases())];
        yield 'void' => ['voids', [[]]];
        yield 'soffit' => ['soffits', [[]]];
        yield 'guard' => ['guards', [[]]];
        yield 'note' => ['notes', [[]]];
        yield 'storey' => ['storeys', [[]]];
        yield 'stair' => ['stairs', [[]]];
        yield 'survey' => ['survey', [[]]];
        yield 'axis' => ['axes', [[]]];
        yield 'block' => ['blocks', [[]]];
    }

    /** @param list<array<string, mixed>> $values */
    #[DataProvider('elements')]
    public function test_every_key_of_an_element_has_its_place(string $list, array $values): void
    {
        self::assertPlaced(self::keys((string) $this->dataName()), $list, $values);
    }

    public function test_every_key_of_an_opening_has_its_place(): void
    {
        $kinds = [['kind' => 'door', 'operation' => 'folding'], ['kind' => 'window'], ['kind' => 'gap']];
        self::assertPlaced(self::keys('opening'), 'openings', $kinds);
    }

    /**
     * @param list<string>               $keys
     * @param list<array<string, mixed>> $values
     */
    private static function assertPlaced(array $keys, string $list, array $values): void
    {
        $fields = array_unique(array_merge(...array_map(static fn(array $of): array => array_column(Fields::of(new DraftElement('G', $list, 0, $of)), 'key'), $values)));
        $missing = array_values(array_diff($keys, $fields, self::DONE[$list] ?? [], self::FROM_FILES[$list] ?? []));
        self::assertSame([], $missing, 'nobody can say it on the board, and nobody says why');
        self::assertSame([], array_values(array_intersect(self::FROM_FILES[$list] ?? [], $fields)), 'it has a field by now');
        self::assertSame([], array_values(array_diff($fields, $keys)), 'the schema does not know it');
    }

    /** @return list<string> of an element in the schema, of all its kinds */
    private static function keys(string $element): array
    {
        $schema = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/core/schema/layout-1.schema.json'), true, 64, JSON_THROW_ON_ERROR);
        $found = is_array($schema) && is_array($schema['$defs'] ?? null) ? $schema['$defs'][$element] ?? [] : [];
        $keys = [];
        $collect = static function (mixed $node) use (&$collect, &$keys): void {
            foreach (is_array($node) ? $node : [] as $key => $value) {
                if ($key === 'properties' && is_array($value)) {
                    $keys = [...$keys, ...array_keys($value)];
                } elseif (in_array($key, ['oneOf', 'anyOf', 'allOf'], true) || is_int($key)) {
                    $collect($value);
                }
            }
        };
        $collect($found);

        return array_values(array_unique(array_map(strval(...), $keys)));
    }
}
