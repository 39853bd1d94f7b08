<?php

declare(strict_types=1);

namespace Heurema\Tests\Projection;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Layout\LayoutReader;
use Heurema\Projection\ObliqueView;
use Heurema\Projection\SeenLine;
use Heurema\Projection\VisibleLines;
use Heurema\Scene\Material;
use Heurema\Scene\Mesh;
use Heurema\Scene\Part;
use Heurema\Scene\Prism;
use Heurema\Scene\Scene;
use Heurema\Spatial\Home;
use Heurema\Tests\FurnishedPlan;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ObliqueViewTest extends TestCase
{
    /** A cube has twelve edges: three that meet at the hidden corner are not seen. */
    #[TestWith([0.0])]
    #[TestWith([30.0])]
    #[TestWith([135.0])]
    #[TestWith([251.0])]
    public function test_a_cube_shows_nine_edges(float $turned): void
    {
        $lines = self::seen([self::box(1000.0, $turned)], new ObliqueView($turned + 40.0, 35.0));
        self::assertCount(9, $lines);
        self::assertSame([], array_filter($lines, static fn(SeenLine $one): bool => $one->isCut));
    }

    /** From straight above it is its outline. */
    public function test_from_straight_above_it_is_the_plan(): void
    {
        $lines = self::seen([self::box(1000.0, 0.0)], new ObliqueView(90.0, 90.0));
        self::assertCount(4, $lines);
        foreach ($lines as $line) {
            self::assertEqualsWithDelta(1000.0, $line->line->length(), 1e-6);
        }
    }

    /** What is higher than the cut is gone, and the body shows where it was cut. */
    #[TestWith([999.9, true])]
    #[TestWith([1000.0, false])]
    #[TestWith([1000.1, false])]
    #[TestWith([1.0, true])]
    public function test_it_is_cut_at_a_height(float $cut, bool $isCut): void
    {
        $view = new ObliqueView(40.0, 35.0, $cut);
        $facets = $view->facets([self::box(1000.0, 0.0)]);
        $cuts = array_filter($facets, static fn($facet): bool => $facet->isCut);
        self::assertSame($isCut, $cuts !== []);
        self::assertNotSame([], $facets);
        $highest = max(array_map(static fn($facet): float => max(array_column($facet->corners, 1)), $facets));
        $corners = array_map(
            static fn(array $at): float => $view->place([$at[0], $at[1], min($cut, 1000.0)])[1],
            [[0, 0], [1000, 0], [1000, 1000], [0, 1000]],
        );
        self::assertEqualsWithDelta(max($corners), $highest, 1e-6);
    }

    /** Lengths along the drawing are those of the direction across it; what is farther along the way one looks lies higher and farther. */
    public function test_places(): void
    {
        $view = new ObliqueView(90.0, 30.0);
        self::assertEqualsWithDelta([100.0, 0.0, 0.0], $view->place([100.0, 0.0, 0.0]), 1e-9);
        self::assertEqualsWithDelta([0.0, 50.0, 100.0 * cos(deg2rad(30.0))], $view->place([0.0, 100.0, 0.0]), 1e-9);
        self::assertEqualsWithDelta([0.0, 100.0 * cos(deg2rad(30.0)), -50.0], $view->place([0.0, 0.0, 100.0]), 1e-9);
    }

    /** Held against rays through all triangles of the bodies: nothing lies before the middle of a line that is drawn. */
    #[TestWith([3, 25.0, 40.0])]
    #[TestWith([8, 160.0, 55.0])]
    #[TestWith([11, 290.0, 30.0])]
    public function test_nothing_lies_before_what_is_drawn(int $seed, float $towards, float $elevation): void
    {
        $home = new Home((new LayoutReader())->read((string) json_encode(FurnishedPlan::document($seed, 3))));
        $view = new ObliqueView($towards, $elevation);
        $parts = array_values(array_filter(
            Scene::of($home)->parts,
            static fn(Part $part): bool => !in_array($part->material, [Material::Ceiling, Material::Roof], true),
        ));
        $facets = $view->facets($parts);
        $lines = (new VisibleLines($facets))->lines();
        self::assertGreaterThan(50, count($lines));
        $triangles = array_merge(...array_map(
            static fn(Part $part): array => array_map(
                static fn(array $triangle): array => array_map($view->place(...), $triangle),
                Mesh::of($part->prisms)->triangles,
            ),
            $parts,
        ));
        $hidden = 0;
        foreach ($lines as $line) {
            $aside = $line->line->direction()->left()->times(1.5);
            $depths = array_map(
                static fn(Point $at): float => self::nearest($triangles, $at),
                [$line->line->middle()->plus($aside), $line->line->middle()->minus($aside)],
            );
            $here = self::onEdge($facets, $line->line->middle());
            $hidden += $here !== null && $here - min($depths) > 40.0 && max($depths) - min($depths) < 1.0 ? 1 : 0;
        }
        self::assertLessThanOrEqual(0.01 * count($lines), $hidden);
    }

    /** @param list<array<array{float, float, float}>> $triangles */
    private static function nearest(array $triangles, Point $at): float
    {
        $nearest = INF;
        foreach ($triangles as [$a, $b, $c]) {
            $area = ($b[0] - $a[0]) * ($c[1] - $a[1]) - ($c[0] - $a[0]) * ($b[1] - $a[1]);
            if (abs($area) < 1e-6) {
                continue;
            }
            $u = (($b[0] - $at->x) * ($c[1] - $at->y) - ($c[0] - $at->x) * ($b[1] - $at->y)) / $area;
            $v = (($c[0] - $at->x) * ($a[1] - $at->y) - ($a[0] - $at->x) * ($c[1] - $at->y)) / $area;
            if ($u >= 0.0 && $v >= 0.0 && $u + $v <= 1.0) {
                $nearest = min($nearest, $u * $a[2] + $v * $b[2] + (1.0 - $u - $v) * $c[2]);
            }
        }

        return $nearest;
    }

    /**
     * How far away the nearest edge that is drawn through a place is.
     *
     * @param list<\Heurema\Projection\Facet> $facets
     */
    private static function onEdge(array $facets, Point $at): ?float
    {
        $found = null;
        foreach ($facets as $facet) {
            foreach ($facet->corners as $number => $from) {
                $to = $facet->corners[($number + 1) % count($facet->corners)];
                $edge = new Segment(new Point($from[0], $from[1]), new Point($to[0], $to[1]));
                if ($edge->length() > 1.0 && $edge->distanceTo($at) < 0.5) {
                    $away = $from[2] + ($to[2] - $from[2]) * $edge->along($at) / $edge->length();
                    $found = min($found ?? INF, $away);
                }
            }
        }

        return $found;
    }

    /**
     * @param list<Part> $parts
     *
     * @return list<SeenLine>
     */
    private static function seen(array $parts, ObliqueView $view): array
    {
        return array_values(array_filter(
            (new VisibleLines($view->facets($parts)))->lines(),
            static fn(SeenLine $one): bool => $one->line->length() > 2.0,
        ));
    }

    private static function box(float $size, float $turned): Part
    {
        [$along, $up] = [Point::towards($turned)->times($size), Point::towards($turned + 90.0)->times($size)];
        $ring = new Ring([new Point(0, 0), $along, $along->plus($up), $up]);

        return new Part('box', 'Box', 'G', Material::Wood, [Prism::box($ring, 0.0, $size)]);
    }
}
