<?php

declare(strict_types=1);

namespace Tests\Feature\Drawing;

use App\Drawing\DimensionStyle;
use App\Drawing\OutsideRow;
use App\Drawing\OutsideRows;
use Heurema\Drafting\Carried;
use Heurema\Drafting\Dimension;
use Heurema\Geometry\Motion;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\LayoutReader;
use Heurema\Spatial\Home;
use Heurema\Spatial\WallDatum;
use Heurema\Tests\RandomPlan;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Rows of dimensions around a home: from openings over partitions and columns to the overall, and nothing said twice. */
final class OutsideRowsTest extends TestCase
{
    private const STYLES = ['overall', 'chain', 'tiers', 'base', 'running'];

    /** A room of 6 by 3 m with a partition and a column, a door below and a window above. */
    private static function furnished(): Sketch
    {
        return Sketch::room(6000, 3000)
            ->wall([4050, -100], [4050, 3100], 100)
            ->door('w1', 1500, 800)
            ->window('w3', 3000, 1200, 1200)
            ->fixture('f', 'column', 2000, 1400, 90, 200, 200);
    }

    /** @return iterable<string, array{DimensionStyle, list<list<int>>}> from the lower side inwards to outwards, then the next side */
    public static function rows(): iterable
    {
        $overall = [[6400], [3400]];
        yield 'overall' => [new DimensionStyle('overall'), $overall];
        yield 'openings, overall' => [new DimensionStyle('chain'), [[1200, 800, 4400], [6400], [2700, 1200, 2500], [3400]]];
        yield 'in tiers' => [new DimensionStyle('tiers'), [
            [1200, 800, 4400], [4200, 100, 2100], [2200, 4200], [6400],
            [2700, 1200, 2500],
            [1700, 1700], [3400],
        ]];
        yield 'to middles' => [new DimensionStyle('tiers', partitions: 'middles', openings: 'middles'), [
            [1600, 4800], [4250, 2150], [2200, 4200], [6400],
            [3300, 3100],
            [1700, 1700], [3400],
        ]];
        yield 'to the middles of walls' => [new DimensionStyle('chain', datum: WallDatum::Centre), [
            [1100, 800, 4300], [6200], [2600, 1200, 2400], [3200],
        ]];
    }

    /** @param list<list<int>> $wanted */
    #[DataProvider('rows')]
    public function test_rows_from_the_walls_outwards(DimensionStyle $style, array $wanted): void
    {
        self::assertEqualsCanonicalizing($wanted, self::written(self::furnished()->home(), $style));
    }

    /** Turned, the rows stand square to the walls and say the same; mirrored, the same from the other end. */
    public function test_a_turned_home_is_dimensioned_alike(): void
    {
        foreach (self::STYLES as $outside) {
            $style = new DimensionStyle($outside);
            $wanted = self::lengths(self::furnished()->home(), $style);
            foreach ([12.0, 30.0, -41.0, 45.0] as $degrees) {
                $turned = self::carried(Motion::turned(new Point(0, 0), $degrees));
                self::assertSame($wanted, self::lengths($turned, $style), "{$outside}, {$degrees}");
            }
            if (!in_array($outside, ['base', 'running'], true)) {
                $mirror = Motion::mirrored(new Segment(new Point(0, 0), new Point(0, 1)));
                self::assertSame($wanted, self::lengths(self::carried($mirror), $style), "{$outside}, mirrored");
            }
        }
    }

    /** Over generated and demonstration homes: no dimension is said on two rows, and each chain adds up to its overall. */
    public function test_nothing_is_dimensioned_twice(): void
    {
        $seen = 0;
        foreach (self::homes() as $name => $home) {
            foreach (self::STYLES as $outside) {
                foreach ($home->plans as $plan) {
                    $said = [];
                    foreach ((new OutsideRows($plan, new DimensionStyle($outside), 300.0, 300.0))->rows() as $placed) {
                        $row = $placed->chain;
                        $parts = in_array($outside, ['base', 'running'], true) ? $row->fromBase() : $row->parts();
                        $ends = array_map(self::ends(...), $parts);
                        self::assertNotSame([], array_diff($ends, $said), "{$name}, {$outside}: a row that says nothing new");
                        $said = [...$said, ...$ends];
                        $sum = array_sum(array_map(static fn(Dimension $part): float => $part->length(), $row->parts()));
                        self::assertEqualsWithDelta($row->overall()[0]->length(), $sum, 0.1);
                        ++$seen;
                    }
                }
            }
        }
        self::assertGreaterThan(200, $seen);
    }

    /** @return \Generator<string, Home> */
    private static function homes(): \Generator
    {
        foreach (array_filter((array) glob(dirname(__DIR__, 3).'/database/demo/*.json'), is_string(...)) as $file) {
            yield basename($file) => new Home((new LayoutReader())->read((string) file_get_contents($file)));
        }
        for ($number = 0; $number < 12; ++$number) {
            yield "generated {$number}" => new Home((new LayoutReader())->read((string) json_encode(RandomPlan::document($number, 6))));
        }
    }

    private static function ends(Dimension $part): string
    {
        $direction = $part->line->direction();

        return sprintf(
            '%s %.0f %.0f',
            abs($direction->x) > abs($direction->y) ? 'across' : 'up',
            round($part->line->from->dot($direction), 1) * 10,
            round($part->line->to->dot($direction), 1) * 10,
        );
    }

    private static function carried(Motion $motion): Home
    {
        $layout = self::furnished()->layout();
        $ids = array_map(static fn($element): string => $element->id, [...$layout->storeys[0]->walls, ...$layout->storeys[0]->fixtures]);

        return new Home((new Editor())->apply($layout, new Carried($ids, $motion, 'carried'))->layout);
    }

    /** @return list<list<int>> mm */
    private static function written(Home $home, DimensionStyle $style): array
    {
        return array_map(
            static fn(OutsideRow $row): array => array_map(
                static fn(Dimension $part): int => (int) round($part->length()),
                $row->chain->parts(),
            ),
            (new OutsideRows($home->plans['G'], $style, 300.0, 300.0))->rows(),
        );
    }

    /** @return list<int> mm, in ascending order */
    private static function lengths(Home $home, DimensionStyle $style): array
    {
        $lengths = array_merge(...self::written($home, $style));
        sort($lengths);

        return $lengths;
    }
}
