<?php

declare(strict_types=1);

namespace Heurema\Tests\Ifc;

use Heurema\Ifc\Mapping\Relations;
use Heurema\Ifc\Step\Enumeration;
use Heurema\Ifc\Step\Instance;
use Heurema\Ifc\Step\StepFile;
use Heurema\Ifc\Writing\GlobalId;
use Heurema\Ifc\Writing\ModelWriter;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Spatial\Home;
use Heurema\Tests\Proof\Redrawn;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Sizes and ratings are written with the words of the standard as well (ISO 16739-1:2018, the names from memory). */
final class StandardSetsTest extends TestCase
{
    private Relations $relations;

    /** @var array<string, Instance> by GlobalId */
    private array $products = [];

    public function test_doors_windows_walls_and_guards_say_what_is_known(): void
    {
        $this->write(
            Sketch::room(4000, 3000)
                ->door('w1', 1400, 800, [
                    'height' => 2000, 'glass_area' => 0.4, 'fire_minutes' => 30, 'self_closing' => true, 'operation' => 'hinged',
                ])
                ->window('w2', 1500, 1200, 1000, ['glass_area' => 0.9])
                ->add('guards', ['id' => 'g', 'line' => [[500, 500], [1500, 500]], 'height' => 1070])
                ->layout(),
        );
        self::assertSame(
            ['T', '30 min', 'T', 0.25],
            array_map(
                fn(string $name): mixed => $this->said('d', 'Pset_DoorCommon', $name),
                ['IsExternal', 'FireRating', 'SelfClosing', 'GlazingAreaFraction'],
            ),
        );
        self::assertSame(0.75, $this->said('n', 'Pset_WindowCommon', 'GlazingAreaFraction'));
        self::assertSame(1070.0, $this->said('g', 'Pset_RailingCommon', 'Height'));
        self::assertSame('T', $this->said('w1', 'Pset_WallCommon', 'IsExternal'));
        self::assertNull($this->said('w1', 'Pset_WallCommon', 'FireRating'));
        self::assertSame([800.0, 2000.0, 1.6], $this->measured('d', 'Width', 'Height', 'Area'));
        self::assertSame([1200.0, 1000.0, 1.2], $this->measured('n', 'Width', 'Height', 'Area'));
        self::assertSame([200.0], $this->measured('w1', 'Width'));
    }

    public function test_spaces_say_what_lies_on_their_floor_and_whether_they_are_outdoors(): void
    {
        foreach (['kitchen' => 'F', 'balcony' => 'T', 'porch' => 'T', 'hall' => 'F'] as $use => $isExternal) {
            $this->write(
                Sketch::room(4000, 3000, $use)
                    ->use('r2', $use, 2000, 1500, ['floor_finish' => 'Oak', 'floor_finish_thickness' => 15])
                    ->layout(),
            );
            self::assertSame([$isExternal, 'Oak', 15.0], [
                $this->said('r2', 'Pset_SpaceCommon', 'IsExternal'),
                $this->said('r2', 'Pset_SpaceCoveringRequirements', 'FloorCovering'),
                $this->said('r2', 'Pset_SpaceCoveringRequirements', 'FloorCoveringThickness'),
            ], $use);
        }
    }

    public function test_what_nobody_said_is_not_written(): void
    {
        $this->write(Sketch::room(4000, 3000)->door('w1', 1400, 800)->with(['ceiling' => null])->layout());
        foreach (['FireRating', 'SelfClosing', 'GlazingAreaFraction'] as $name) {
            self::assertNull($this->said('d', 'Pset_DoorCommon', $name));
        }
        self::assertSame([null, null], $this->measured('w1', 'Height', 'GrossSideArea'));
    }

    /** @return iterable<string, array{string, float, bool}> */
    public static function homes(): iterable
    {
        foreach (['orchard-terrace', 'ferry-cottage', 'lantern-row', 'heron-bungalow', 'quarry-flat', 'weir-cabin'] as $home) {
            yield "{$home}" => [$home, 0.0, false];
            yield "{$home}, turned" => [$home, 37.5, false];
            yield "{$home}, mirrored" => [$home, 90.0, true];
        }
    }

    /** Areas of floors are those that one reads off the home as it was first drawn; stairs have as many risers. */
    #[DataProvider('homes')]
    public function test_spaces_and_stairs_of_a_home(string $name, float $degrees, bool $isMirrored): void
    {
        $json = (string) file_get_contents(dirname(__DIR__, 3)."/database/demo/{$name}.json");
        $first = new Home((new LayoutReader())->read($json));
        /** @var array<string, mixed> $document */
        $document = json_decode($json, true, 512, JSON_THROW_ON_ERROR);
        $drawn = Redrawn::of($document);
        $isMirrored = $isMirrored && $drawn->canBeMirrored();
        $drawn = ($isMirrored ? $drawn->mirrored() : $drawn)->turned($degrees, 0.001);
        $this->write((new LayoutReader())->read((string) json_encode($drawn->document())));
        self::assertNotEmpty($first->rooms);
        foreach ($first->rooms as $room) {
            $outline = $room->outline();
            [$area, $around] = $this->measured($room->id(), 'NetFloorArea', 'NetPerimeter');
            self::assertEqualsWithDelta(($outline?->area() ?? 0.0) / 1e6, $area ?? 0.0, 0.001, $room->name());
            self::assertEqualsWithDelta($outline?->perimeter() ?? 0.0, $around ?? 0.0, 1.0, $room->name());
        }
        foreach ($first->stairs as $stair) {
            self::assertSame((float) $stair->stair->risers(), $this->said($stair->id(), 'Pset_StairCommon', 'NumberOfRiser'));
        }
    }

    private function write(Layout $layout): void
    {
        $file = new StepFile(ModelWriter::write($layout, '2026-11-28T12:00:00'));
        $this->relations = new Relations($file);
        $this->products = [];
        foreach (['IFCWALL', 'IFCDOOR', 'IFCWINDOW', 'IFCRAILING', 'IFCSTAIR', 'IFCSPACE'] as $type) {
            foreach ($file->all($type) as $product) {
                $this->products[(string) $product->text('GlobalId')] = $product;
            }
        }
    }

    private function said(string $id, string $set, string $name): mixed
    {
        $value = $this->relations->property($this->products[GlobalId::of($id)], $set, $name);

        return $value instanceof Enumeration ? $value->word : $value;
    }

    /** @return list<float|null> */
    private function measured(string $id, string ...$names): array
    {
        return array_map(
            fn(string $name): ?float => $this->relations->quantity($this->products[GlobalId::of($id)], $name)?->number('Value'),
            array_values($names),
        );
    }
}
