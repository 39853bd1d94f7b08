<?php

declare(strict_types=1);

namespace Heurema\Tests\Ifc;

use Heurema\Ifc\Mapping\Entry;
use Heurema\Ifc\Mapping\Import;
use Heurema\Ifc\Mapping\ModelReader;
use Heurema\Ifc\Mapping\Outcome;
use Heurema\Ifc\Step\UnreadableFile;
use Heurema\Layout\Layout;
use Heurema\Layout\Words\WallType;
use Heurema\Spatial\Home;
use Heurema\Words\Message;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A hut of 5 by 4 m inside with walls of 200 mm, a door and a window, in all schemas, units and positions. */
final class ModelReaderTest extends TestCase
{
    /** @return iterable<string, array{string, string, float, float, float}> schema, unit, how it is turned, where it lies in mm */
    public static function frames(): iterable
    {
        foreach (['IFC2X3', 'IFC4', 'IFC4X3'] as $schema) {
            foreach (['mm', 'm', 'ft'] as $unit) {
                yield "{$schema} in {$unit}" => [$schema, $unit, 0.0, 0.0, 0.0];
            }
        }
        foreach ([30.0, 90.0, 180.0, 271.3] as $turned) {
            yield "turned by {$turned} degrees" => ['IFC4', 'mm', $turned, 12_345.0, -6_789.0];
        }
        yield 'in a national grid' => ['IFC4', 'm', 17.0, 3_456_789_012.0, 5_432_100_987.0];
    }

    #[DataProvider('frames')]
    public function test_the_hut_is_the_same_wherever_it_lies(string $schema, string $unit, float $turned, float $x, float $y): void
    {
        $import = ModelReader::read(self::hut(new ModelText($schema, $unit, $turned, $x, $y), 'door SINGLE_SWING_LEFT')->write());
        $home = new Home($import->layout);
        self::assertSame('Kitchen', $home->rooms[0]->name());
        self::assertSame('kitchen', $home->rooms[0]->room->use?->value);
        self::assertEqualsWithDelta(20.0, ($home->rooms[0]->outline()?->area() ?? 0.0) / 1e6, 0.0001);
        self::assertEqualsWithDelta(2500.0, $home->rooms[0]->ceiling(), 0.01);
        self::assertCount(4, $import->layout->storeys[0]->walls);
        foreach ($import->layout->storeys[0]->walls as $wall) {
            self::assertEqualsWithDelta(200.0, $wall->thickness, 0.01);
            self::assertSame(WallType::Exterior, $wall->type);
        }
        [$door, $window] = $import->layout->storeys[0]->openings;
        self::assertEqualsWithDelta([900.0, 2100.0, 1200.0, 1000.0, 800.0], [
            $door->width, $door->height, $window->width, $window->height, $window->sill,
        ], 0.01);
        self::assertSame($unit === 'ft' ? 'imperial' : 'metric', $import->layout->units->value);
        self::assertTrue($home->openings[0]->isToOutside());
    }

    /** @return iterable<string, array{string, string, string}> how a door is told, and which jamb and side that is */
    public static function doors(): iterable
    {
        // the wall runs to the right, so its left is inside the hut
        yield 'hung left, opening in' => ['door SINGLE_SWING_LEFT', 'from', 'left'];
        yield 'hung right, opening in' => ['door SINGLE_SWING_RIGHT', 'to', 'left'];
        yield 'hung left, opening out' => ['door SINGLE_SWING_LEFT turned', 'to', 'right'];
        yield 'hung right, opening out' => ['door SINGLE_SWING_RIGHT turned', 'from', 'right'];
    }

    #[DataProvider('doors')]
    public function test_the_hand_of_a_door(string $filler, string $hinge, string $opens): void
    {
        foreach (['IFC2X3', 'IFC4'] as $schema) {
            foreach ([0.0, 90.0, 200.0] as $turned) {
                $door = self::read(self::hut(new ModelText($schema, 'mm', $turned), $filler))->layout->storeys[0]->openings[0];
                self::assertSame(['hinged', $hinge, $opens], [
                    $door->door?->operation?->value, $door->door?->hinge?->value, $door->door?->opens?->value,
                ], "{$schema} {$turned}");
            }
        }
    }

    /** @return iterable<string, array{string, string|null}> */
    public static function operations(): iterable
    {
        yield 'double' => ['DOUBLE_DOOR_SINGLE_SWING', 'double_hinged'];
        yield 'sliding' => ['SLIDING_TO_RIGHT', 'sliding'];
        yield 'folding' => ['FOLDING_TO_LEFT', 'folding'];
        yield 'rolling up' => ['ROLLINGUP', 'overhead'];
        yield 'not told' => ['NOTDEFINED', null];
        yield 'without a counterpart' => ['REVOLVING', null];
    }

