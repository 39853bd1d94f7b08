<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Board\ElementNames;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Fixture;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Spatial\Home;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What the core says with ids is said with names. */
final class ElementNamesTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function sentences(): iterable
    {
        yield 'a fixture, its kind before it' => [
            'Water closet gf17 is locked in its place.',
            'The water closet WC1 in Powder is locked in its place.',
        ];
        yield 'an id alone' => ['gf17 moved 105 mm', 'The water closet WC1 in Powder moved 105 mm'];
        yield 'in quotes' => ['Expected a wall, found "gw12".', 'Expected a wall, found the wall between Laundry and Study.'];
        yield 'a room' => ['Room gr8 is not copied.', 'Garage is not copied.'];
        yield 'an id of nothing' => ['Nothing has the id "zz99".', 'Nothing has the id "zz99".'];
        yield 'part of a longer word' => ['gw12-copy and w5x', 'gw12-copy and w5x'];
        yield 'no id' => ['A wall has some length.', 'A wall has some length.'];
    }

    #[DataProvider('sentences')]
    public function test_ids_become_names(string $sentence, string $expected): void
    {
        self::assertSame($expected, (new ElementNames(new Home(self::demo('orchard-terrace'))))->say($sentence));
    }

    public function test_no_element_of_any_demo_home_is_called_by_its_id(): void
    {
        foreach (['orchard-terrace', 'ferry-cottage', 'lantern-row', 'heron-bungalow', 'quarry-flat', 'weir-cabin'] as $home) {
            $layout = self::demo($home);
            $said = new ElementNames(new Home($layout));
            foreach ($layout->storeys as $storey) {
                foreach (ElementList::ofStorey() as $list) {
                    foreach ($storey->elements($list) as $element) {
                        self::assertDoesNotMatchRegularExpression(
                            '/(?<![\w-])'.$element->id().'(?![\w-])/',
                            $said->say("{$element->id()} is too near to {$element->id()}."),
                        );
                    }
                }
            }
        }
    }

    public function test_what_the_draft_refuses_is_said_with_names(): void
    {
        $layout = self::demo('orchard-terrace');
        try {
            (new Draft($layout))->get('gw12', Fixture::class);
            self::fail('It is none.');
        } catch (RefusedEdit $e) {
            $said = (new ElementNames(new Home($layout)))->say($e->getMessage());
            self::assertSame('The wall between Laundry and Study is no fixture.', $said);
        }
    }

    private static function demo(string $home): Layout
    {
        return (new LayoutReader())->read((string) file_get_contents(base_path("database/demo/{$home}.json")));
    }
}
