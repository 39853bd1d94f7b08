<?php

declare(strict_types=1);

namespace Heurema\Tests\Scene;

use Heurema\Layout\LayoutReader;
use Heurema\Scene\LowSpaces;
use Heurema\Scene\Mesh;
use Heurema\Scene\Part;
use Heurema\Spatial\Home;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\StairCovers;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class LowSpacesTest extends TestCase
{
    /**
     * A room of 4 by 3 m, its ceiling from 1 m at the left to 3 m at the right, inner face to inner face: 2 m are reached in the middle,
     * and the low body is 2 m by 3 m, 1 to 2 m high.
     */
    #[TestWith([2000.0, 9.0])]
    #[TestWith([1500.0, 3.75])]
    #[TestWith([1000.0, 0.0])]
    #[TestWith([999.0, 0.0])]
    #[TestWith([3000.0, 24.0])]
    #[TestWith([4000.0, 24.0])]
    public function test_under_a_slope(float $wanted, float $volume): void
    {
        $attic = [
            'id' => 'r', 'name' => 'Attic', 'use' => 'bedroom', 'at' => [2000, 1500],
            'ceiling' => ['from' => [0, 1500], 'to' => [4000, 1500], 'low' => 1000, 'high' => 3000],
        ];
        $home = new Home(Sketch::room(4000, 3000)->with(['rooms' => [$attic]])->layout());
        self::assertEqualsWithDelta($volume, self::volume((new LowSpaces($home, $home->plans['G'], $wanted))->parts()), 1e-6);
    }

    /** A level ceiling is low as a whole or not at all: at the wanted height it is not. */
    #[TestWith([2399.9, 0.0])]
    #[TestWith([2400.0, 0.0])]
    #[TestWith([2400.1, 28.8])]
    public function test_under_a_level_ceiling(float $wanted, float $volume): void
    {
        $home = new Home(Sketch::room(4000, 3000)->layout());
        self::assertEqualsWithDelta($volume, self::volume((new LowSpaces($home, $home->plans['G'], $wanted))->parts()), 1e-6);
    }

    /** What is low for somebody is low for everybody taller. */
    public function test_under_stairs_of_the_demonstration(): void
    {
        foreach (['orchard-terrace', 'lantern-row'] as $name) {
            $json = (string) file_get_contents(dirname(__DIR__, 3)."/database/demo/{$name}.json");
            $home = new Home((new LayoutReader())->read($json));
            $volumes = array_map(static fn(float $wanted): float => self::volume(array_values(array_filter(
                (new LowSpaces($home, array_values($home->plans)[0], $wanted))->parts(),
                static fn(Part $part): bool => $home->stair($part->element) !== null,
            ))), [500.0, 1000.0, 2000.0]);
            self::assertGreaterThan(0.0, $volumes[0], $name);
            $lowest = 0.0;
            foreach ($home->stairs as $stair) {
                $climb = $stair->storey() === array_key_first($home->plans) && $stair->from !== null ? Climb::of($stair) : null;
                foreach ($climb instanceof Climb ? $stair->shape->steps : [] as $step) {
                    $height = $climb instanceof Climb ? $climb->level($step) - StairCovers::STAIR_DEPTH : 0.0;
                    $lowest += $height > 0.0 && $height < 500.0 ? $step->outline->area() * $height / 1e9 : 0.0;
                }
            }
            self::assertEqualsWithDelta($lowest, $volumes[0], 1e-6, 'up to the underside of the stair');
            self::assertGreaterThan($volumes[0], $volumes[1]);
            self::assertGreaterThan($volumes[1], $volumes[2]);
        }
    }

    /**
     * @param list<Part> $parts
     *
     * @return float m³
     */
    private static function volume(array $parts): float
    {
        return array_sum(array_map(static fn(Part $part): float => Mesh::of($part->prisms)->volume() / 1e9, $parts));
    }
}
