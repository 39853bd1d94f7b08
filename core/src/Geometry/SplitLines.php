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

    /** So few lines are gone through from left to right; of more, those near each are looked up. */
    private const FEW = 300;

    /** @var list<Edge> */
    public readonly array $pieces;

    /**
     * @param list<Line> $lines
     *
     * @throws TangledLines when they cross one another beyond all measure
     */
    public function __construct(array $lines)
    {
        $this->vertices = new Vertices();
        $cut = $this->cut($lines);
        $pieces = [];
        foreach ($cut as $line) {
            $vertices = $line->vertices();
            for ($i = 1, $count = count($vertices); $i < $count; ++$i) {
                [$from, $to] = [$vertices[$i - 1], $vertices[$i]];
                $piece = $pieces[$from < $to ? $from << 32 | $to : $to << 32 | $from] ??= $from < $to
                    ? new Edge($from, $to)
                    : new Edge($to, $from);
                $piece->add($line->line, $from < $to ? 1 : -1);
            }
        }
        $this->pieces = array_values($pieces);
    }

    /**
     * @param list<Line> $lines
     *
     * @return list<CutLine> those that are more than a point
     */
    private function cut(array $lines): array
    {
        $cut = [];
        foreach ($lines as $line) {
            [$from, $to] = [$this->vertices->number($line->segment->from), $this->vertices->number($line->segment->to)];
            if ($from !== $to) {
                $cut[] = new CutLine($line, $from, $to, $this->vertices->point($from), $this->vertices->point($to));
            }
        }
        foreach (count($cut) <= self::FEW ? self::swept($cut) : self::lookedUp($cut) as [$line, $near]) {
            foreach ($near as $other) {
                $this->meet($line, $other);
            }
        }

        return $cut;
    }

    /**
     * From left to right each line is held against those that begin before it ends.
     *
     * @param list<CutLine> $lines
     *
     * @return iterable<array{CutLine, list<CutLine>}> a line and those that may touch it, each two once
     */
    private static function swept(array $lines): iterable
    {
        usort($lines, static fn(CutLine $a, CutLine $b): int => $a->left <=> $b->left);
        $count = count($lines);
        foreach ($lines as $number => $line) {
            $near = [];
            for ($next = $number + 1; $next < $count && $lines[$next]->left <= $line->right; ++$next) {
                if (!$line->isApart($lines[$next])) {
                    $near[] = $lines[$next];
                }
            }
            yield [$line, $near];
        }
    }

    /**
     * @param list<CutLine> $lines
     *
     * @return iterable<array{CutLine, list<CutLine>}> a line and those that may touch it, each two once
     */
    private static function lookedUp(array $lines): iterable
    {
        $segments = array_map(static fn(CutLine $line): Segment => $line->line->segment, $lines);
        $grid = new SegmentGrid($segments);
        $left = self::NEAR_BESIDES + self::NEAR_A_LINE * count($lines);
        foreach ($lines as $number => $line) {
            $near = $grid->near($segments[$number]);
            $left -= count($near);
            if ($left < 0) {
                throw new TangledLines();
            }
            $later = array_filter($near, static fn(int $other): bool => $other > $number && !$line->isApart($lines[$other]));
            yield [$line, array_map(static fn(int $other): CutLine => $lines[$other], array_values($later))];
        }
    }

    /** Cuts two lines where they touch. */
    private function meet(CutLine $one, CutLine $other): void
    {
        [$start, $end] = [$one->aside($other->start), $one->aside($other->end)];
        if (self::isBeside($start, $end)) {
            return;
        }
        [$ownStart, $ownEnd] = [$other->aside($one->start), $other->aside($one->end)];
        if (self::isBeside($ownStart, $ownEnd)) {
            return;
        }
        $touch = false;
        if (self::isOnLine($start) && $one->holds($other->start)) {
            $one->cut($other->from, $other->start);
            $touch = true;
        }
        if (self::isOnLine($end) && $one->holds($other->end)) {
            $one->cut($other->to, $other->end);
            $touch = true;
        }
        if (self::isOnLine($ownStart) && $other->holds($one->start)) {
            $other->cut($one->from, $one->start);
            $touch = true;
        }
        if (self::isOnLine($ownEnd) && $other->holds($one->end)) {
            $other->cut($one->to, $one->end);
            $touch = true;
        }
        if (!$touch && $start * $end < 0 && $ownStart * $ownEnd < 0) {
            $vertex = $this->vertices->number($one->at($ownStart / ($ownStart - $ownEnd)));
            $one->cut($vertex, $this->vertices->point($vertex));
            $other->cut($vertex, $this->vertices->point($vertex));
        }
    }

    /** Do both ends of a line lie on the same side of the other, too far from it to touch? */
    private static function isBeside(float $start, float $end): bool
    {
        return ($start > Vertices::SNAP && $end > Vertices::SNAP) || ($start < -Vertices::SNAP && $end < -Vertices::SNAP);
    }

    private static function isOnLine(float $aside): bool
    {
        return $aside < Vertices::SNAP && $aside > -Vertices::SNAP;
    }
}
