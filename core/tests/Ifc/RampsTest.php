<?php

declare(strict_types=1);

namespace Heurema\Tests\Ifc;

use Heurema\Ifc\Mapping\Entry;
use Heurema\Ifc\Mapping\Import;
use Heurema\Ifc\Mapping\ModelReader;
use Heurema\Ifc\Mapping\Outcome;
use Heurema\Ifc\Writing\ModelWriter;
use Heurema\Layout\Landing;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\Ramp;
use Heurema\Layout\RampRun;
use Heurema\Tests\Proof\Redrawn;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Ramps of building models, read from what slopes in their bodies. */
final class RampsTest extends TestCase
{
    /** @return iterable<string, array{list<array<string, mixed>>}> the parts of a ramp 1200 mm wide */
    public static function ramps(): iterable
    {
        $run = ['run' => ['length' => 3600, 'rise' => 300]];
        $short = ['run' => ['length' => 1500, 'rise' => 90]];
        $landing = static fn(array $of): array => ['landing' => $of];
        yield 'one run' => [[$run]];
        yield 'two runs without a landing' => [[$run, $short]];
        yield 'a landing between' => [[$run, $landing(['depth' => 1500, 'turn' => 'none']), $short]];
        yield 'to the left' => [[$run, $landing(['depth' => 1600, 'turn' => 'left']), $short]];
        yield 'to the right' => [[$run, $landing(['depth' => 1200, 'turn' => 'right']), $short]];
        yield 'back to the left' => [[$run, $landing(['depth' => 1700, 'turn' => 'back_left', 'gap' => 200]), $short]];
        yield 'back to the right, side by side' => [[$run, $landing(['depth' => 1500, 'turn' => 'back_right']), $short]];
        yield 'landings at both ends' => [[
            $landing(['depth' => 1400, 'turn' => 'none']), $run, $landing(['depth' => 1550, 'turn' => 'none']),
        ]];
        yield 'three runs around two corners' => [[
            $run, $landing(['depth' => 1500, 'turn' => 'left']), $short, $landing(['depth' => 1300, 'turn' => 'right']), $run,
        ]];
    }

    /** @param list<array<string, mixed>> $parts */
    #[DataProvider('ramps')]
    public function test_the_standard_alone_tells_the_runs_and_landings(array $parts): void
    {
        foreach ([0.0, 90.0, 213.7] as $degrees) {
            foreach ([false, true] as $isMirrored) {
                /** @var array<string, mixed> $drawn */
                $drawn = json_decode(self::sketch($parts)->json(), true);
                $document = Redrawn::of($drawn);
                $document = $isMirrored ? $document->mirrored() : $document;
                $layout = (new LayoutReader())->read((string) json_encode($document->turned($degrees, 0.001)->document()));
                $read = self::read(str_replace("'Heurema'", "'Nobody'", ModelWriter::write($layout, 'now')));
                self::assertCount(1, $read->layout->ramps, "{$degrees} degrees");
                self::assertSame(self::told($layout->ramps[0]), self::told($read->layout->ramps[0]), "{$degrees} degrees");
            }
        }
    }

    /** @param list<array<string, mixed>> $parts */
    #[DataProvider('ramps')]
    public function test_it_comes_back_as_it_was_with_its_handrails(array $parts): void
    {
        $layout = self::layout($parts, ['handrails' => ['left' => 900, 'right' => null], 'edge' => 60]);
        self::assertSame(
            $layout->ramps[0]->toArray(),
            self::read(ModelWriter::write($layout, 'now'))->layout->ramps[0]->toArray(),
        );
    }

    #[TestWith(['IFC2X3', 'mm'])]
    #[TestWith(['IFC4', 'ft'])]
    #[TestWith(['IFC4X3', 'm'])]
    public function test_flights_and_landings_in_triangles_make_a_ramp(string $schema, string $unit): void
    {
        $model = new ModelText($schema, $unit);
        $model->space(0, 0, 5000, 4000, 'Hall');
        $first = $model->mesh('IFCRAMPFLIGHT', 'Flight', self::prism([[0, 0, 0], [3600, 0, 300]], 1200));
        $flat = $model->mesh('IFCSLAB', 'Landing', self::prism([[3600, 0, 300], [5100, 0, 300]], 1200));
        $second = $model->mesh('IFCRAMPFLIGHT', 'Flight', self::prism([[5100, 0, 300], [6600, 0, 400]], 1200));
        $model->whole('IFCRAMP', 'Way in', [$first, $flat, $second]);
        $import = self::read($model->write());
        self::assertSame(
            ['Way in', 1200.0, [['run', 3600.0, 300.0], ['landing', 1500.0, 'none', null], ['run', 1500.0, 100.0]]],
            [$import->layout->ramps[0]->name, round($import->layout->ramps[0]->width ?? 0.0, 2), self::parts($import->layout->ramps[0])],
        );
        self::assertEqualsWithDelta([0.0, 600.0, 0.0], [
            $import->layout->ramps[0]->start->x, $import->layout->ramps[0]->start->y, fmod($import->layout->ramps[0]->facing, 360.0),
        ], 0.01);
        self::assertNull($import->layout->storeys[0]->floorThickness);
        self::assertSame([], $import->report->entries(Outcome::LeftOut));
    }

