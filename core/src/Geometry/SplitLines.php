<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/**
 * Lines cut at every place where they meet, cross or run on one another.
 *
 * Pieces that come to lie on one another become one: their marks are gathered, their layers added up.
 */
final class SplitLines
{
    public readonly Vertices $vertices;

    /** A drawing in which each line comes near more others than this, and then some, is refused. */
    private const NEAR_A_LINE = 100;
    private const NEAR_BESIDES = 60_000;

    /** Farther apart than this, mm², two lines do not touch: twice the snap. */
    private const TOUCH_SQUARE = 4 * Vertices::SNAP * Vertices::SNAP;

    /** Of so few lines each is held against every other. */
    private const FEW = 48;

    /** @var list<Piece> */
    public readonly array $pieces;

    /**
     * @param list<Line> $lines
     *
     * @throws TangledLines when they cross one another beyond all measure
     */
    public function __construct(array $lines)
    {
        $this->vertices = new Vertices();
        $ends = [];
        foreach ($lines as $line) {
            $ends[] = [$this->vertices->number($line->segment->from), $this->vertices->number($line->segment->to)];
        }
        $pieces = [];
        foreach ($this->cuts($lines, $ends) as $number => $cuts) {
            $line = $lines[$number];
            for ($i = 1, $count = count($cuts); $i < $count; ++$i) {
                [$from, $to] = [$cuts[$i - 1], $cuts[$i]];
                $piece = $pieces[$from < $to ? $from << 32 | $to : $to << 32 | $from] ??= $from < $to ? new Piece($from, $to) : new Piece($to, $from);
                $piece->add($line, $from < $to ? 1 : -1);
            }
        }
        $this->pieces = array_values($pieces);
    }

    /**
     * @param list<Line>            $lines
     * @param list<array{int, int}> $ends
     *
     * @return list<list<int>> for each line the vertices on it, in its direction
     */
    private function cuts(array $lines, array $ends): array
    {
        $cuts = [];
        $boxes = [];
        foreach ($ends as $number => [$from, $to]) {
            $cuts[] = [$from => true, $to => true];
            $boxes[] = self::box($lines[$number]->segment);
        }
        foreach ($this->neighbours($lines) as $i => $near) {
            foreach ($near as $j) {
                if ($j > $i && !self::areApart($boxes[$i], $boxes[$j])) {
                    $this->meet($ends[$i], $ends[$j], $cuts[$i], $cuts[$j]);
                }
            }
        }
        $ordered = [];
        foreach ($cuts as $number => $vertices) {
            $ordered[] = count($vertices) === 2 ? $ends[$number] : $this->inOrder($lines[$number]->segment, $vertices);
        }

        return $ordered;
    }

    /**
     * @param list<Line> $lines
     *
     * @return iterable<int, list<int>> for each line the numbers of those that may come near it
     */
    private function neighbours(array $lines): iterable
    {
        $count = count($lines);
        if ($count <= self::FEW) {
            for ($i = 0; $i < $count - 1; ++$i) {
                yield $i => range($i + 1, $count - 1);
            }

            return;
        }
        $segments = array_map(static fn(Line $line): Segment => $line->segment, $lines);
        $grid = new SegmentGrid($segments);
        $left = self::NEAR_BESIDES + self::NEAR_A_LINE * $count;
        foreach ($segments as $number => $segment) {
            $near = $grid->near($segment);
            $left -= count($near);
            if ($left < 0) {
                throw new TangledLines();
            }
            yield $number => $near;
        }
    }

    /** @return array{float, float, float, float} left, right, bottom, top, as much larger as points are snapped */
    private static function box(Segment $segment): array
    {
        [$from, $to] = [$segment->from, $segment->to];
        $snap = 2 * Vertices::SNAP;

        return [
            ($from->x < $to->x ? $from->x : $to->x) - $snap, ($from->x < $to->x ? $to->x : $from->x) + $snap,
            ($from->y < $to->y ? $from->y : $to->y) - $snap, ($from->y < $to->y ? $to->y : $from->y) + $snap,
        ];
    }

