<?php

declare(strict_types=1);

namespace Heurema\Tests\Projection;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Layout\LayoutReader;
use Heurema\Projection\Facet;
use Heurema\Projection\Facets;
use Heurema\Projection\SeenLine;
use Heurema\Projection\ViewPlane;
use Heurema\Projection\VisibleLines;
use Heurema\Scene\Material;
use Heurema\Scene\Mesh;
use Heurema\Scene\Part;
use Heurema\Scene\Prism;
use Heurema\Scene\Scene;
use Heurema\Spatial\Home;
use Heurema\Tests\FurnishedPlan;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * What is seen of bodies, held against rays that are sent through their triangles, and against their volumes.
 *
 * @phpstan-type Triangle array{array{float, float, float}, array{float, float, float}, array{float, float, float}}
 */
final class VisibleLinesTest extends TestCase
{
    /** @return iterable<string, array{Home}> */
    public static function homes(): iterable
    {
        foreach (['orchard-terrace', 'ferry-cottage', 'lantern-row', 'heron-bungalow', 'quarry-flat', 'weir-cabin'] as $home) {
            $json = (string) file_get_contents(dirname(__DIR__, 3)."/database/demo/{$home}.json");
            yield $home => [new Home((new LayoutReader())->read($json))];
        }
        for ($seed = 1; $seed <= 4; ++$seed) {
            $document = FurnishedPlan::document($seed, 2 + $seed % 5);
            yield "seed {$seed}" => [new Home((new LayoutReader())->read((string) json_encode($document)))];
        }
    }

    /** A box of 4 by 3 m, 2 m high, stands 1 m behind one of 1 by 1 m, 1 m high: the edges behind it are not seen. */
    public function test_what_lies_behind_is_not_seen(): void
    {
        $lines = self::seen([self::box(0, 0, 4000, 3000, 2000), self::box(1000, -2000, 2000, -1000, 1000)], new Point(0, -1));
        self::assertEqualsCanonicalizing([
            '0,0 0,2000', '0,2000 4000,2000', '4000,0 4000,2000', '0,0 4000,0',
            '1000,0 1000,1000', '1000,1000 2000,1000', '2000,0 2000,1000',
        ], self::written($lines));
    }

    public function test_bodies_that_go_on_flush_have_no_joint(): void
    {
        $lines = self::seen([self::box(0, 0, 2000, 300, 2000), self::box(2000, 0, 4000, 300, 2000)], new Point(0, -1));
        self::assertEqualsCanonicalizing(['0,0 0,2000', '0,2000 4000,2000', '4000,0 4000,2000', '0,0 4000,0'], self::written($lines));
    }

    /** One stands back by so much: a joint is seen from where what is nearer can be told, 1 mm. */
    #[TestWith([0.9, false])]
    #[TestWith([1.0, false])]
    #[TestWith([1.1, true])]
    public function test_one_that_stands_back_has_an_edge(float $back, bool $isSeen): void
    {
        $lines = self::seen([self::box(0, 0, 2000, 300, 2000), self::box(2000, $back, 4000, 300, 2000)], new Point(0, -1));
        self::assertSame($isSeen, in_array('2000,0 2000,2000', self::written($lines), true));
    }

    /** The same home turned shows the same lines from a side that is turned with it. */
    public function test_a_turn_of_all_changes_nothing(): void
    {
        $boxes = [[0, 0, 4000, 3000, 2000], [1000, -2000, 2000, -1000, 1000], [2500, 500, 3000, 900, 2600]];
        $straight = self::lengths(self::seen(array_map(static fn(array $box): Part => self::box(...$box), $boxes), new Point(0, -1)));
        foreach ([17.0, 90.0, 133.5, 271.0] as $turn) {
            $turned = array_map(static fn(array $box): Part => self::box(...[...$box, $turn]), $boxes);
            self::assertEqualsWithDelta($straight, self::lengths(self::seen($turned, Point::towards($turn - 90.0))), 0.5, "{$turn}");
        }
    }

