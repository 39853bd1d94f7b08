<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;

/**
 * The narrowest place on the widest way between the doors of a room, whatever stands in it.
 *
 * The room's faces fall into stretches from one door to the next. Whoever walks from door to door has some of the stretches on his
 * left and the others on his right, so that the way is as wide as the gaps allow by which one hops from stretch to stretch, over
 * the fixtures that stand between. Hopping over ever wider gaps, the first one that joins two stretches is the narrowest place.
 */
final class WidestWay
{
    private const TOUCHING = 0.5;

    /** @var list<array{Segment, int}> edges, each with the number of what it belongs to: a stretch of faces or a fixture */
    private array $edges = [];

    /** @var list<Segment> where one comes in, along the faces */
    private array $doors = [];

    private int $stretches = 0;

    /** @param list<Segment> $doors where one comes in, anywhere in the walls around */
    private function __construct(Polygon $outline, array $doors)
    {
        foreach ($outline->rings() as $ring) {
            $this->part($ring->edges(), $doors);
        }
    }

    /**
     * @param list<Segment> $doors the openings' spans
     * @param list<Ring>    $fixtures that take floor
     *
     * @return Segment|null across the narrowest place; null when the room has fewer than two doors
     */
    public static function bottleneck(Polygon $outline, array $doors, array $fixtures): ?Segment
    {
        $way = new self($outline, $doors);
        if (count($way->doors) < 2) {
            return null;
        }
        $owner = $way->stretches;
        foreach ($fixtures as $fixture) {
            foreach ($fixture->edges() as $edge) {
                $way->edges[] = [$edge, $owner];
            }
            ++$owner;
        }

        return $way->firstJoin($owner);
    }

    /**
     * Goes around the room and begins a new stretch at every door.
     *
     * @param list<Segment> $edges
     * @param list<Segment> $doors
     */
    private function part(array $edges, array $doors): void
    {
        $first = $this->stretches;
        $start = count($this->edges);
        foreach ($edges as $edge) {
            $from = 0.0;
            foreach (self::doorsIn($edge, $doors) as [$opens, $closes]) {
                $this->add($edge, $from, $opens);
                $this->doors[] = new Segment($edge->at($opens), $edge->at($closes));
                ++$this->stretches;
                $from = $closes;
            }
            $this->add($edge, $from, $edge->length());
        }
        // the last stretch runs on into the first
        foreach ($this->stretches > $first ? array_keys($this->edges) : [] as $number) {
            if ($number >= $start && $this->edges[$number][1] === $this->stretches) {
                $this->edges[$number][1] = $first;
            }
        }
        $this->stretches += $this->stretches === $first ? 1 : 0;
    }

    private function add(Segment $edge, float $from, float $to): void
    {
        if ($to - $from > 0.01) {
            $this->edges[] = [new Segment($edge->at($from), $edge->at($to)), $this->stretches];
        }
    }

    /**
     * @param list<Segment> $doors
     *
     * @return list<array{float, float}> where they begin and end along the edge, in order
     */
    private static function doorsIn(Segment $edge, array $doors): array
    {
        $found = [];
        foreach ($doors as $door) {
            $ends = [$edge->along($door->from), $edge->along($door->to)];
            [$opens, $closes] = [max(0.0, min($ends)), min($edge->length(), max($ends))];
            $isBehind = abs($edge->leftOf($door->middle())) < $door->length() / 2 + 500
                && $edge->leftOf($door->middle()) <= Tolerance::TOUCH;
            if ($isBehind && abs($edge->direction()->cross($door->direction())) < 0.02 && $closes - $opens > $door->length() / 2) {
                $found[] = [$opens, $closes];
            }
        }
        sort($found);

        return $found;
    }

    private function firstJoin(int $owners): ?Segment
    {
        $joins = new UnionFind($owners, $this->stretches);
        foreach ($this->gaps() as [$gap, $one, $other]) {
            if ($joins->join($one, $other)) {
                return $gap;
            }
        }

        return null;
    }

    /** @return list<array{Segment, int, int}> the shortest gap between each two, the narrowest first */
    private function gaps(): array
    {
        $shortest = [];
        foreach ($this->edges as $i => [$first, $one]) {
            foreach (array_slice($this->edges, $i + 1) as [$second, $other]) {
                if ($one === $other) {
                    continue;
                }
                $gap = $first->shortestTo($second);
                $key = min($one, $other).'-'.max($one, $other);
                if (
                    (!isset($shortest[$key]) || $gap->length() < $shortest[$key][0]->length())
                    && !$this->runsAlongDoor($gap, $first, $second)
                ) {
                    $shortest[$key] = [$gap, $one, $other];
                }
            }
        }
        usort($shortest, static fn(array $a, array $b): int => $a[0]->length() <=> $b[0]->length());

        return $shortest;
    }

    /** What is as wide as a door, in the door, is the door and not the way to it. */
    private function runsAlongDoor(Segment $gap, Segment $first, Segment $second): bool
    {
        foreach ($gap->length() < self::TOUCHING ? [] : $this->doors as $door) {
            if (self::isOn($door, $gap) && (self::isOn($door, $first) || self::isOn($door, $second))) {
                return true;
            }
        }

        return false;
    }

    private static function isOn(Segment $door, Segment $line): bool
    {
        return abs($door->leftOf($line->from)) < 1.0 && abs($door->leftOf($line->to)) < 1.0;
    }
}
