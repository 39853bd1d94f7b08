<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/**
 * The edges around each corner of an arrangement, and the ways to walk along them with the face on the left: the next edge at a
 * corner is the first one clockwise from the one just walked.
 */
final readonly class RotationSystem
{
    /** @var array<int, list<int>> by vertex the edges that leave it, counter-clockwise */
    private array $leaving;

    /** @var array<int, int> each edge's place among those that leave its vertex */
    private array $place;

    /** @param list<HalfEdge> $edges in pairs: 2n and 2n+1 run against each other */
    public function __construct(private array $edges, Vertices $vertices)
    {
        $angles = [];
        foreach ($edges as $number => $edge) {
            [$from, $to] = [$vertices->point($edge->from), $vertices->point($edge->to)];
            $angles[$edge->from][$number] = atan2($to->y - $from->y, $to->x - $from->x);
        }
        $leaving = $place = [];
        foreach ($angles as $vertex => $fan) {
            asort($fan);
            $leaving[$vertex] = array_keys($fan);
            foreach ($leaving[$vertex] as $at => $number) {
                $place[$number] = $at;
            }
        }
        $this->leaving = $leaving;
        $this->place = $place;
    }

    /** @return list<non-empty-list<int>> */
    public function cycles(): array
    {
        return $this->walk(array_keys($this->edges), $this->next(...));
    }

    /**
     * @param array<int, true> $border numbers of the half edges to walk
     *
     * @return list<non-empty-list<int>>
     */
    public function cyclesAlong(array $border): array
    {
        return $this->walk(array_keys($border), fn(int $number): int => $this->nextAlong($number, $border));
    }

    /**
     * @param list<int>          $starts
     * @param callable(int): int $next
     *
     * @return list<non-empty-list<int>>
     */
    private function walk(array $starts, callable $next): array
    {
        $cycles = $walked = [];
        foreach ($starts as $start) {
            if (isset($walked[$start])) {
                continue;
            }
            $cycle = [];
            $number = $start;
            do {
                $cycle[] = $number;
                $walked[$number] = true;
                $number = $next($number);
            } while ($number !== $start);
            $cycles[] = $cycle;
        }

        return $cycles;
    }

    private function next(int $number): int
    {
        $fan = $this->leaving[$this->edges[$number]->to];
        $came = $this->place[$number ^ 1];

        return $fan[$came === 0 ? count($fan) - 1 : $came - 1];
    }

    /** @param array<int, true> $border */
    private function nextAlong(int $number, array $border): int
    {
        $fan = $this->leaving[$this->edges[$number]->to];
        $count = count($fan);
        $came = $this->place[$number ^ 1];
        for ($turn = 1; $turn <= $count; ++$turn) {
            $candidate = $fan[($came - $turn + $count) % $count];
            if (isset($border[$candidate])) {
                return $candidate;
            }
        }

        throw new \LogicException('A border that does not close.');
    }
}