    /** What is seen at a place is as far away as the first triangle that a ray meets there; none where it starts within a body. */
    #[DataProvider('homes')]
    public function test_what_is_seen_is_what_a_ray_meets_first(Home $home): void
    {
        $parts = Scene::of($home)->parts;
        mt_srand(20);
        foreach (self::views($parts) as $number => $plane) {
            $facets = (new Facets($plane))->of($parts);
            $visible = new VisibleLines($facets);
            $triangles = self::triangles($parts, $plane);
            for ($ray = 0; $ray < 60; ++$ray) {
                $facet = $facets[mt_rand(0, count($facets) - 1)];
                $at = new Point(
                    $facet->left + ($facet->right - $facet->left) * (0.013 + 0.97 * mt_rand() / mt_getrandmax()),
                    $facet->bottom + ($facet->top - $facet->bottom) * (0.017 + 0.96 * mt_rand() / mt_getrandmax()),
                );
                $seen = $visible->at($at);
                self::assertEqualsWithDelta(
                    self::first($triangles, $at)[0],
                    $seen === null ? INF : $seen->away($at->x, $at->y),
                    0.5,
                    "view {$number} at {$at->x}, {$at->y}",
                );
            }
        }
    }

    /** Rays at the two sides of a line meet different fixtures: one nearer, one turned otherwise, one of something else, or one cut. */
    #[DataProvider('homes')]
    public function test_a_line_is_seen_where_rays_meet_different_things(Home $home): void
    {
        $parts = Scene::of($home)->parts;
        mt_srand(21);
        foreach (self::views($parts) as $number => $plane) {
            $triangles = self::triangles($parts, $plane);
            $lines = (new VisibleLines((new Facets($plane))->of($parts)))->lines();
            shuffle($lines);
            foreach (array_slice($lines, 0, 40) as $seen) {
                $at = $seen->line->at($seen->line->length() * 0.47);
                $aside = $seen->line->direction()->left()->times(0.65);
                [$one, $other] = [self::first($triangles, $at->plus($aside)), self::first($triangles, $at->minus($aside))];
                self::assertTrue(
                    abs($one[0] - $other[0]) > 0.5 || $one[1] !== $other[1] || abs($one[2] - $other[2]) + abs($one[3] - $other[3]) > 1e-4,
                    "view {$number} at {$at->x}, {$at->y}",
                );
            }
        }
    }

    /** What is cut, over many planes side by side, adds up to what bodies have in volume. */
    #[DataProvider('homes')]
    public function test_areas_of_sections_add_up_to_the_volume(Home $home): void
    {
        $parts = array_values(array_filter(
            Scene::of($home)->parts,
            static fn(Part $part): bool => in_array($part->material, [Material::Wall, Material::Floor, Material::Roof], true),
        ));
        $volume = array_sum(array_map(static fn(Part $part): float => Mesh::of($part->prisms)->volume(), $parts));
        $box = self::around($parts);
        $count = 200;
        $step = $box->height() / $count;
        $cut = 0.0;
        for ($number = 0; $number < $count; ++$number) {
            $y = $box->bottom + ($number + 0.5) * $step;
            $facets = (new Facets(new ViewPlane(new Segment(new Point($box->left, $y), new Point($box->right, $y)))))->of($parts);
            $cut += $step * array_sum(array_map(
                self::area(...),
                array_filter($facets, static fn(Facet $facet): bool => $facet->isCut),
            ));
        }
        self::assertEqualsWithDelta($volume, $cut, 0.02 * $volume);
    }

    /**
     * @param list<Part> $parts
     *
     * @return list<ViewPlane> two faces and a section
     */
    private static function views(array $parts): array
    {
        $middle = self::around($parts)->middle();

        return [
            ViewPlane::before(new Point(0, -1), self::places($parts)), ViewPlane::before(Point::towards(200.0), self::places($parts)),
            new ViewPlane(new Segment($middle->minus(new Point(4000, 37)), $middle->plus(new Point(4000, 137)))),
        ];
    }

    /**
     * @param list<Part> $parts
     *
     * @return list<array{string, list<Triangle>}> what each body is made of, and corners across, up and away
     */
    private static function triangles(array $parts, ViewPlane $plane): array
    {
        $bodies = [];
        foreach ($parts as $part) {
            foreach ($part->prisms as $prism) {
                $bodies[] = [$part->material->value, array_map(
                    static fn(array $triangle): array => [
                        self::corner($plane, $triangle[0]), self::corner($plane, $triangle[1]), self::corner($plane, $triangle[2]),
                    ],
                    Mesh::of([$prism])->triangles,
                )];
            }
        }

        return $bodies;
    }

    /**
     * @param array{float, float, float} $corner
     *
     * @return array{float, float, float} across, up and away
     */
    private static function corner(ViewPlane $plane, array $corner): array
    {
        $at = new Point($corner[0], $corner[1]);

        return [$plane->across($at), $corner[2], $plane->away($at)];
    }

