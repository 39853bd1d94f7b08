<?php

declare(strict_types=1);

namespace Heurema\Tests\Ifc;

use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Ifc\Writing\GlobalId;
use Heurema\Ifc\Writing\ModelWriter;
use Heurema\Layout\FloorOpening;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Scene\FurnitureSolids;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RampPart;
use Heurema\Spatial\Stair\Step;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is written is read by a general library for the standard, web-ifc, and its bodies are as large as they are here. */
final class OtherReaderTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function homes(): iterable
    {
        foreach (['orchard-terrace', 'ferry-cottage', 'lantern-row', 'heron-bungalow', 'quarry-flat', 'weir-cabin'] as $home) {
            yield $home => [$home];
        }
    }

    /** Walls and floors less their openings, fixtures, rooms, stairs and ramps, within 0.1 %. */
    #[DataProvider('homes')]
    public function test_bodies_are_as_large_as_here(string $name): void
    {
        $home = new Home((new LayoutReader())->read((string) file_get_contents(dirname(__DIR__, 3)."/database/demo/{$name}.json")));
        $read = self::read(ModelWriter::write($home->layout, '2026-11-28T12:00:00'));
        self::assertSame('IFC4', $read['schema']);
        self::assertSame(count($home->rooms), $read['spaces']);
        foreach (self::walls($home) as $id => $volume) {
            self::assertEqualsWithDelta($volume, $read['volumes'][GlobalId::of($id)] ?? 0.0, 0.001 * $volume, $id);
        }
        foreach ($home->fixtures as $placed) {
            $fixture = $placed->fixture;
            if ($fixture->height === null || $placed->outline === null) {
                continue;
            }
            $volume = array_sum(array_map(
                static fn(array $solid): float => $solid[0]->area() * $solid[2],
                $fixture->outline === null
                    ? FurnitureSolids::of($fixture->kind, $fixture->width ?? 0.0, $fixture->depth ?? 0.0, $fixture->height)
                    : [[$placed->outline, 0.0, $fixture->height]],
            )) / 1e9;
            self::assertEqualsWithDelta($volume, $read['volumes'][GlobalId::of($fixture->id)] ?? 0.0, 0.001 * $volume, $fixture->id);
        }
        foreach ([...self::floors($home), ...self::ramps($home), ...self::others($home)] as $id => $volume) {
            self::assertEqualsWithDelta($volume, $read['volumes'][$id] ?? 0.0, 0.001 * $volume, $id);
        }
    }

    /** @return array<string, float> m3 by GlobalId: the ground that a storey covers less the openings in it, times its thickness */
    private static function floors(Home $home): array
    {
        $volumes = [];
        foreach ($home->plans as $plan) {
            $ground = array_sum(array_map(static fn(Polygon $slab): float => $slab->outer->area(), $plan->mass->slab()));
            $open = array_sum(array_map(static fn(FloorOpening $void): float => $void->outline->area(), $plan->storey->voids));
            $thickness = $plan->storey->floorThickness;
            $volumes += $thickness === null ? [] : [GlobalId::made("floor {$plan->storey->id}") => ($ground - $open) * $thickness / 1e9];
        }

        return $volumes;
    }

    /** @return array<string, float> m3 by GlobalId: what a ramp covers, times 150 mm, however it slopes */
    private static function ramps(Home $home): array
    {
        $volumes = [];
        foreach ($home->ramps as $ramp) {
            $area = array_sum(array_map(static fn(RampPart $part): float => $part->outline->area(), $ramp->shape->parts));
            $volumes[GlobalId::of($ramp->id())] = $area * 150.0 / 1e9;
        }

        return $volumes;
    }

    /** @return array<string, float> m3 by GlobalId: rooms with a level ceiling, stairs, doors, windows and guards 40 mm thick, soffits */
    private static function others(Home $home): array
    {
        $volumes = [];
        foreach ($home->rooms as $room) {
            $ceiling = $room->ceiling();
            $area = $room->outline()?->outer->area();
            $volumes += $area === null || !is_float($ceiling) ? [] : [GlobalId::of($room->id()) => $area * $ceiling / 1e9];
        }
        foreach ($home->stairs as $stair) {
            $area = array_sum(array_map(static fn(Step $step): float => $step->outline->area(), $stair->shape->steps));
            $volumes[GlobalId::of($stair->id())] = $area * 40.0 / 1e9;
        }
        foreach ($home->openings as $opening) {
            [$width, $height] = [$opening->opening->width, $opening->opening->height];
            $isClosed = $opening->opening->kind !== OpeningKind::Bare && !$opening->wall->isOpenBoundary();
            $isFilled = $isClosed && $width !== null && $height !== null;
            $volumes += $isFilled ? [GlobalId::of($opening->id()) => $width * $height * 40.0 / 1e9] : [];
        }
        foreach ($home->layout->storeys as $storey) {
            foreach ($storey->soffits as $soffit) {
                $height = max(100.0, ($storey->ceiling ?? 2400.0) - ($soffit->underside ?? 2100.0));
                $volumes[GlobalId::of($soffit->id)] = $soffit->outline->area() * $height / 1e9;
            }
            foreach ($storey->guards as $guard) {
                $long = array_sum(array_map(
                    static fn(Point $to, Point $from): float => $to->distanceTo($from),
                    array_slice($guard->line, 1),
                    array_slice($guard->line, 0, -1),
                ));
                $volumes[GlobalId::of($guard->id)] = $long * 40.0 * ($guard->height ?? 1000.0) / 1e9;
            }
        }

        return $volumes;
    }

    /** @return array<string, float> m3 by wall */
    private static function walls(Home $home): array
    {
        $volumes = [];
        foreach ($home->layout->storeys as $storey) {
            foreach ($storey->walls as $wall) {
                $cut = array_map(
                    static fn(PlacedOpening $opening): float => ($opening->opening->width ?? 0.0) * ($opening->opening->height ?? 0.0),
                    array_filter($home->openings, static fn(PlacedOpening $opening): bool => $opening->wall === $wall),
                );
                $face = $wall->line()->length() * ($wall->height ?? $storey->ceiling ?? 2400.0) - array_sum($cut);
                $volumes += $wall->isOpenBoundary() ? [] : [$wall->id => $face * $wall->thickness / 1e9];
            }
        }

        return $volumes;
    }

    /** @return array{schema: string, spaces: int, volumes: array<string, float>} */
    private static function read(string $text): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'heurema-model-');
        try {
            file_put_contents($file, $text);
            exec('node '.escapeshellarg(__DIR__.'/volumes.mjs').' '.escapeshellarg($file).' 2>&1', $output, $status);
            self::assertSame(0, $status, implode("\n", $output));
            /** @var array{schema: string, spaces: int, volumes: array<string, float>} $read */
            $read = json_decode((string) end($output), true, 512, JSON_THROW_ON_ERROR);

            return $read;
        } finally {
            unlink($file);
        }
    }
}
