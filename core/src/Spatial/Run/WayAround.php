<?php

declare(strict_types=1);

namespace Heurema\Spatial\Run;

use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;

/** The shortest way between two places around what stands on the floor: by its corners (a visibility graph, Dijkstra 1959). */
final readonly class WayAround
{
    /** A way may graze what stands there by so much, mm. */
    private const GRAZE = 1.0;

    /** @param list<Ring> $fixtures */
    public function __construct(private array $fixtures) {}

    /** @return non-empty-list<Point>|null from place to place; null: there is none */
    public function between(Point $from, Point $to): ?array
    {
        $places = [$from, $to, ...array_merge(...array_map(static fn(Ring $fixture): array => $fixture->points, $this->fixtures))];
        $lengths = [0 => 0.0];
        $before = [];
        $done = [];
        while (true) {
            $nearest = null;
            foreach ($lengths as $number => $length) {
                $nearest = !isset($done[$number]) && ($nearest === null || $length < $lengths[$nearest]) ? $number : $nearest;
            }
            if ($nearest === null) {
                return null;
            }
            if ($nearest === 1) {
                return self::path($places, $before);
            }
            $done[$nearest] = true;
            foreach ($places as $number => $place) {
                $length = $lengths[$nearest] + $places[$nearest]->distanceTo($place);
                $isShorter = !isset($done[$number]) && $length < ($lengths[$number] ?? INF);
                if ($isShorter && $this->isFree(new Segment($places[$nearest], $place))) {
                    [$lengths[$number], $before[$number]] = [$length, $nearest];
                }
            }
        }
    }

    private function isFree(Segment $line): bool
    {
        if ($line->length() < self::GRAZE) {
            return true;
        }
        foreach ($this->fixtures as $fixture) {
            foreach ((new Polygon($fixture))->chords($line) as $chord) {
                [$from, $to] = [max(0.0, $line->along($chord->from)), min($line->length(), $line->along($chord->to))];
                $middle = $line->at(($from + $to) / 2);
                if ($to - $from > self::GRAZE && $fixture->contains($middle) && self::depth($fixture, $middle) > self::GRAZE) {
                    return false;
                }
            }
        }

        return true;
    }

    private static function depth(Ring $fixture, Point $at): float
    {
        return min([INF, ...array_map(static fn(Segment $edge): float => $edge->distanceTo($at), $fixture->edges())]);
    }

    /**
     * @param non-empty-list<Point> $places
     * @param array<int, int>       $before
     *
     * @return non-empty-list<Point>
     */
    private static function path(array $places, array $before): array
    {
        $path = [$places[1]];
        for ($number = 1; isset($before[$number]); $number = $before[$number]) {
            array_unshift($path, $places[$before[$number]]);
        }

        return $path;
    }
}
