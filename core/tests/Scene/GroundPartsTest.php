<?php

declare(strict_types=1);

namespace Heurema\Tests\Scene;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Scene\GroundParts;
use Heurema\Scene\Mesh;
use Heurema\Scene\Prism;
use Heurema\Scene\Scene;
use Heurema\Spatial\Home;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\TestCase;

/** The ground of a scene lies where the ground of the home does, around the home and not under it. */
final class GroundPartsTest extends TestCase
{
    public function test_level_ground_is_one_body_with_the_home_cut_out(): void
    {
        $prisms = self::prisms(self::home(['grade' => -300]));
        // 2 m around a home of 4.4 by 3.4 m
        self::assertEqualsWithDelta((8400.0 * 7400.0 - 4400.0 * 3400.0) * 200.0, Mesh::of($prisms)->volume(), 1.0);
        self::assertCount(1, $prisms);
        self::assertSame(-300.0, $prisms[0]->top->at(new Point(0, 0)));
    }

    public function test_where_nobody_said_how_high_it_lies_there_is_none(): void
    {
        self::assertSame([], (new GroundParts(self::home(['grade' => null])))->parts());
        self::assertSame([], (new GroundParts(new Home((new Sketch())->layout())))->parts());
    }

    /** Within the levels that were said it is the ground that sills and guards are measured from. */
    public function test_it_runs_through_the_levels_that_were_said(): void
    {
        mt_srand(77);
        $met = 0;
        for ($case = 0; $case < 60; ++$case) {
            $levels = array_map(static fn(): array => [
                'at' => [mt_rand(-8000, 12000), mt_rand(-8000, 12000)], 'level' => mt_rand(-2000, 500),
            ], range(0, $case % 9));
            $home = self::home(['ground' => $levels, 'grade' => null]);
            $prisms = self::prisms($home);
            $reach = [];
            foreach ($levels as ['at' => $at, 'level' => $level]) {
                $reach[] = new Point(...$at);
                $heights = self::heights($prisms, $reach[count($reach) - 1]);
                self::assertTrue($heights === [] || in_array((float) $level, $heights, true), "case {$case}");
                $met += count($heights);
            }
            self::assertIsWhole($prisms, [...$reach, new Point(-200, -200), new Point(4200, 3200)]);
            for ($try = 0; $try < 40; ++$try) {
                [$a, $b, $c] = array_map(static fn(): float => mt_rand(1, 1000) / 1000, range(1, 3));
                $corners = array_map(static fn(): Point => $reach[mt_rand(0, count($reach) - 1)], range(1, 3));
                $within = $corners[0]->times($a)->plus($corners[1]->times($b))->plus($corners[2]->times($c))->times(1 / ($a + $b + $c));
                foreach (self::heights($prisms, $within) as $height) {
                    self::assertEqualsWithDelta($home->ground()->natural($within), $height, 0.5, "case {$case}");
                }
            }
        }
        self::assertGreaterThan(200, $met);
    }

    /**
     * As large as 2 m around the places, less the home.
     *
     * @param list<Prism>           $prisms
     * @param non-empty-list<Point> $places
     */
    private static function assertIsWhole(array $prisms, array $places): void
    {
        $box = Box::around($places)->grown(2000.0);
        $covered = array_sum(array_map(static fn(Prism $one): float => $one->outline->area(), $prisms));
        self::assertEqualsWithDelta($box->width() * $box->height() - 4400.0 * 3400.0, $covered, 100.0);
    }

    /**
     * @param list<Prism> $prisms
     *
     * @return list<float> of the pieces over a place; none under the home
     */
    private static function heights(array $prisms, Point $at): array
    {
        if ((new Box(-200.0, -200.0, 4200.0, 3200.0))->contains($at)) {
            return [];
        }
        $over = array_filter($prisms, static fn(Prism $one): bool => $one->outline->outer->contains($at));

        return array_values(array_map(static fn(Prism $one): float => round($one->top->at($at), 3), $over));
    }

    /** @param array<string, mixed> $more */
    private static function home(array $more): Home
    {
        return new Home(Sketch::room(4000, 3000)->document($more)->layout());
    }

    /** @return list<Prism> */
    private static function prisms(Home $home): array
    {
        self::assertSame(GroundParts::ID, Scene::of($home)->parts[count(Scene::of($home)->parts) - 1]->element);

        return (new GroundParts($home))->parts()[0]->prisms;
    }
}
