<?php

declare(strict_types=1);

namespace Heurema\Tests\Ifc;

use Heurema\Ifc\Mapping\ModelReader;
use Heurema\Ifc\Writing\GlobalId;
use Heurema\Ifc\Writing\ModelWriter;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\LayoutWriter;
use Heurema\Layout\Words\DoorOperation;
use Heurema\Spatial\Home;
use Heurema\Tests\FurnishedPlan;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A home that is written as a building model and read back is the same home. */
final class RoundTripTest extends TestCase
{
    private const WRITTEN = '2026-11-28T12:00:00';

    /** @return iterable<string, array{string}> */
    public static function homes(): iterable
    {
        foreach (['orchard-terrace', 'ferry-cottage', 'lantern-row', 'heron-bungalow', 'quarry-flat', 'weir-cabin'] as $home) {
            yield $home => [self::demo($home)];
        }
        yield 'everything' => [(string) file_get_contents(dirname(__DIR__).'/Layout/everything.json')];
        yield 'the stored one' => [(string) file_get_contents(dirname(__DIR__).'/Layout/versions/1.json')];
        yield 'nothing' => [
            '{"format": "heurema-layout", "version": 1, "name": "Nothing", "units": "metric", "storeys": [{"id": "G", "name": "G"}]}',
        ];
    }

    #[DataProvider('homes')]
    public function test_what_is_written_comes_back_the_same(string $json): void
    {
        $layout = (new LayoutReader())->read($json);
        self::assertSame(self::written($layout), self::written(self::back($layout)));
    }

    public function test_generated_homes_come_back_the_same(): void
    {
        for ($seed = 1; $seed <= 200; ++$seed) {
            $layout = self::generated($seed);
            self::assertSame(self::written($layout), self::written(self::back($layout)), "seed {$seed}");
        }
    }

    /** Another program reads the standard alone: without what Heurema writes beside it, sizes and uses are the same. */
    public function test_the_standard_alone_tells_walls_rooms_and_openings(): void
    {
        for ($seed = 1; $seed <= 60; ++$seed) {
            $layout = self::generated($seed);
            $import = ModelReader::read(str_replace("'Heurema'", "'Nobody'", ModelWriter::write($layout, self::WRITTEN)));
            [$before, $after] = [new Home($layout), new Home($import->layout)];
            $read = [];
            foreach ($after->rooms as $room) {
                $read[$room->room->id] = $room;
            }
            foreach ($before->rooms as $room) {
                $area = $room->outline()?->area() ?? 0.0;
                $other = $read[strtr(GlobalId::of($room->id()), '$', '-')]->outline()?->area() ?? 0.0;
                self::assertEqualsWithDelta($area, $other, 0.001 * $area, "seed {$seed}, {$room->name()}");
            }
            self::assertSame(self::openings($layout), self::openings($import->layout), "seed {$seed}");
        }
    }

    /** A door keeps its hand, whichever way its wall runs and however it is hung. */
    public function test_the_standard_alone_tells_the_hand_of_a_door(): void
    {
        foreach (['w1', 'w2', 'w3', 'w4'] as $wall) {
            foreach ([['from', 'left'], ['from', 'right'], ['to', 'left'], ['to', 'right']] as [$hinge, $opens]) {
                $layout = Sketch::room(4000, 3000)
                    ->door($wall, 1400, 800, ['operation' => 'hinged', 'hinge' => $hinge, 'opens' => $opens])
                    ->layout();
                $text = str_replace("'Heurema'", "'Nobody'", ModelWriter::write($layout, self::WRITTEN));
                $door = ModelReader::read($text)->layout->storeys[0]->openings[0]->door;
                self::assertSame([$hinge, $opens], [$door?->hinge?->value, $door?->opens?->value], "{$wall} {$hinge} {$opens}");
            }
        }
    }

    /** What another program changed is read as it is now, under its old id. */
    public function test_a_changed_body_counts_more_than_what_was_kept(): void
    {
        $layout = Sketch::room(4000, 3000)->fixture('f', 'bed', 2000, 0, 90, 1500, 2000, ['height' => 500, 'name' => 'Bed'])->layout();
        $text = ModelWriter::write($layout, self::WRITTEN);
        self::assertStringContainsString('IFCCARTESIANPOINT((2000.,0.,0.))', $text);
        $moved = str_replace('IFCCARTESIANPOINT((2000.,0.,0.))', 'IFCCARTESIANPOINT((1500.,0.,0.))', $text);
        $bed = ModelReader::read($moved)->layout->storeys[0]->fixtures[0];
        self::assertSame(['f', 1500.0, 0.0, 'bed', 1500.0, 2000.0], [
            $bed->id, $bed->at->x, $bed->at->y, $bed->kind->value, $bed->width, $bed->depth,
        ]);
    }

