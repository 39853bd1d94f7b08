<?php

declare(strict_types=1);

namespace Heurema\Projection;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Scene\Material;

/**
 * The lines of a view without those that something lies before: each edge is held against all facets that may come before it, each of
 * which hides one stretch of it, exactly (Appel 1967 and Galimberti and Montanari 1969 in principle, from memory). What is left is drawn
 * where two different elements are seen at its two sides, so that bodies that go on flush have no joint.
 */
final readonly class VisibleLines
{
    /** What is no farther behind a facet lies in it, and what is no farther inside its sides is not hidden by it, mm. */
    private const BEHIND = 0.5;
    private const INSIDE = 0.01;

    /** So far beside a line one looks at what is seen there, and a shorter line is none, mm. */
    private const BESIDE = 0.6;
    private const SHORTEST = 1.0;

    /** Planes whose slopes differ by less are one. */
    private const SAME_SLOPE = 1e-3;

    private FacetGrid $grid;

    /** @param list<Facet> $facets */
    public function __construct(private array $facets)
    {
        $this->grid = new FacetGrid($facets);
    }

    /** What is seen at a place. */
    public function at(Point $place): ?Facet
    {
        return $this->grid->at($place->x, $place->y);
    }

    /** @return list<SeenLine> */
    public function lines(): array
    {
        $lines = [];
        foreach ($this->edges() as [$from, $to]) {
            foreach ($this->shown($from, $to) as [$start, $end]) {
                $at = static fn(float $share): Point => new Point(
                    $from[0] + ($to[0] - $from[0]) * $share,
                    $from[1] + ($to[1] - $from[1]) * $share,
                );
                array_push($lines, ...$this->parted(new Segment($at($start), $at($end))));
            }
        }

        return MergedLines::lines($lines);
    }

    /** @return list<array{array{float, float, float}, array{float, float, float}}> each once */
    private function edges(): array
    {
        $edges = [];
        foreach ($this->facets as $facet) {
            foreach ($facet->corners as $number => $from) {
                $to = $facet->corners[($number + 1) % count($facet->corners)];
                if (hypot($to[0] - $from[0], $to[1] - $from[1]) >= self::SHORTEST) {
                    [$one, $other] = [$from[0], $from[1]] <= [$to[0], $to[1]] ? [$from, $to] : [$to, $from];
                    $key = sprintf('%.1f %.1f %.1f %.1f %.1f %.1f', ...$one, ...$other);
                    $edges[$key] = [$one, $other];
                }
            }
        }

        return array_values($edges);
    }

    /**
     * @param array{float, float, float} $from
     * @param array{float, float, float} $to
     *
     * @return list<array{float, float}> shares of the edge that nothing lies before
     */
    private function shown(array $from, array $to): array
    {
        $shown = [[0.0, 1.0]];
        foreach ($this->grid->near($from, $to) as $facet) {
            $hidden = self::hidden($from, $to, $facet);
            if ($hidden === null) {
                continue;
            }
            $left = [];
            foreach ($shown as [$start, $end]) {
                if ($hidden[1] <= $start || $hidden[0] >= $end) {
                    $left[] = [$start, $end];

                    continue;
                }
                array_push(
                    $left,
                    ...$hidden[0] > $start ? [[$start, $hidden[0]]] : [],
                    ...$hidden[1] < $end ? [[$hidden[1], $end]] : [],
                );
            }
            if ($left === []) {
                return [];
            }
            $shown = $left;
        }
        $least = self::SHORTEST / hypot($to[0] - $from[0], $to[1] - $from[1]);

        return array_values(array_filter($shown, static fn(array $one): bool => $one[1] - $one[0] >= $least));
    }

    /**
     * @param array{float, float, float} $from
     * @param array{float, float, float} $to
     *
     * @return array{float, float}|null the share of the edge that a facet lies before
     */
    private static function hidden(array $from, array $to, Facet $facet): ?array
    {
        [$start, $end] = [0.0, 1.0];
        $limits = [
            [$from[2] - $facet->away($from[0], $from[1]) - self::BEHIND, $to[2] - $facet->away($to[0], $to[1]) - self::BEHIND],
        ];
        foreach ($facet->sides as [$a, $b, $c]) {
            $limits[] = [$a * $from[0] + $b * $from[1] + $c - self::INSIDE, $a * $to[0] + $b * $to[1] + $c - self::INSIDE];
        }
        foreach ($limits as [$first, $last]) {
            if ($first <= 0.0 && $last <= 0.0) {
                return null;
            }
            if ($first < 0.0) {
                $start = max($start, $first / ($first - $last));
            } elseif ($last < 0.0) {
                $end = min($end, $first / ($first - $last));
            }
        }

        return $start < $end ? [$start, $end] : null;
    }

    /**
     * A line that nothing lies before, as far as two different elements are seen at its sides: what lies beside it begins and ends where
     * edges of others meet it.
     *
     * @return list<SeenLine>
     */
    private function parted(Segment $line): array
    {
        $aside = $line->direction()->left()->times(self::BESIDE);
        $lines = [];
        $stops = $this->stops($line);
        foreach (array_slice($stops, 1) as $number => $to) {
            $from = $stops[$number];
            if ($to - $from < self::SHORTEST / 10) {
                continue;
            }
            $middle = $line->at(($from + $to) / 2);
            $seen = $this->between($this->at($middle->plus($aside)), $this->at($middle->minus($aside)), $middle);
            if ($seen !== null) {
                $lines[] = new SeenLine(new Segment($line->at($from), $line->at($to)), ...$seen);
            }
        }

        return $lines;
    }

    /** @return non-empty-list<float> where along a line something beside it begins or ends */
    private function stops(Segment $line): array
    {
        $stops = [0.0, $line->length()];
        foreach ([self::BESIDE, -self::BESIDE] as $offset) {
            $beside = $line->offset($offset);
            foreach ($this->grid->near([$beside->from->x, $beside->from->y, INF], [$beside->to->x, $beside->to->y, INF]) as $facet) {
                foreach ($facet->sides as [$a, $b, $c]) {
                    [$first, $last] = [
                        $a * $beside->from->x + $b * $beside->from->y + $c, $a * $beside->to->x + $b * $beside->to->y + $c,
                    ];
                    $share = ($first > 0.0) !== ($last > 0.0) ? $first / ($first - $last) : null;
                    if ($share !== null && $facet->reaches($beside->at($share * $beside->length()))) {
                        $stops[] = $share * $line->length();
                    }
                }
            }
        }
        $stops = array_values(array_unique($stops));
        sort($stops);

        return $stops;
    }

    /** @return array{Material, bool}|null of what is nearer; null: what is seen at both sides goes on */
    private function between(?Facet $one, ?Facet $other, Point $at): ?array
    {
        if ($one === null || $other === null) {
            $seen = $one ?? $other;

            return $seen === null ? null : [$seen->part->material, $seen->isCut];
        }
        [$here, $there] = [$one->away($at->x, $at->y), $other->away($at->x, $at->y)];
        $isFlush = $one->isCut === $other->isCut
            && self::isOfOne($one->part->material, $other->part->material)
            && abs($here - $there) <= 2 * self::BEHIND
            && abs($one->plane[0] - $other->plane[0]) + abs($one->plane[1] - $other->plane[1]) < self::SAME_SLOPE;
        $nearer = $here <= $there ? $one : $other;

        return $isFlush ? null : [$nearer->part->material, $one->isCut || $other->isCut];
    }

    /** Walls run on before the floors that lie on them. */
    private static function isOfOne(Material $one, Material $other): bool
    {
        $built = [Material::Wall, Material::Floor];

        return $one === $other || (in_array($one, $built, true) && in_array($other, $built, true));
    }
}