    /**
     * @param array{float, float, float, float} $first
     * @param array{float, float, float, float} $second
     */
    private static function areApart(array $first, array $second): bool
    {
        return $first[1] < $second[0] || $second[1] < $first[0] || $first[3] < $second[2] || $second[3] < $first[2];
    }

    /**
     * @param array<int, true> $vertices
     *
     * @return list<int>
     */
    private function inOrder(Segment $segment, array $vertices): array
    {
        $direction = $segment->vector();
        $along = [];
        foreach ($vertices as $vertex => $_) {
            $along[$vertex] = $this->vertices->point($vertex)->dot($direction);
        }
        asort($along);

        return array_keys($along);
    }

    /**
     * Cuts two lines where they touch.
     *
     * @param array{int, int}  $first      ends
     * @param array{int, int}  $second
     * @param array<int, true> $firstCuts  vertices on it
     * @param array<int, true> $secondCuts
     */
    private function meet(array $first, array $second, array &$firstCuts, array &$secondCuts): void
    {
        [$a, $b] = [$this->vertices->point($first[0]), $this->vertices->point($first[1])];
        [$c, $d] = [$this->vertices->point($second[0]), $this->vertices->point($second[1])];
        if (self::isBeside($a, $b, $c, $d) || self::isBeside($c, $d, $a, $b)) {
            return;
        }
        $touch = false;
        if (self::liesOn($c, $a, $b)) {
            $firstCuts[$second[0]] = $touch = true;
        }
        if (self::liesOn($d, $a, $b)) {
            $firstCuts[$second[1]] = $touch = true;
        }
        if (self::liesOn($a, $c, $d)) {
            $secondCuts[$first[0]] = $touch = true;
        }
        if (self::liesOn($b, $c, $d)) {
            $secondCuts[$first[1]] = $touch = true;
        }
        $crossing = $touch ? null : self::crossing($a, $b, $c, $d);
        if ($crossing !== null) {
            $vertex = $this->vertices->number($crossing);
            $firstCuts[$vertex] = $secondCuts[$vertex] = true;
        }
    }

    /** Do both ends of a line lie on the same side of the first, too far from it to touch? */
    private static function isBeside(Point $from, Point $to, Point $c, Point $d): bool
    {
        [$dx, $dy] = [$to->x - $from->x, $to->y - $from->y];
        $first = $dx * ($c->y - $from->y) - $dy * ($c->x - $from->x);
        $second = $dx * ($d->y - $from->y) - $dy * ($d->x - $from->x);
        $nearest = $first > 0 ? ($first < $second ? $first : $second) : ($first < $second ? -$second : -$first);

        return $nearest > 0 && $nearest * $nearest > self::TOUCH_SQUARE * ($dx * $dx + $dy * $dy);
    }

    private static function liesOn(Point $point, Point $from, Point $to): bool
    {
        [$dx, $dy, $x, $y] = [$to->x - $from->x, $to->y - $from->y, $point->x - $from->x, $point->y - $from->y];
        $square = $dx * $dx + $dy * $dy;
        $aside = $dx * $y - $dy * $x;
        if ($square === 0.0 || $aside * $aside > self::TOUCH_SQUARE * $square) {
            return false;
        }
        $share = ($x * $dx + $y * $dy) / $square;
        $share = $share < 0.0 ? 0.0 : ($share > 1.0 ? 1.0 : $share);

        return hypot($share * $dx - $x, $share * $dy - $y) < Vertices::SNAP;
    }

    private static function crossing(Point $a, Point $b, Point $c, Point $d): ?Point
    {
        [$abX, $abY, $cdX, $cdY, $acX, $acY] = [$b->x - $a->x, $b->y - $a->y, $d->x - $c->x, $d->y - $c->y, $c->x - $a->x, $c->y - $a->y];
        $cross = $abX * $cdY - $abY * $cdX;
        if ($cross === 0.0) {
            return null;
        }
        $onFirst = ($acX * $cdY - $acY * $cdX) / $cross;
        $onSecond = ($acX * $abY - $acY * $abX) / $cross;

        return $onFirst > 0 && $onFirst < 1 && $onSecond > 0 && $onSecond < 1 ? new Point($a->x + $abX * $onFirst, $a->y + $abY * $onFirst) : null;
    }
}