    public function test_a_flight_of_its_own_is_a_ramp_and_what_is_no_rectangle_is_left_out(): void
    {
        $model = new ModelText();
        $model->space(0, 0, 5000, 4000, 'Hall');
        $model->mesh('IFCRAMPFLIGHT', 'Alone', self::prism([[0, 0, 0], [1800, 0, 150]], 1000));
        $model->mesh('IFCRAMP', 'Wedge', [
            [[0, 0, 0], [3000, 0, 300], [3000, 1500, 300]], [[0, 0, 0], [3000, 1500, 0], [3000, 0, 0]],
        ]);
        $model->mesh('IFCRAMP', 'Flat', self::prism([[0, 0, 0], [1800, 0, 0]], 1000));
        $import = self::read($model->write());
        self::assertSame(['Alone'], array_map(static fn(Ramp $ramp): string => $ramp->name, $import->layout->ramps));
        self::assertSame(['Wedge', 'Flat'], array_map(
            static fn(Entry $entry): string => $entry->name(),
            $import->report->entries(Outcome::LeftOut),
        ));
    }

    /** What rises 0.4 % is level, what rises more than 35 % is no ramp: at the limits and beside them. */
    #[TestWith([13.9, 0])]
    #[TestWith([14.1, 1])]
    #[TestWith([1225.0, 1])]
    #[TestWith([1226.0, 0])]
    public function test_how_much_a_ramp_slopes(float $rise, int $ramps): void
    {
        $model = new ModelText();
        $model->space(0, 0, 5000, 4000, 'Hall');
        $model->mesh('IFCRAMPFLIGHT', 'Ramp', self::prism([[0, 0, 0], [3500, 0, $rise]], 1000));
        self::assertCount($ramps, self::read($model->write())->layout->ramps);
    }

    /**
     * The sides of a body under a way, 1000 mm deep, in triangles.
     *
     * @param array{array{float, float, float}, array{float, float, float}} $ends of its right edge
     *
     * @return list<list<array{float, float, float}>>
     */
    private static function prism(array $ends, float $width): array
    {
        [[$x, $y, $z], [$u, $v, $w]] = $ends;
        $top = [[$x, $y, $z], [$u, $v, $w], [$u, $v + $width, $w], [$x, $y + $width, $z]];
        $foot = array_map(static fn(array $corner): array => [$corner[0], $corner[1], -1000.0], $top);
        $faces = [[$top[0], $top[1], $top[2]], [$top[0], $top[2], $top[3]], [$foot[2], $foot[1], $foot[0]], [$foot[3], $foot[2], $foot[0]]];
        for ($side = 0; $side < 4; ++$side) {
            $next = ($side + 1) % 4;
            array_push($faces, [$foot[$side], $foot[$next], $top[$next]], [$foot[$side], $top[$next], $top[$side]]);
        }

        return $faces;
    }

    /**
     * @param list<array<string, mixed>> $parts
     * @param array<string, mixed>       $more
     */
    private static function layout(array $parts, array $more = []): Layout
    {
        return self::sketch($parts, $more)->layout();
    }

    /**
     * @param list<array<string, mixed>> $parts
     * @param array<string, mixed>       $more
     */
    private static function sketch(array $parts, array $more = []): Sketch
    {
        return Sketch::room(4000, 3000)->document(['ramps' => [[
            'id' => 'rp', 'name' => 'Ramp', 'storey' => 'G', 'base' => -390, 'start' => [9000, 500], 'facing' => 0, 'width' => 1200,
            'parts' => $parts, ...$more,
        ]]]);
    }

    private static function read(string $text): Import
    {
        return ModelReader::read($text);
    }

    /** @return list<mixed> what the standard has of a ramp, to a tenth of a millimetre and of a degree */
    private static function told(Ramp $ramp): array
    {
        return [
            round($ramp->start->x, 1) + 0.0, round($ramp->start->y, 1) + 0.0, fmod(round($ramp->facing, 1) + 360.0, 360.0), $ramp->base,
            round($ramp->width ?? 0.0, 1), self::parts($ramp),
        ];
    }

    /** @return list<list<float|string|null>> */
    private static function parts(Ramp $ramp): array
    {
        return array_map(static fn(RampRun|Landing $part): array => match (true) {
            $part instanceof RampRun => ['run', round($part->length, 1), round($part->rise ?? 0.0, 1)],
            default => [
                'landing', round($part->depth ?? 0.0, 1), $part->turn->value, $part->gap === null ? null : round($part->gap, 1),
            ],
        }, $ramp->parts);
    }
}
