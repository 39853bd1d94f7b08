<?php

declare(strict_types=1);

namespace Heurema\Tests\Scene;

use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Layout\Fixture;
use Heurema\Layout\FloorOpening;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Scene\BinaryModel;
use Heurema\Scene\FurnitureSolids;
use Heurema\Scene\GroundParts;
use Heurema\Scene\Material;
use Heurema\Scene\Mesh;
use Heurema\Scene\Part;
use Heurema\Scene\Prism;
use Heurema\Scene\Scene;
use Heurema\Scene\StairStrings;
use Heurema\Scene\UsualSize;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Stair\Step;
use Heurema\Spatial\Stair\StepKind;
use Heurema\Tests\FurnishedPlan;
use Heurema\Tests\Proof\Redrawn;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
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

    /** With its doors open too; each leaf is as wide and as thick then, and clear of its opening but for its frame. */
    #[DataProvider('homes')]
    public function test_doors_stand_open(string $json): void
    {
        $home = new Home((new LayoutReader())->read($json));
        $open = Scene::of($home, true);
        self::assertAreClosed($open);
        $swung = array_filter($home->openings, static fn(PlacedOpening $one): bool => $home->leavesOf($one) !== []);
        $moved = 0;
        foreach ($swung as $opening) {
            $of = static fn(Scene $scene): array => array_values(array_filter(
                $scene->parts,
                static fn(Part $part): bool => $part->element === $opening->id() && $part->material === Material::Leaf,
            ));
            [$before, $after] = [$of(Scene::of($home)), $of($open)];
            if ($before !== []) {
                self::assertCount(count($home->leavesOf($opening)), $after[0]->prisms);
                self::assertNotEquals($before[0]->prisms, $after[0]->prisms);
                ++$moved;
            }
        }
        self::assertGreaterThan(0, $moved);
    }

    /** However a home lies on the sheet its bodies are as large, of every material: none but the ground depends on that. */
    #[DataProvider('homes')]
    public function test_a_home_that_is_turned_mirrored_or_moved_has_the_same_bodies(string $json): void
    {
        /** @var array<string, mixed> $document */
        $document = json_decode($json, true, flags: JSON_THROW_ON_ERROR);
        self::assertAreAlike($document, 'as it is');
    }

    public function test_so_have_generated_homes(): void
    {
        for ($seed = 1; $seed <= 30; ++$seed) {
            self::assertAreAlike(FurnishedPlan::document($seed, 2 + $seed % 5), "seed {$seed}");
        }
    }

    /** @param array<string, mixed> $document */
    private static function assertAreAlike(array $document, string $name): void
    {
        $home = Redrawn::of($document);
        $wanted = self::volumes($document);
        foreach ([
            'turned' => $home->turned(37.0, 0.0001),
            'moved' => $home->moved(12345.6, -777.7),
            ...$home->canBeMirrored() ? ['mirrored' => $home->mirrored(), 'both' => $home->mirrored()->turned(90.0, 0.0001)] : [],
        ] as $how => $redrawn) {
            $volumes = self::volumes($redrawn->document());
            self::assertSame(array_keys($wanted), array_keys($volumes), "{$name}, {$how}");
            foreach ($wanted as $key => $volume) {
                self::assertEqualsWithDelta($volume, $volumes[$key], 1e-5 * $volume + 100.0, "{$name}, {$how}: {$key}");
            }
        }
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array<string, float> mm³ by element and material; of walls together, for a corner is of one or the other
     */
    private static function volumes(array $document): array
    {
        $volumes = [];
        foreach (Scene::of(new Home((new LayoutReader())->read((string) json_encode($document))), true, 2000.0)->parts as $part) {
            $isWall = in_array($part->material, [Material::Wall, Material::Roof], true);
            $key = ($isWall ? '' : "{$part->element} ").$part->material->value;
            $volume = $part->element === GroundParts::ID ? 0.0 : Mesh::of($part->prisms)->volume();
            $volumes[$key] = ($volumes[$key] ?? 0.0) + $volume;
        }
        ksort($volumes);

        return $volumes;
    }

    /** From the first nosing to the floor above, as high over the line of nosings as the drawing says; none on the side that has none. */
    public function test_handrails_follow_the_nosings(): void
    {
        $home = new Home((new LayoutReader())->read(
            (string) file_get_contents(dirname(__DIR__, 3).'/database/demo/lantern-row.json'),
        ));
        $stair = array_values(array_filter($home->stairs, static fn(PlacedStair $one): bool => $one->stair->handrails !== null))[0];
        $climb = Climb::of($stair);
        self::assertInstanceOf(Climb::class, $climb);
        $rails = array_values(array_filter(
            Scene::of($home)->parts,
            static fn(Part $part): bool => $part->element === $stair->id() && $part->material === Material::Guard,
        ));
        self::assertCount(1, $rails);
        self::assertCount(count($stair->shape->steps), $rails[0]->prisms);
        $heights = array_merge(...array_map(
            static fn(Prism $bar): array => array_map($bar->top->at(...), $bar->outline->outer->points),
            $rails[0]->prisms,
        ));
        $foot = $stair->from->elevation ?? 0.0;
        self::assertEqualsWithDelta($foot + $climb->levels[1] + 950.0, min($heights), 1e-6);
        self::assertEqualsWithDelta($foot + $climb->top() + 950.0, max($heights), 1e-6);
        foreach ($rails[0]->prisms as $number => $bar) {
            $outline = $stair->shape->steps[$number]->outline;
            self::assertTrue($outline->bounds()->grown(0.1)->contains($bar->outline->bounds()->middle()), 'over its step');
        }
    }

    /** From the floor to the nosings at the foot, to the underside of the stair at the head; treads and risers stand between them. */
    public function test_strings_stand_along_straight_flights(): void
    {
        $held = 0;
        foreach (self::homes() as [$json]) {
            $home = new Home((new LayoutReader())->read($json));
            foreach ($home->stairs as $stair) {
                $climb = Climb::of($stair);
                $isOfTreads = array_filter($stair->shape->steps, static fn(Step $step): bool => $step->kind !== StepKind::Tread) === [];
                if (!$climb instanceof Climb || $stair->from?->elevation === null || !$isOfTreads) {
                    continue;
                }
                $strings = Mesh::of((new StairStrings($climb))->prisms());
                [$first, $last] = [$climb->levels[1], $climb->top()];
                $run = array_sum(array_map(static fn(Step $step): float => $step->run(), $stair->shape->steps));
                // a band 300 mm high, less the triangle of it that would lie below the floor
                $below = max(0.0, 300.0 - $first);
                $band = 300.0 * $run - $below ** 2 / 2 * $run / ($last - $first);
                self::assertEqualsWithDelta(2 * StairStrings::THICK * $band, $strings->volume(), 1.0);
                ++$held;
            }
        }
        self::assertGreaterThan(0, $held);
    }

    /**
     * Walls are what the plan's walls fill by their height, less what is cut out, corners counted once; up to the floor above where there
     * is one. Floors are their area less their openings, by their thickness.
     */
    #[DataProvider('homes')]
    public function test_walls_and_floors_are_as_large_as_they_measure(string $json): void
    {
        $this->assertAreAsLarge(new Home((new LayoutReader())->read($json)));
    }

    public function test_so_are_those_of_generated_homes_too(): void
    {
        $held = 0;
        for ($seed = 1; $seed <= 100; ++$seed) {
            $held += $this->assertAreAsLarge(self::generated($seed));
        }
        self::assertGreaterThan(50, $held);
    }

    /** @return int how many storeys of walls were held against their plans */
    private function assertAreAsLarge(Home $home): int
    {
        $held = 0;
        $volumes = [];
        foreach (Scene::of($home)->parts as $part) {
            $isFinish = in_array($part->material, [Material::Tiles, Material::Boards, Material::Carpet], true);
            $key = ($isFinish ? 'floor' : $part->material->value)." {$part->storey}";
            $volumes[$key] = ($volumes[$key] ?? 0.0) + Mesh::of($part->prisms)->volume();
        }
        foreach ($home->plans as $plan) {
            $storey = $plan->storey;
            $openings = array_filter($home->openings, static fn(PlacedOpening $one): bool => $one->storey() === $storey->id);
            $isSimple = array_filter($openings, static fn(PlacedOpening $one): bool => !self::liesWithin($one, $storey->ceiling)) === []
                && array_filter($storey->standingWalls(), static fn(Wall $wall): bool => $wall->height !== null) === []
                && array_filter($openings, static fn(PlacedOpening $one): bool => self::overlapsAnother($one, $openings)) === []
                && array_filter($plan->rooms, static fn(RoomSpace $room): bool => $room->room->ceiling !== null) === []
            ;
            $filled = array_sum(array_map(static fn(Polygon $one): float => $one->area(), $plan->mass->solids));
            if ($isSimple && $filled > 0.0) {
                ++$held;
                $cut = array_sum(array_map(static fn(PlacedOpening $one): float => $one->wall->isOpenBoundary()
                    ? 0.0
                    : ($one->opening->width ?? 0.0) * ($one->opening->height ?? 0.0) * $one->wall->thickness, $openings));
                $ceiling = $storey->ceiling ?? UsualSize::HEIGHT;
                $above = $home->above($plan)?->storey;
                $under = $above?->elevation === null || $storey->elevation === null
                    ? $ceiling
                    : $above->elevation - ($above->floorThickness ?? UsualSize::FLOOR) - $storey->elevation;
                $volume = $volumes["wall {$storey->id}"] ?? 0.0;
                self::assertGreaterThanOrEqual(($filled * $ceiling - $cut) * (1 - 1e-6), $volume, $storey->id);
                self::assertLessThanOrEqual(($filled * max($ceiling, $under) - $cut) * (1 + 1e-6), $volume, $storey->id);
            }
            $ground = array_sum(array_map(static fn(Polygon $slab): float => $slab->outer->area(), $plan->mass->slab()));
            $open = array_sum(array_map(static fn(FloorOpening $void): float => $void->outline->area(), $storey->voids));
            if ($ground > 0.0 && self::areWithin($storey->voids, $plan->mass->slab())) {
                $raised = array_sum(array_map(
                    static fn(RoomSpace $room): float => max(0.0, $room->level()) * ($room->outline()?->area() ?? 0.0),
                    $plan->rooms,
                ));
                $volume = ($ground - $open) * ($storey->floorThickness ?? 250.0) + $raised;
                self::assertEqualsWithDelta($volume, $volumes["floor {$storey->id}"] ?? 0.0, 1e-6 * $volume, $storey->id);
            }
        }

        return $held;
    }

    /** Floor, ceiling, furniture and the walls around go up and down with the floor of a room. */
    #[TestWith([150.0])]
    #[TestWith([-150.0])]
    public function test_a_room_has_a_level_of_its_own(float $level): void
    {
        $scene = Scene::of(
            Sketch::room(4000, 3000)
                ->sized('rooms', 'r', ['level' => $level])
                ->fixture('b', 'bed', 2000, 0, 90, 1500, 2000, ['height' => 500])
                ->home(),
        );
        $within = new Point(2000.0, 1500.0);
        $over = static fn(Material $material): array => array_merge(...array_map(
            static fn(Part $part): array => array_merge(...array_map(
                static fn(Prism $one): array => $one->outline->contains($within) ? [$one->bottom->at($within), $one->top->at($within)] : [],
                $part->prisms,
            )),
            array_values(array_filter($scene->parts, static fn(Part $part): bool => $part->material === $material)),
        ));
        self::assertSame([min(0.0, $level) - 250.0, $level], $over(Material::Floor));
        self::assertSame($level + 2400.0, $over(Material::Ceiling)[0] ?? null);
        self::assertSame($level, min([INF, ...$over(Material::Fabric)]));
        $walls = array_filter($scene->parts, static fn(Part $part): bool => $part->material === Material::Wall);
        self::assertCount(4, $walls);
        foreach ($walls as $wall) {
            self::assertSame($level + 2400.0, max(array_map(static fn(Prism $one): float => $one->top->at($within), $wall->prisms)));
        }
    }

    /** @param float $thick mm */
    #[TestWith(['Oak boards', 22.0, Material::Boards, 22.0])]
    #[TestWith(['PORCELAIN tiles', null, Material::Tiles, UsualSize::FINISH])]
    #[TestWith(['wool carpet', 9.0, Material::Carpet, 9.0])]
    #[TestWith(['polished concrete', 9.0, null, 0.0])]
    #[TestWith([null, null, null, 0.0])]
    public function test_floors_are_finished_as_is_said(?string $said, ?float $thickness, ?Material $material, float $thick): void
    {
        $scene = Scene::of(Sketch::room(4000, 3000)->sized('rooms', 'r', [
            ...$said === null ? [] : ['floor_finish' => $said],
            ...$thickness === null ? [] : ['floor_finish_thickness' => $thickness],
        ])->home());
        $laid = array_values(array_filter(
            $scene->parts,
            static fn(Part $part): bool => $part->element === 'r' && $part->material !== Material::Ceiling,
        ));
        self::assertSame($material, ($laid[0] ?? null)?->material);
        self::assertEqualsWithDelta(12e6 * $thick, $laid === [] ? 0.0 : Mesh::of($laid[0]->prisms)->volume(), 1.0);
    }

    /** A worktop of 2000 by 600 mm with a sink of 600 by 400 in it and a lamp on it; the cabinet under it stays whole. */
    public function test_a_worktop_is_cut_out_for_what_is_set_in_it(): void
    {
        $kitchen = static fn(float $turn): Home => Sketch::room(4000, 3000, 'kitchen')
            ->fixture('c', 'counter', 2000, 1500, $turn, 2000, 600, ['base' => 860, 'height' => 40])
            ->fixture('b', 'base_cabinet', 2000, 1500, $turn, 2000, 600, ['height' => 860])
            ->fixture('s', 'sink', 2000, 1500, $turn, 600, 400, ['base' => 720, 'height' => 185])
            ->fixture('l', 'lamp', 2000, 1500, $turn, 200, 200, ['base' => 900, 'height' => 300])
            ->home();
        foreach ([90.0, 180.0, 37.0] as $turn) {
            $volumes = [];
            foreach (Scene::of($kitchen($turn))->parts as $part) {
                $volumes[$part->element] = Mesh::of($part->prisms)->volume();
            }
            self::assertEqualsWithDelta(
                2000.0 * 600.0 * 40.0 - 2000.0 * 30.0 * 38.0 - 600.0 * 400.0 * 40.0,
                $volumes['c'],
                1.0,
                "turned to {$turn}",
            );
            self::assertEqualsWithDelta(
                self::volume(FurnitureSolids::of(FixtureKind::BaseCabinet, 2000.0, 600.0, 860.0)),
                $volumes['b'],
                1.0,
            );
        }
    }

    /** @param list<array{Ring, float, float}> $solids */
    private static function volume(array $solids): float
    {
        return array_sum(array_map(static fn(array $solid): float => $solid[0]->area() * $solid[2], $solids));
    }

    /** A bath of 2 by 3 m tiled to 1200 mm, one wall of it to 2000, with a door 800 wide and a window 600 wide from 900 to 1500. */
    public function test_walls_are_tiled_as_high_as_is_said_but_for_openings(): void
    {
        $home = Sketch::room(2000, 3000, 'bathroom')
            ->sized('rooms', 'r', ['tile_height' => 1200])
            ->door('w1', 1000, 800, ['height' => 2100])
            ->window('w3', 1000, 600, 600, ['sill' => 900])
            ->tiled('w3', [2000, 2000])
            ->home();
        $area = 0.0;
        foreach (Scene::of($home)->parts as $part) {
            $area += $part->material === Material::WallTiles ? Mesh::of($part->prisms)->volume() / UsualSize::TILE : 0.0;
        }
        self::assertEqualsWithDelta((2 * 3000.0 + 2000.0 - 800.0) * 1200.0 + 2000.0 * 2000.0 - 600.0 * 600.0, $area, 1.0);
    }

    /** Walls of 100 mm around a room of 4 by 3 m inside, the ceiling from 1 m at the left to 3 m at the right, inner face to inner face. */
    public function test_walls_follow_the_slope_of_the_roof(): void
    {
        $ceiling = ['low' => 1000, 'high' => 3000, 'from' => [0, 0], 'to' => [4000, 0]];
        $attic = ['id' => 'r', 'name' => 'Attic', 'use' => 'bedroom', 'at' => [2000, 1500], 'ceiling' => $ceiling];
        $scene = Scene::of(new Home(Sketch::room(4000, 3000)->with(['rooms' => [$attic]])->layout()));
        $wall = 0.0;
        foreach ($scene->parts as $part) {
            $wall += $part->material === Material::Wall ? Mesh::of($part->prisms)->volume() : 0.0;
        }
        $filled = array_sum(array_map(static fn(Polygon $one): float => $one->area(), $scene->home->plans['G']->mass->solids));
        // the walls lie evenly about the middle of the slope, which is 2 m high
        self::assertEqualsWithDelta($filled * 2000.0, $wall, 1.0);
        $roof = array_filter($scene->parts, static fn($part): bool => $part->material === Material::Roof);
        $covered = array_sum(array_map(static fn($part): float => Mesh::of($part->prisms)->volume(), $roof));
        self::assertEqualsWithDelta(($filled + 4000.0 * 3000.0) * UsualSize::ROOF, $covered, 1.0);
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

    public function test_an_upstand_rises_over_the_back_of_a_worktop(): void
    {
        $top = new Fixture('t', FixtureKind::Counter, new Point(0.0, 0.0), 90.0, 1800.0, 625.0, 40.0, 870.0, upstand: 100.0);
        $solids = FurnitureSolids::ofFixture($top);
        [$outline, $bottom, $high] = $solids[count($solids) - 1];
        self::assertEqualsWithDelta([1800.0 * 20.0, 40.0, 100.0], [$outline->area(), $bottom, $high], 1e-6);
        self::assertEqualsWithDelta(0.0, min(array_column($outline->points, 'y')), 1e-9);
        self::assertCount(count($solids) - 1, FurnitureSolids::ofFixture($top->asWorktop(null, null)));
    }

    #[DataProvider('homes')]
    public function test_the_validator_of_the_standard_finds_nothing(string $json): void
    {
        $home = new Home((new LayoutReader())->read($json));
        $file = BinaryModel::write(Scene::of($home));
        self::assertLessThan(1_000_000, strlen($file));
        self::assertSame([0, 0, 0], self::validated([$file, BinaryModel::write(Scene::of($home, true, 2000.0))]));
        self::assertAreClosed(Scene::of($home, true, 2000.0));
    }

    public function test_nor_in_generated_homes_and_an_empty_one(): void
    {
        $files = array_map(
            static fn(int $seed): string => BinaryModel::write(
                Scene::of(self::generated($seed), $seed % 2 === 0, $seed % 3 === 0 ? 2500.0 : null),
            ),
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
        self::assertSame(['bed bd1 in r', [1.25, 0.5, -2.0], [2.75, 1.4, 0.0]], [
            strtolower($nodes['f'][0]),
            array_map(static fn(float $one): float => round($one, 4) + 0.0, $nodes['f'][1]),
            array_map(static fn(float $one): float => round($one, 4) + 0.0, $nodes['f'][2]),
        ]);
        self::assertSame(['f', 'floor G', 'ground', 'r', 'w1', 'w2', 'w3', 'w4'], array_values(array_unique($nodes['G'][3])));
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

    /** @param array<PlacedOpening> $openings */
    private static function overlapsAnother(PlacedOpening $one, array $openings): bool
    {
        return array_filter(
            $openings,
            static fn(PlacedOpening $other): bool => $other !== $one && $other->wall === $one->wall
                && abs($other->opening->at - $one->opening->at) < (($other->opening->width ?? 0.0) + ($one->opening->width ?? 0.0)) / 2,
        ) !== [];
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
     * @param list<FloorOpening> $voids
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
                $loose = [];
                foreach ($edges as $edge => $times) {
                    $back = implode(' > ', array_reverse(explode(' > ', $edge)));
                    $loose = [...$loose, ...$times === ($edges[$back] ?? 0) ? [] : [$edge]];
                }
                self::assertSame([], $loose, "{$which} {$part->element}");
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