    #[DataProvider('operations')]
    public function test_how_a_door_opens(string $word, ?string $operation): void
    {
        $import = self::read(self::hut(new ModelText(), "door {$word}"));
        self::assertSame($operation, $import->layout->storeys[0]->openings[0]->door?->operation?->value);
        self::assertCount($word === 'REVOLVING' ? 1 : 0, array_filter(
            $import->report->entries(Outcome::Simplified),
            static fn(Entry $entry): bool => $entry->type() === 'IfcDoor',
        ));
    }

    public function test_properties_are_read_and_nothing_is_invented(): void
    {
        $model = new ModelText();
        self::hut($model, 'door SINGLE_SWING_LEFT');
        $layout = self::read($model)->layout;
        $door = $layout->storeys[0]->openings[0];
        self::assertNull($door->door?->fireMinutes);
        self::assertNull($door->door?->selfClosing);
        self::assertNull($layout->storeys[0]->openings[1]->window?->operation);
        self::assertNull($layout->storeys[0]->floorThickness);
        self::assertNull($layout->north);

        $model = new ModelText();
        $wall = self::hut($model, 'door SINGLE_SWING_LEFT', true);
        $model->property($wall, 'Pset_WallCommon', 'FireRating', "IFCLABEL('REI 60')")
            ->property($wall, 'Pset_WallCommon', 'IsExternal', 'IFCBOOLEAN(.T.)');
        $walls = self::read($model)->layout->storeys[0]->walls;
        self::assertSame([60.0, WallType::Exterior], [$walls[0]->fireMinutes, $walls[0]->type]);
    }

    /**
     * A floor of 20 m2 between its walls; what the file says of it, and its body, may differ from that by 1 %.
     *
     * @param list<string> $expected
     */
    #[TestWith([20.20202, 5000.0, []])]
    #[TestWith([20.2021, 5000.0, ['ifc.space.figure_differs']])]
    #[TestWith([19.80199, 5000.0, []])]
    #[TestWith([19.8019, 5000.0, ['ifc.space.figure_differs']])]
    #[TestWith([20.0, 5050.5, []])]
    #[TestWith([20.0, 5050.6, ['ifc.space.body_differs']])]
    public function test_areas_that_differ_by_more_than_one_in_a_hundred_are_told(float $told, float $width, array $expected): void
    {
        $model = new ModelText();
        self::walls($model);
        $model->area($model->space(0, 0, $width, 4000, 'Kitchen'), 'NetFloorArea', $told);
        $entries = array_values(array_filter(
            self::read($model)->report->entries(),
            static fn(Entry $entry): bool => $entry->element->type === 'IFCSPACE',
        ));
        self::assertSame($expected, array_map(static fn(Message $why): string => $why->key, $entries[0]->reasons));
    }

    /**
     * 20 m2 are 200,000 square centimetres and 20,000,000 square millimetres.
     *
     * @param list<string> $expected
     */
    #[TestWith([200_000.0, 'CENTI', []])]
    #[TestWith([20_000_000.0, 'MILLI', []])]
    #[TestWith([20.0, 'CENTI', ['ifc.space.figure_differs']])]
    public function test_a_quantity_may_have_a_unit_of_its_own(float $told, string $prefix, array $expected): void
    {
        $model = new ModelText();
        self::walls($model);
        $space = $model->space(0, 0, 5000, 4000, 'Kitchen');
        $model->area($space, 'NetFloorArea', $told, "IFCSIUNIT(*,.AREAUNIT.,.{$prefix}.,.SQUARE_METRE.)");
        $entries = array_filter(
            ModelReader::read($model->write())->report->entries(),
            static fn(Entry $one): bool => $one->element->id === $space,
        );
        self::assertSame($expected, array_map(
            static fn(Message $why): string => $why->key,
            array_merge(...array_map(static fn(Entry $one): array => $one->reasons, array_values($entries))),
        ));
    }

    /** Two spaces without a wall between them are parted by a boundary. */
    public function test_open_spaces_are_parted(): void
    {
        $model = new ModelText();
        self::walls($model);
        $model->space(0, 0, 3000, 4000, 'Kitchen');
        $model->space(3000, 0, 2000, 4000, 'Lounge');
        $home = new Home(self::read($model)->layout);
        self::assertEqualsWithDelta(
            ['Kitchen' => 12.0, 'Lounge' => 8.0],
            array_column(array_map(
                static fn($room): array => [$room->name(), ($room->outline()?->area() ?? 0.0) / 1e6],
                $home->rooms,
            ), 1, 0),
            0.0001,
        );
    }

