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

    /** @var array<string, array{int, int}> piece key to its two vertices, lower number first */
    public array $pieces = [];

    /** @var array<string, array<int, int>> piece key to the change of each layer when stepping from its right to its left */
    public array $steps = [];

    /** @var array<string, array<int, true>> piece key to the marks of the lines that lie there */
    public array $marks = [];

    /**
     * @param list<Line> $lines
     *
     * @throws TangledLines when they cross one another beyond all measure
     */
    public function __construct(array $lines)
    {
        $this->vertices = new Vertices();
        $ends = [];
        $segments = [];
        foreach ($lines as $line) {
            $ends[] = [$this->vertices->number($line->segment->from), $this->vertices->number($line->segment->to)];
            $segments[] = $line->segment;
        }
        foreach ($this->cuts($segments, $ends) as $number => $cuts) {
            $this->addPieces($lines[$number], $cuts);
        }
    }

    /**
     * @param list<Segment>         $segments
     * @param list<array{int, int}> $ends
     *
     * @return list<list<int>> for each segment the vertices on it, in its direction
     */
    private function cuts(array $segments, array $ends): array
    {
        $cuts = array_map(static fn(array $pair): array => [$pair[0] => true, $pair[1] => true], $ends);
        $boxes = array_map(static fn(Segment $segment): array => self::box($segment), $segments);
        $grid = new SegmentGrid($segments);
        $left = self::NEAR_BESIDES + self::NEAR_A_LINE * count($segments);
        foreach ($segments as $i => $segment) {
            $near = $grid->near($segment);
            $left -= count($near);
            if ($left < 0) {
                throw new TangledLines();
            }
            foreach ($near as $j) {
                if ($j <= $i || self::areApart($boxes[$i], $boxes[$j])) {
                    continue;
                }
                foreach ($this->meetings($ends[$i], $ends[$j]) as [$vertex, $onFirst, $onSecond]) {
                    if ($onFirst) {
                        $cuts[$i][$vertex] = true;
                    }
                    if ($onSecond) {
                        $cuts[$j][$vertex] = true;
                    }
                }
            }
        }

        return array_map($this->inOrder(...), $segments, $cuts);
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
            $along[$vertex] = $this->vertices->point($vertex)->minus($segment->from)->dot($direction);
        }
        asort($along);

        return array_keys($along);
    }

    /**
     * The vertices at which two segments touch, and which of the two each one cuts.
     *
     * @param array{int, int} $first
     * @param array{int, int} $second
     *
     * @return list<array{int, bool, bool}>
     */
    private function meetings(array $first, array $second): array
    {
        [$a, $b] = [$this->vertices->point($first[0]), $this->vertices->point($first[1])];
        [$c, $d] = [$this->vertices->point($second[0]), $this->vertices->point($second[1])];
        $meetings = [];
        foreach ($second as $vertex) {
            if (self::liesOn($this->vertices->point($vertex), $a, $b)) {
                $meetings[] = [$vertex, true, false];
            }
        }
        foreach ($first as $vertex) {
            if (self::liesOn($this->vertices->point($vertex), $c, $d)) {
                $meetings[] = [$vertex, false, true];
            }
        }
        if ($meetings === []) {
            $crossing = self::crossing($a, $b, $c, $d);
            if ($crossing !== null) {
                $meetings[] = [$this->vertices->number($crossing), true, true];
            }
        }

        return $meetings;
    }

    private static function liesOn(Point $point, Point $from, Point $to): bool
    {
        $dx = $to->x - $from->x;
        $dy = $to->y - $from->y;
        $square = $dx * $dx + $dy * $dy;
        if ($square === 0.0) {
            return false;
        }
        $share = (($point->x - $from->x) * $dx + ($point->y - $from->y) * $dy) / $square;
        $share = max(0.0, min(1.0, $share));

        return hypot($from->x + $share * $dx - $point->x, $from->y + $share * $dy - $point->y) < Vertices::SNAP;
    }

    private static function crossing(Point $a, Point $b, Point $c, Point $d): ?Point
    {
        $ab = $b->minus($a);
        $cd = $d->minus($c);
        $cross = $ab->cross($cd);
        if ($cross === 0.0) {
            return null;
        }
        $onFirst = $c->minus($a)->cross($cd) / $cross;
        $onSecond = $c->minus($a)->cross($ab) / $cross;

        return $onFirst > 0 && $onFirst < 1 && $onSecond > 0 && $onSecond < 1 ? $a->plus($ab->times($onFirst)) : null;
    }

    /** @param list<int> $cuts */
    private function addPieces(Line $line, array $cuts): void
    {
        for ($i = 1, $count = count($cuts); $i < $count; ++$i) {
            [$from, $to] = [$cuts[$i - 1], $cuts[$i]];
            $key = min($from, $to).'-'.max($from, $to);
            $this->pieces[$key] ??= [min($from, $to), max($from, $to)];
            $this->marks[$key][$line->mark] = true;
            if ($line->layer !== null) {
                $this->steps[$key][$line->layer] = ($this->steps[$key][$line->layer] ?? 0) + ($from < $to ? 1 : -1);
            }
        }
    }
}