    /**
     * @param list<array{string, list<Triangle>}> $bodies
     *
     * @return array{float, string, float, float} how far away, of what, and how its plane runs away across and up
     */
    private static function first(array $bodies, Point $at): array
    {
        $first = [INF, '', 0.0, 0.0];
        $around = [];
        foreach ($bodies as $number => [$material, $triangles]) {
            $met = self::met($triangles, $at);
            // a ray that comes to a body from within meets it from behind
            $around = [...$around, ...$met[3] ? ["{$material} {$number}"] : []];
            if ($met[0] < $first[0]) {
                $first = [$met[0], $material, $met[1], $met[2]];
            }
        }

        return $around === [] ? $first : [0.0, 'cut '.implode(' ', $around), 0.0, 0.0];
    }

    /**
     * @param list<Triangle> $triangles of one body
     *
     * @return array{float, float, float, bool}
     */
    private static function met(array $triangles, Point $at): array
    {
        $met = [INF, 0.0, 0.0, false];
        foreach ($triangles as [$a, $b, $c]) {
            $area = ($b[0] - $a[0]) * ($c[1] - $a[1]) - ($c[0] - $a[0]) * ($b[1] - $a[1]);
            if (abs($area) < 1.0) {
                continue;
            }
            $ofB = (($at->x - $a[0]) * ($c[1] - $a[1]) - ($c[0] - $a[0]) * ($at->y - $a[1])) / $area;
            $ofC = (($b[0] - $a[0]) * ($at->y - $a[1]) - ($at->x - $a[0]) * ($b[1] - $a[1])) / $area;
            $away = $a[2] + $ofB * ($b[2] - $a[2]) + $ofC * ($c[2] - $a[2]);
            if ($ofB >= 0.0 && $ofC >= 0.0 && $ofB + $ofC <= 1.0 && $away >= 0.0 && $away < $met[0]) {
                $across = (($b[2] - $a[2]) * ($c[1] - $a[1]) - ($c[2] - $a[2]) * ($b[1] - $a[1])) / $area;
                $up = (($b[0] - $a[0]) * ($c[2] - $a[2]) - ($c[0] - $a[0]) * ($b[2] - $a[2])) / $area;
                // seen from behind, corners run the other way round
                $met = [$away, $across, $up, $area < 0.0];
            }
        }

        return $met;
    }

    private static function box(float $left, float $bottom, float $right, float $top, float $high, float $turn = 0.0): Part
    {
        $x = Point::towards($turn);
        $at = static fn(float $a, float $b): Point => $x->times($a)->plus($x->left()->times($b));
        $ring = new Ring([$at($left, $bottom), $at($right, $bottom), $at($right, $top), $at($left, $top)]);

        return new Part('b', 'Box', 'G', Material::Wall, [Prism::box($ring, 0.0, $high)]);
    }

    /**
     * @param list<Part> $parts
     *
     * @return list<SeenLine>
     */
    private static function seen(array $parts, Point $outward): array
    {
        return (new VisibleLines((new Facets(ViewPlane::before($outward, self::places($parts))))->of($parts)))->lines();
    }

    /**
     * @param list<SeenLine> $lines
     *
     * @return list<string>
     */
    private static function written(array $lines): array
    {
        return array_map(static function (SeenLine $one): string {
            $ends = [[round($one->line->from->x), round($one->line->from->y)], [round($one->line->to->x), round($one->line->to->y)]];
            sort($ends);

            return implode(' ', array_map(static fn(array $end): string => implode(',', array_map(
                static fn(float $number): string => (string) ($number + 0.0),
                $end,
            )), $ends));
        }, $lines);
    }

    /**
     * @param list<SeenLine> $lines
     *
     * @return list<float> sorted
     */
    private static function lengths(array $lines): array
    {
        $lengths = array_map(static fn(SeenLine $one): float => $one->line->length(), $lines);
        sort($lengths);

        return $lengths;
    }

    /**
     * @param list<Part> $parts
     *
     * @return non-empty-list<Point>
     */
    private static function places(array $parts): array
    {
        $places = [];
        foreach ($parts as $part) {
            foreach ($part->prisms as $prism) {
                array_push($places, ...$prism->outline->outer->points);
            }
        }

        return $places === [] ? [new Point(0, 0)] : $places;
    }

    /** @param list<Part> $parts */
    private static function around(array $parts): Box
    {
        return Box::around(self::places($parts));
    }

    private static function area(Facet $facet): float
    {
        $twice = 0.0;
        foreach ($facet->corners as $number => [$x, $y]) {
            [$toX, $toY] = $facet->corners[($number + 1) % count($facet->corners)];
            $twice += $x * $toY - $toX * $y;
        }

        return abs($twice) / 2;
    }
}