    /** @return iterable<string, array{string, string|null}> names in English, German, French, Spanish and Hindi */
    public static function names(): iterable
    {
        foreach ([
            'Master Bedroom 2' => 'bedroom', 'Schlafzimmer' => 'bedroom', 'Chambre 1' => 'bedroom', 'Dormitorio principal' => 'bedroom',
            'Shayan kaksh' => 'bedroom', 'KITCHEN' => 'kitchen', 'Cuisine' => 'kitchen', 'Cocina' => 'kitchen', 'Rasoi ghar' => 'kitchen',
            'Bathroom' => 'bathroom', 'Bad' => 'bathroom', 'Salle de bains' => 'bathroom', 'Flur' => 'hall', 'Couloir' => 'hall',
            'Living/Dining' => 'living_dining', 'Walk-in closet' => 'walk_in_closet', 'WC' => 'wc', 'Shauchalay' => 'wc',
            'Garage' => 'garage', 'Space 12' => null, 'Bread oven' => null,
        ] as $name => $use) {
            yield $name => [$name, $use];
        }
    }

    #[DataProvider('names')]
    public function test_uses_by_names(string $name, ?string $use): void
    {
        $model = new ModelText();
        self::walls($model);
        $model->space(0, 0, 5000, 4000, $name);
        $import = self::read($model);
        self::assertSame($use, $import->layout->storeys[0]->rooms[0]->use?->value);
        self::assertCount($use === null ? 1 : 0, $import->unnamedUses);
    }

    /** @return iterable<string, array{string, string, string|null}> */
    public static function fixtures(): iterable
    {
        yield 'by its name' => ['IFCFURNISHINGELEMENT', 'Double bed', 'bed'];
        yield 'in German' => ['IFCFURNISHINGELEMENT', 'Waschbecken 2', 'lavatory'];
        yield 'a column' => ['IFCCOLUMN', 'C1', 'column'];
        yield 'not told' => ['IFCFURNISHINGELEMENT', 'Object 7', null];
    }

    /** Its back is to the wall that it stands at, whichever that is. */
    #[DataProvider('fixtures')]
    public function test_fixtures(string $type, string $name, ?string $kind): void
    {
        foreach ([[2000.0, 0.0, 90.0], [0.0, 1500.0, 0.0], [2000.0, 3400.0, 270.0], [4400.0, 1500.0, 180.0]] as [$x, $y, $facing]) {
            $model = new ModelText();
            self::walls($model);
            $model->space(0, 0, 5000, 4000, 'Bedroom');
            [$width, $depth] = fmod($facing, 180.0) === 0.0 ? [600.0, 900.0] : [900.0, 600.0];
            $model->fixture($type, $name, $x, $y, 0.0, $width, $depth, 700.0);
            $import = self::read($model);
            $fixtures = $import->layout->storeys[0]->fixtures;
            if ($kind === null) {
                self::assertSame([], $fixtures);
                self::assertSame('ifc.fixture.kind_not_told', $import->report->entries(Outcome::LeftOut)[0]->reasons[0]->key);

                continue;
            }
            self::assertSame([$kind, $facing, 900.0, 600.0, 700.0], [
                $fixtures[0]->kind->value, $fixtures[0]->facing, $fixtures[0]->width, $fixtures[0]->depth, $fixtures[0]->height,
            ], "at {$x}, {$y}");
        }
    }

    public function test_ids_are_the_global_ones(): void
    {
        $first = self::read(self::hut(new ModelText(), 'door SINGLE_SWING_LEFT'))->layout;
        $second = self::read(self::hut(new ModelText('IFC4', 'm', 40.0), 'door SINGLE_SWING_LEFT'))->layout;
        self::assertSame(self::ids($first), self::ids($second));
    }

    /** @return iterable<string, array{string, string}> */
    public static function refusals(): iterable
    {
        $text = self::hut(new ModelText(), 'door')->write();
        yield 'no project' => [str_replace('IFCPROJECT(', 'IFCPROXY(', $text), 'no IfcProject'];
        yield 'no storey' => [str_replace('IFCBUILDINGSTOREY(', 'IFCPROXY(', $text), 'no IfcBuildingStorey'];
        yield 'no unit of length' => [str_replace('.LENGTHUNIT.', '.MASSUNIT.', $text), 'no unit of length'];
        $walls = implode('', array_map(
            static fn(int $number): string => "#9{$number}=IFCWALL('w',\$,\$,\$,\$,\$,\$,\$);\n",
            range(10_000, 30_001),
        ));
        yield 'more walls than a home has' => [str_replace("ENDSEC;\nEND", "{$walls}ENDSEC;\nEND", $text), 'a home has at most 20000'];
        yield 'placements in a ring' => [
            (string) preg_replace('~IFCLOCALPLACEMENT\(\$,~', 'IFCLOCALPLACEMENT(#'.self::placement($text).',', $text, 1),
            'placements stand within one another without end',
        ];
    }

