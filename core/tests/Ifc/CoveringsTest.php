<?php

declare(strict_types=1);

namespace Heurema\Tests\Ifc;

use Heurema\Ifc\Mapping\Entry;
use Heurema\Ifc\Mapping\Import;
use Heurema\Ifc\Mapping\ModelReader;
use Heurema\Ifc\Mapping\Outcome;
use Heurema\Ifc\Writing\ModelWriter;
use Heurema\Spatial\Home;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Finishes of floors, ceilings that hang lower than the space, and floors with their openings, in building models. */
final class CoveringsTest extends TestCase
{
    /** A hut of 5 by 4 m, 2.5 m high; the ceiling under all of it, or under 94 % or 96 %, hangs 2.3 m above the floor. */
    #[TestWith([5000.0, 2300.0, 0])]
    #[TestWith([4800.0, 2300.0, 0])]
    #[TestWith([4700.0, 2500.0, 1])]
    public function test_a_ceiling_under_the_whole_of_a_space_is_its_ceiling_and_else_a_soffit(
        float $long,
        float $ceiling,
        int $soffits,
    ): void {
        foreach ([0.0, 90.0, 211.0] as $turned) {
            $model = self::hut($turned);
            $model->covering('CEILING', 0, 0, 2300, $long, 4000, 20);
            $import = ModelReader::read($model->write());
            self::assertEqualsWithDelta($ceiling, (new Home($import->layout))->rooms[0]->ceiling(), 0.01);
            $found = $import->layout->storeys[0]->soffits;
            self::assertCount($soffits, $found);
            foreach ($found as $soffit) {
                self::assertEqualsWithDelta([2300.0, $long * 4000.0], [$soffit->underside, $soffit->outline->area()], 1.0);
            }
            self::assertSame([], $import->report->entries(Outcome::LeftOut));
        }
    }

    public function test_what_lies_on_a_floor_is_its_finish_by_its_material(): void
    {
        $model = self::hut();
        $floor = $model->covering('FLOORING', 0, 0, -15, 5000, 4000, 15);
        $model->material($floor, 'Oak boards');
        $room = ModelReader::read($model->write())->layout->storeys[0]->rooms[0];
        self::assertSame(['Oak boards', 15.0], [$room->floorFinish, $room->floorFinishThickness]);
    }

    public function test_a_finish_that_lies_above_the_floor_is_told(): void
    {
        $model = self::hut();
        $model->covering('FLOORING', 0, 0, 0, 5000, 4000, 15);
        $import = ModelReader::read($model->write());
        self::assertSame(['Floor covering', 15.0], [
            $import->layout->storeys[0]->rooms[0]->floorFinish, $import->layout->storeys[0]->rooms[0]->floorFinishThickness,
        ]);
        self::assertSame(['ifc.covering.floor_off_level'], self::reasons($import, Outcome::Simplified, 'Floor covering'));
    }

    public function test_the_thickest_of_several_finishes_counts(): void
    {
        $model = self::hut();
        foreach ([['Tiles', 10.0], ['Screed and tiles', 62.0], ['Mat', 5.0]] as [$name, $thick]) {
            $model->material($model->covering('FLOORING', 0, 0, -$thick, 5000, 4000, $thick), $name);
        }
        $room = ModelReader::read($model->write())->layout->storeys[0]->rooms[0];
        self::assertSame(['Screed and tiles', 62.0], [$room->floorFinish, $room->floorFinishThickness]);
    }

    #[TestWith(['CLADDING', 0.0, 'ifc.covering.kind_not_read'])]
    #[TestWith(['CEILING', 9000.0, 'ifc.covering.in_no_space'])]
    #[TestWith(['FLOORING', 9000.0, 'ifc.covering.in_no_space'])]
    public function test_what_covers_nothing_that_is_read_is_left_out_with_the_reason(string $kind, float $x, string $reason): void
    {
        $model = self::hut();
        $model->covering($kind, $x, 0, 2300, 5000, 4000, 20);
        self::assertSame([$reason], self::reasons(ModelReader::read($model->write()), Outcome::LeftOut, 'Floor covering'));
    }

    /** A ceiling as high as the space is none: 1 mm is the tolerance. */
    #[TestWith([2500.9, 0])]
    #[TestWith([2501.0, 1])]
    public function test_a_ceiling_above_the_space_is_left_out(float $underside, int $leftOut): void
    {
        $model = self::hut();
        $model->covering('CEILING', 0, 0, $underside, 5000, 4000, 20);
        self::assertCount($leftOut, ModelReader::read($model->write())->report->entries(Outcome::LeftOut));
    }

    /** What is written of floors is read by the standard alone. */
    public function test_floors_and_their_openings_come_back_by_the_standard_alone(): void
    {
        $layout = Sketch::room(4000, 3000)
            ->with(['floor_thickness' => 280])
            ->add('voids', ['id' => 'v1', 'outline' => [[500, 500], [1500, 500], [1500, 2000], [500, 2000]]])
            ->layout();
        $storey = ModelReader::read(str_replace("'Heurema'", "'Nobody'", ModelWriter::write($layout, 'now')))->layout->storeys[0];
        self::assertSame(280.0, $storey->floorThickness);
        self::assertSame([1_500_000.0], array_map(static fn($void): float => round($void->outline->area(), 1), $storey->voids));
        $unknown = Sketch::room(4000, 3000)->with(['floor_thickness' => null])->layout();
        self::assertStringNotContainsString('IFCSLAB(', ModelWriter::write($unknown, 'now'));
    }

    private static function hut(float $turned = 0.0): ModelText
    {
        $model = new ModelText('IFC4', 'mm', $turned);
        $model->wall(-200, -200, 0, 5400, 200);
        $model->wall(-200, 4000, 0, 5400, 200);
        $model->wall(0, 0, 90, 4000, 200);
        $model->wall(5200, 0, 90, 4000, 200);
        $model->space(0, 0, 5000, 4000, 'Kitchen');

        return $model;
    }

    /** @return list<string> the keys of why */
    private static function reasons(Import $import, Outcome $outcome, string $name): array
    {
        $entries = array_filter($import->report->entries($outcome), static fn(Entry $entry): bool => $entry->name() === $name);

        return array_merge(...array_map(
            static fn(Entry $entry): array => array_map(static fn($reason): string => $reason->key, $entry->reasons),
            array_values($entries),
        ));
    }
}
