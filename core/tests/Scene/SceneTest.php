<?php

declare(strict_types=1);

namespace Heurema\Tests\Scene;

use Heurema\Geometry\Polygon;
use Heurema\Layout\FloorVoid;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Scene\BinaryModel;
use Heurema\Scene\FurnitureSolids;
use Heurema\Scene\Material;
use Heurema\Scene\Mesh;
use Heurema\Scene\Scene;
use Heurema\Scene\UsualSize;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Tests\FurnishedPlan;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A home in space: closed bodies as large as measures say, and a file that the standard's own validator takes. */
final class SceneTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function homes(): iterable
    {
        foreach (['orchard-terrace', 'ferry-cottage', 'lantern-row', 'heron-bungalow', 'quarry-flat', 'weir-cabin'] as $home) {
            yield $home => [(string) file_get_contents(dirname(__DIR__, 3)."/database/demo/{$home}.json")];
        }
        yield 'everything' => [(string) file_get_contents(dirname(__DIR__).'/Layout/everything.json')];
    }

    #[DataProvider('homes')]
    public function test_every_body_is_closed_and_turned_outwards(string $json): void
    {
        self::assertAreClosed(Scene::of(new Home((new LayoutReader())->read($json))));
    }

    public function test_so_are_those_of_generated_homes(): void
    {
        for ($seed = 1; $seed <= 200; ++$seed) {
            self::assertAreClosed(Scene::of(self::generated($seed)), "seed {$seed}");
        }
    }

    /** A wall is its length by its thickness by its height, less what is cut out; a floor its area less its openings, by its thickness. */
    #[DataProvider('homes')]
    public function test_walls_and_floors_are_as_large_as_they_measure(string $json): void
    {
        $home = new Home((new LayoutReader())->read($json));
        $volumes = [];
        foreach (Scene::of($home)->parts as $part) {
            if ($part->material === Material::Wall || $part->material === Material::Floor) {
                $volumes[$part->element] = Mesh::of($part->prisms)->volume();
            }
        }
        foreach ($home->plans as $plan) {
            foreach ($plan->storey->standingWalls() as $wall) {
                $cuts = array_filter($home->openings, static fn(PlacedOpening $one): bool => $one->wall === $wall);
                $isSimple = array_filter(
                    $cuts,
                    static fn(PlacedOpening $one): bool => !self::liesWithin($one, $plan->storey->ceiling),
                ) === [];
                if ($wall->isDivider() || !$isSimple) {
                    continue;
                }
                $cut = array_sum(array_map(
                    static fn(PlacedOpening $one): float => ($one->opening->width ?? 0.0) * ($one->opening->height ?? 0.0),
                    $cuts,
                ));
                $height = $wall->height ?? $plan->storey->ceiling ?? UsualSize::HEIGHT;
                $volume = ($wall->line()->length() * $height - $cut) * $wall->thickness;
                self::assertEqualsWithDelta($volume, $volumes[$wall->id] ?? 0.0, 1e-6 * $volume, $wall->id);
            }
            $ground = array_sum(array_map(static fn(Polygon $slab): float => $slab->outer->area(), $plan->mass->slab()));
            $open = array_sum(array_map(static fn(FloorVoid $void): float => $void->outline->area(), $plan->storey->voids));
            if ($ground > 0.0 && self::areWithin($plan->storey->voids, $plan->mass->slab())) {
                $volume = ($ground - $open) * ($plan->storey->floorThickness ?? 250.0);
                self::assertEqualsWithDelta($volume, $volumes["floor {$plan->storey->id}"] ?? 0.0, 1e-6 * $volume, $plan->storey->id);
            }
        }
    }

    /** Whatever a fixture is and however large, its bodies reach from end to end of it and no further. */
    public function test_bodies_of_fixtures_fill_their_size(): void
    {
        foreach (FixtureKind::cases() as $kind) {
            foreach ([[600.0, 600.0, 900.0], [2000.0, 150.0, 40.0], [1.0, 3.0, 2.0]] as [$width, $depth, $height]) {
                $solids = FurnitureSolids::of($kind, $width, $depth, $height);
                $points = array_merge(...array_map(static fn(array $solid): array => $solid[0]->points, $solids));
                self::assertEqualsWithDelta(
                    [-$width / 2, $width / 2, 0.0, $depth, 0.0, $height],
                    [
                        min(array_column($points, 'x')), max(array_column($points, 'x')),
                        min(array_column($points, 'y')), max(array_column($points, 'y')),
                        min(array_column($solids, 1)), max(array_map(static fn(array $solid): float => $solid[1] + $solid[2], $solids)),
                    ],
                    1e-6 * max($width, $depth, $height),
                    $kind->value,
                );
                foreach ($solids as [$outline, , $high]) {
                    self::assertGreaterThan(0.0, $outline->signedArea() * $high, $kind->value);
                }
            }
        }
    }

    #[DataProvider('homes')]
    public function test_the_validator_of_the_standard_finds_nothing(string $json): void
    {
        $home = new Home((new LayoutReader())->read($json));
        $file = BinaryModel::write(Scene::of($home));
        self::assertLessThan(1_000_000, strlen($file));
        self::assertSame([0, 0, 0], self::validated([$file]));
    }

    public function test_nor_in_generated_homes_and_an_empty_one(): void
    {
        $files = array_map(
            static fn(int $seed): string => BinaryModel::write(Scene::of(self::generated($seed))),
            range(1, 40),
        );
        $empty = '{"format": "heurema-layout", "version": 1, "name": "Nothing", "units": "metric", "storeys": []}';
        self::assertSame([0, 0, 0], self::validated([
            ...$files, BinaryModel::write(
                Scene::of(new Home((new LayoutReader())->read(str_replace('[]', '[{"id":"G","name":"G"}]', $empty)))),
            ),
        ]));
    }

    /** Elements are found again by their ids under their storeys, in metres with y up. */
    public function test_nodes_say_what_they_are_and_where(): void
    {
        $layout = Sketch::room(4000, 3000)->with(['elevation' => 500])->fixture(
            'f',
            'bed',
            2000,
            0,
            90,
            1500,
            2000,
            ['height' => 900],
        )->layout();
        $file = BinaryModel::write(Scene::of(new Home($layout)));
        $nodes = self::nodes($file);
        self::assertSame(['bed in r', [1.25, 0.5, -2.0], [2.75, 1.4, 0.0]], [
            strtolower($nodes['f'][0]),
            array_map(static fn(float $one): float => round($one, 4) + 0.0, $nodes['f'][1]),
            array_map(static fn(float $one): float => round($one, 4) + 0.0, $nodes['f'][2]),
        ]);
        self::assertSame(['f', 'floor G', 'w1', 'w2', 'w3', 'w4'], array_values(array_unique($nodes['G'][3])));
    }

    /**
     * @return array<string, array{string, list<float>, list<float>, list<string>}>
     *     name, least and greatest corner, sorted children, by id
     */
    private static function nodes(string $file): array
    {
        /** @var array{int} $length */
        $length = array_values((array) unpack('V', $file, 12));
        /**
         * @var array{
         *     nodes: list<array{name: string, mesh?: int, children?: list<int>, extras: array{id: string}}>,
         *     meshes: list<array{primitives: list<array{attributes: array{POSITION: int}}>}>,
         *     accessors: list<array{min: list<float>, max: list<float>}>,
         * } $json
         */
        $json = json_decode(substr($file, 20, $length[0]), true, flags: JSON_THROW_ON_ERROR);
        $nodes = [];
        foreach ($json['nodes'] as $node) {
            $mesh = isset($node['mesh']) ? $json['meshes'][$node['mesh']] : null;
            $position = $mesh === null ? null : $json['accessors'][$mesh['primitives'][0]['attributes']['POSITION']];
            $children = array_map(static fn(int $child): string => $json['nodes'][$child]['extras']['id'], $node['children'] ?? []);
            sort($children);
            $nodes[$node['extras']['id']] = [$node['name'], $position['min'] ?? [], $position['max'] ?? [], $children];
        }

        return $nodes;
    }

    private static function liesWithin(PlacedOpening $opening, ?float $ceiling): bool
    {
        $half = ($opening->opening->width ?? 0.0) / 2;
        $head = $opening->head();

        return $opening->opening->width !== null && $opening->opening->height !== null && $opening->sill() !== null && $head !== null
            && $opening->opening->at >= $half && $opening->opening->at + $half <= $opening->wall->line()->length()
            && $head <= ($opening->wall->height ?? $ceiling ?? UsualSize::HEIGHT);
    }

    /**
     * @param list<FloorVoid> $voids
     * @param list<Polygon>   $slabs
     */
    private static function areWithin(array $voids, array $slabs): bool
    {
        foreach ($voids as $void) {
            foreach ($void->outline->points as $corner) {
                if (array_filter($slabs, static fn(Polygon $slab): bool => $slab->outer->contains($corner)) === []) {
                    return false;
                }
            }
        }

        return true;
    }

    /** Each edge of a body belongs to two triangles, which run along it in opposite ways; its volume is above zero. */
    private static function assertAreClosed(Scene $scene, string $which = ''): void
    {
        foreach ($scene->parts as $part) {
            foreach ($part->prisms as $prism) {
                $edges = [];
                $mesh = Mesh::of([$prism]);
                foreach ($mesh->triangles as $triangle) {
                    foreach ([0, 1, 2] as $corner) {
                        $ends = [self::place($triangle[$corner]), self::place($triangle[($corner + 1) % 3])];
                        $edges[implode(' > ', $ends)] = ($edges[implode(' > ', $ends)] ?? 0) + 1;
                    }
                }
                foreach ($edges as $edge => $times) {
                    $back = implode(' > ', array_reverse(explode(' > ', $edge)));
                    self::assertSame($times, $edges[$back] ?? 0, "{$which} {$part->element} {$edge}");
                }
                self::assertGreaterThan(0.0, $mesh->volume(), "{$which} {$part->element}");
            }
        }
    }

    /** @param array{float, float, float} $corner */
    private static function place(array $corner): string
    {
        return implode(' ', array_map(static fn(float $one): string => number_format($one, 4, '.', ''), $corner));
    }

    /**
     * @param list<string> $files
     *
     * @return array{int, int, int} errors, warnings and infos of all
     */
    private static function validated(array $files): array
    {
        $paths = array_map(static function (string $file): string {
            $path = (string) tempnam(sys_get_temp_dir(), 'heurema-scene-');
            file_put_contents($path, $file);

            return $path;
        }, $files);
        exec(
            'node '.escapeshellarg(__DIR__.'/validate.mjs').' '.implode(' ', array_map(escapeshellarg(...), $paths)).' 2>&1',
            $output,
            $status,
        );
        array_map(unlink(...), $paths);
        self::assertSame(0, $status, implode("\n", $output));
        /** @var array{int, int, int} $found */
        $found = json_decode((string) end($output), true, 8, JSON_THROW_ON_ERROR);

        return $found;
    }

    private static function generated(int $seed): Home
    {
        return new Home((new LayoutReader())->read((string) json_encode(FurnishedPlan::document($seed, 2 + $seed % 5))));
    }
}