    #[DataProvider('refusals')]
    public function test_what_makes_no_home_is_refused(string $text, string $why): void
    {
        $this->expectException(UnreadableFile::class);
        $this->expectExceptionMessage($why);
        ModelReader::read($text);
    }

    /** A million entities that say nothing take a second or two and little room. */
    public function test_a_million_entities_are_refused_within_bounds(): void
    {
        $text = "ISO-10303-21;\nHEADER;\nFILE_SCHEMA(('IFC4'));\nENDSEC;\nDATA;\n";
        for ($number = 1; $number <= 1_000_000; ++$number) {
            $text .= "#{$number}=IFCDIRECTION((1.,0.));\n";
        }
        $before = memory_get_usage();
        try {
            ModelReader::read("{$text}ENDSEC;\n");
            self::fail('it was read');
        } catch (UnreadableFile $e) {
            self::assertSame('It has no IfcProject.', $e->getMessage());
        }
        self::assertLessThan(100_000_000, memory_get_peak_usage() - $before);
    }

    public function test_what_stands_on_no_storey_is_left_out_with_the_reason(): void
    {
        $model = new ModelText();
        self::hut($model, 'door');
        $text = (string) preg_replace('~#\d+=IFCRELCONTAINEDINSPATIALSTRUCTURE.*?;~', '', $model->write());
        $text = str_replace('ENDSEC;'."\nEND", "#9999=IFCWALL('lost',\$,'Lost',\$,\$,\$,\$,\$,\$);\nENDSEC;\nEND", $text);
        $lost = array_values(array_filter(
            ModelReader::read($text)->report->entries(Outcome::LeftOut),
            static fn(Entry $entry): bool => $entry->name() === 'Lost',
        ));
        self::assertSame('ifc.no_storey', $lost[0]->reasons[0]->key ?? null);
    }

    /** Nothing but an answer or a refusal comes of a file that was damaged anywhere. */
    public function test_damaged_files_are_read_or_refused(): void
    {
        $text = self::hut(new ModelText(), 'door SINGLE_SWING_LEFT')->write();
        mt_srand(26);
        $answers = 0;
        for ($try = 0; $try < 150; ++$try) {
            $damaged = match ($try % 3) {
                0 => substr($text, 0, mt_rand(200, strlen($text) - 1)),
                1 => substr_replace($text, (string) mt_rand(0, 99), mt_rand(200, strlen($text) - 40), 1),
                default => substr_replace($text, '', mt_rand(200, strlen($text) - 40), mt_rand(1, 30)),
            };
            try {
                ModelReader::read($damaged);
                ++$answers;
            } catch (UnreadableFile $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
        self::assertGreaterThan(20, $answers);
        self::assertLessThan(130, $answers);
    }

    private static function read(ModelText $model): Import
    {
        return ModelReader::read($model->write());
    }

    /** Four walls that meet at their faces, as modellers draw them: two run through, two stand between. */
    private static function walls(ModelText $model): int
    {
        $first = $model->wall(-200, -200, 0, 5400, 200);
        $model->wall(-200, 4000, 0, 5400, 200);
        $model->wall(0, 0, 90, 4000, 200);
        $model->wall(5200, 0, 90, 4000, 200);

        return $first;
    }

    /** @return ($asWall is true ? int : ModelText) the model, or its first wall */
    private static function hut(ModelText $model, string $door, bool $asWall = false): ModelText|int
    {
        $first = self::walls($model);
        $model->opening($first, 1000, -200, 0, 900, 2100, 0, $door);
        $model->opening($first, 3000, -200, 0, 1200, 1000, 800, 'window');
        $model->space(0, 0, 5000, 4000, 'Kitchen');

        return $asWall ? $first : $model;
    }

    /** The number of the placement of the storey. */
    private static function placement(string $text): int
    {
        return preg_match('~#(\d+)=IFCLOCALPLACEMENT\(\$~', $text, $found) === 1 ? (int) $found[1] : 0;
    }

    /** @return list<string> */
    private static function ids(Layout $layout): array
    {
        return [
            ...array_column($layout->storeys[0]->walls, 'id'),
            ...array_column($layout->storeys[0]->openings, 'id'),
            ...array_column($layout->storeys[0]->rooms, 'id'),
        ];
    }
}
