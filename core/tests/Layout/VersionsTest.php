<?php

declare(strict_types=1);

namespace Heurema\Tests\Layout;

use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\LayoutSchema;
use Heurema\Layout\LayoutWriter;
use Heurema\Layout\Schema\ElementSchema;
use Heurema\Layout\Upgrade\Upgrade;
use Heurema\Layout\Upgrade\Upgrades;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Documents of every version are read; the schema of the current one is what the elements say. */
final class VersionsTest extends TestCase
{
    public function test_the_schema_is_what_the_elements_say(): void
    {
        self::assertStringEqualsFile(
            dirname(__DIR__, 2).'/schema/layout-'.Layout::VERSION.'.schema.json',
            (new LayoutSchema())->json(),
            'run php artisan heurema:schema',
        );
    }

    /** @return iterable<string, array{int}> */
    public static function versions(): iterable
    {
        foreach (range(1, Layout::VERSION) as $version) {
            yield "version {$version}" => [$version];
        }
    }

    #[DataProvider('versions')]
    public function test_a_document_of_every_version_is_read(int $version): void
    {
        $layout = (new LayoutReader())->read(self::stored($version));
        self::assertSame('Ferry hut', $layout->name);
        $written = json_decode((new LayoutWriter())->write($layout), true, 64, JSON_THROW_ON_ERROR);
        self::assertIsArray($written);
        self::assertSame(Layout::VERSION, $written['version']);
    }

    public function test_the_stored_document_of_this_version_has_every_key_and_comes_back_the_same(): void
    {
        $stored = json_decode(self::stored(Layout::VERSION), true, 64, JSON_THROW_ON_ERROR);
        $written = json_decode(
            (new LayoutWriter())->write((new LayoutReader())->read(self::stored(Layout::VERSION))),
            true,
            64,
            JSON_THROW_ON_ERROR,
        );
        self::assertEquals($stored, $written);
        $text = self::stored(Layout::VERSION);
        foreach (ElementList::cases() as $list) {
            foreach (ElementSchema::of($list->type())->keys() as $key) {
                // what only some kinds of fixtures and stairs have
                if (!in_array(
                    $key->key,
                    [
                        'base', 'seat', 'door_swing', 'hinge', 'hob', 'entry', 'clear_height', 'leaves', 'leads', 'rise', 'inner_radius',
                        'hand', 'glass_doors', 'overhang', 'upstand', 'one_piece',
                    ],
                    true,
                )) {
                    self::assertStringContainsString("\"{$key->key}\"", $text, $list->value);
                }
            }
        }
    }

    public function test_older_documents_go_through_every_step_and_others_through_none(): void
    {
        $step = static fn(int $from, string $key): Upgrade => new class ($from, $key) implements Upgrade {
            public function __construct(private readonly int $from, private readonly string $key) {}

            public function from(): int
            {
                return $this->from;
            }

            public function apply(\stdClass $document): \stdClass
            {
                $document->{$this->key} = $this->from;

                return $document;
            }
        };
        $upgrades = new Upgrades([$step(1, 'a'), $step(2, 'b')]);
        $old = (object) ['version' => 1, 'name' => 'x'];
        self::assertEquals((object) ['version' => 3, 'name' => 'x', 'a' => 1, 'b' => 2], $upgrades->apply($old));
        self::assertEquals((object) ['version' => 1, 'name' => 'x'], $old, 'what came in stays as it was');
        self::assertEquals((object) ['version' => 3, 'b' => 2], $upgrades->apply((object) ['version' => 2]));
        foreach ([(object) ['version' => 3], (object) ['version' => '1'], (object) [], [], null, 'text'] as $other) {
            self::assertEquals($other, $upgrades->apply($other));
        }
    }

    private static function stored(int $version): string
    {
        return (string) file_get_contents(__DIR__."/versions/{$version}.json");
    }
}