    public function test_global_ids_are_stable_and_well_formed(): void
    {
        $layout = (new LayoutReader())->read(self::demo('orchard-terrace'));
        [$first, $second] = [ModelWriter::write($layout, self::WRITTEN), ModelWriter::write($layout, '2027-01-01T00:00:00')];
        self::assertSame(self::globalIds($first), self::globalIds($second));
        self::assertSame(self::globalIds($first), array_values(array_unique(self::globalIds($first))));
        foreach (self::globalIds($first) as $id) {
            self::assertMatchesRegularExpression('/^[0-3][0-9A-Za-z_$]{21}$/', $id);
        }
        self::assertSame('3rPX_Juz59peXXY6wDJl$8', GlobalId::of('3rPX_Juz59peXXY6wDJl-8'));
    }

    public function test_what_is_written_keeps_the_rules_of_the_schema(): void
    {
        foreach (self::homes() as $name => [$json]) {
            self::assertSame([], SchemaRules::broken(ModelWriter::write((new LayoutReader())->read($json), self::WRITTEN)), $name);
        }
        for ($seed = 1; $seed <= 40; ++$seed) {
            self::assertSame([], SchemaRules::broken(ModelWriter::write(self::generated($seed), self::WRITTEN)), "seed {$seed}");
        }
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function damages(): iterable
    {
        yield 'a reference to what is not there' => ['~(IFCWALL\(.*?,)#\d+~', '$1#999999', 'ObjectPlacement'];
        yield 'an attribute less' => ['~(=IFCSPACE\(.*?),\$\);~', '$1);', '10 attributes'];
        yield 'a word that there is not' => ['~\.GUARDRAIL\.|\.DOOR\.~', '.HEDGE.', 'PredefinedType'];
        yield 'a name twice' => ["~(IFCWALL\\(')[^']*(.*?IFCWALL\\(')([^']*)~s", '$1$3$2$3', 'another one'];
        yield 'no depth' => ['~(IFCEXTRUDEDAREASOLID\(.*?),[\d.]+\);~', '$1,0.);', 'above zero'];
        yield 'an element on no storey' => ['~(IFCRELCONTAINEDINSPATIALSTRUCTURE\(.*?\()#\d+,~', '$1', 'stands on a storey'];
    }

    #[DataProvider('damages')]
    public function test_the_rules_notice_damage(string $pattern, string $instead, string $says): void
    {
        $text = ModelWriter::write((new LayoutReader())->read(self::demo('orchard-terrace')), self::WRITTEN);
        $damaged = (string) preg_replace($pattern, $instead, $text, 1);
        self::assertNotSame($text, $damaged);
        self::assertStringContainsString($says, implode("\n", SchemaRules::broken($damaged)));
    }

    /** @return list<string> */
    private static function globalIds(string $text): array
    {
        preg_match_all("~=IFC\\w+\\('([^']{22})'~", $text, $found);

        return $found[1];
    }

    /** @return list<string> sizes of doors and windows in order, as far as the standard has words for them */
    private static function openings(Layout $layout): array
    {
        $openings = [];
        foreach ($layout->storeys as $storey) {
            foreach ($storey->openings as $opening) {
                $openings[] = implode(' ', [
                    $opening->kind->value,
                    round($opening->width ?? 0.0, 1),
                    round($opening->height ?? 0.0, 1),
                    round($opening->sill ?? 0.0, 1),
                    strtr($opening->door?->operation->value ?? '', ['pocket' => 'sliding', 'bypass' => 'sliding']),
                    ...$opening->door?->operation === DoorOperation::Hinged
                        ? [$opening->door->hinge->value ?? '', $opening->door->opens->value ?? '']
                        : [],
                    round($opening->window->frame ?? 0.0, 1),
                ]);
            }
        }

        return $openings;
    }

    private static function demo(string $home): string
    {
        return (string) file_get_contents(dirname(__DIR__, 3)."/database/demo/{$home}.json");
    }

    private static function back(Layout $layout): Layout
    {
        return ModelReader::read(ModelWriter::write($layout, self::WRITTEN))->layout;
    }

    private static function written(Layout $layout): string
    {
        return (new LayoutWriter())->write($layout);
    }

    private static function generated(int $seed): Layout
    {
        return (new LayoutReader())->read((string) json_encode(FurnishedPlan::document($seed, 2 + $seed % 5)));
    }
}
