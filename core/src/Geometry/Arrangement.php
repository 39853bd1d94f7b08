<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/**
 * The faces into which lines part the plane.
 *
 * Every line may say that one layer is deeper to its left; each face then knows its depth in every layer, so that
 * unions, differences and intersections are all a question of which faces to keep. Lines that end in the open and
 * part nothing are left out. Depths follow from stepping over lines, never from probing with points.
 */
final class Arrangement
{
    /** @var list<Face> the unbounded face first */
    public readonly array $faces;

    /** @var list<HalfEdge> in pairs: 2n and 2n+1 run against each other along the same piece */
    private array $edges;

    private readonly Vertices $vertices;

    /** @param list<Line> $lines */
    public function __construct(array $lines)
    {
        $split = new SplitLines($lines);
        $this->vertices = $split->vertices;
        $this->edges = self::withoutLooseEnds(self::halfEdges($split), $this->vertices);
        $this->faces = $this->findFaces();
    }

    /**
     * The parts of the plane made of the faces that are wanted, lines between two wanted faces dropped.
     *
     * @param callable(Face): bool $wanted
     *
     * @return list<Polygon>
     */
    public function polygons(callable $wanted): array
    {
        $keep = array_map($wanted, $this->faces);
        $border = [];
        foreach ($this->edges as $number => $edge) {
            if ($keep[$edge->face] && !$keep[$this->edges[$number ^ 1]->face]) {
                $border[$number] = true;
            }
        }
        $rings = array_map($this->ring(...), self::cycles($this->edges, $this->vertices, $border));

        return Nesting::polygons($rings);
    }

    /**
     * One polygon for each bounded face that is wanted.
     *
     * @param callable(Face): bool $wanted
     *
     * @return array<int, Polygon> by face number
     */
    public function facePolygons(callable $wanted): array
    {
        $polygons = [];
        foreach ($this->faces as $number => $face) {
            if ($number > 0 && $wanted($face)) {
                [$outer] = $face->cycles;
                $holes = array_map($this->ring(...), array_slice($face->cycles, 1));
                $polygons[$number] = new Polygon($this->ring($outer), $holes);
            }
        }

        return $polygons;
    }

    /**
     * The stretches around a face, each with the marks of its lines and the face beyond it.
     *
     * @return list<Side>
     */
    public function sides(int $face): array
    {
        $sides = [];
        foreach ($this->faces[$face]->cycles as $cycle) {
            foreach ($cycle as $number) {
                $edge = $this->edges[$number];
                $segment = new Segment($this->vertices->point($edge->from), $this->vertices->point($edge->to));
                $sides[] = new Side($segment, $edge->marks, $this->edges[$number ^ 1]->face);
            }
        }

        return $sides;
    }

    /** @return list<HalfEdge> */
    private static function halfEdges(SplitLines $split): array
    {
        $edges = [];
        foreach ($split->pieces as $key => [$from, $to]) {
            $steps = $split->steps[$key] ?? [];
            $marks = array_keys($split->marks[$key]);
            $edges[] = new HalfEdge($from, $to, $steps, $marks);
            $edges[] = new HalfEdge($to, $from, array_map(static fn(int $step): int => -$step, $steps), $marks);
        }

        return $edges;
    }

    /**
     * An edge with the same face on both sides parts nothing.
     *
     * @param list<HalfEdge> $edges
     *
     * @return list<HalfEdge>
     */
    private static function withoutLooseEnds(array $edges, Vertices $vertices): array
    {
        $cycleOf = [];
        foreach (self::cycles($edges, $vertices, array_fill(0, count($edges), true)) as $cycle => $numbers) {
            foreach ($numbers as $number) {
                $cycleOf[$number] = $cycle;
            }
        }
        $kept = [];
        foreach ($edges as $number => $edge) {
            if ($cycleOf[$number] !== $cycleOf[$number ^ 1]) {
                $kept[] = $edge;
            }
        }

        return $kept;
    }

    /**
     * Walks along the border edges with the face on the left: the
     * next edge at a corner is the first border edge clockwise from the one just walked.
     *
     * @param list<HalfEdge>   $edges
     * @param array<int, true> $border numbers of the half edges to walk
     *
     * @return list<non-empty-list<int>>
     */
    private static function cycles(array $edges, Vertices $vertices, array $border): array
    {
        $around = self::aroundCorners($edges, $vertices);
        $cycles = $walked = [];
        foreach (array_keys($border) as $start) {
            if (isset($walked[$start])) {
                continue;
            }
            $cycle = [];
            $number = $start;
            do {
                $cycle[] = $number;
                $walked[$number] = true;
                $number = self::next($number, $edges, $around, $border);
            } while ($number !== $start);
            $cycles[] = $cycle;
        }

        return $cycles;
    }

    /**
     * @param list<HalfEdge>                                $edges
     * @param array{array<int, list<int>>, array<int, int>} $around
     * @param array<int, true>                              $border
     */
    private static function next(int $number, array $edges, array $around, array $border): int
    {
        [$leaving, $position] = $around;
        $fan = $leaving[$edges[$number]->to];
        $count = count($fan);
        $came = $position[$number ^ 1];
        foreach (range(1, $count) as $turn) {
            $candidate = $fan[($came - $turn + $count) % $count];
            if (isset($border[$candidate])) {
                return $candidate;
            }
        }

        throw new \LogicException('A border that does not close.');
    }

    /**
     * @param list<HalfEdge> $edges
     *
     * @return array{array<int, list<int>>, array<int, int>} edges leaving each vertex, counter-clockwise; each edge's place among them
     */
    private static function aroundCorners(array $edges, Vertices $vertices): array
    {
        $angles = [];
        foreach ($edges as $number => $edge) {
            $vector = $vertices->point($edge->to)->minus($vertices->point($edge->from));
            $angles[$edge->from][$number] = atan2($vector->y, $vector->x);
        }
        $leaving = [];
        $position = [];
        foreach ($angles as $vertex => $fan) {
            asort($fan);
            $leaving[$vertex] = array_keys($fan);
            foreach ($leaving[$vertex] as $place => $number) {
                $position[$number] = $place;
            }
        }

        return [$leaving, $position];
    }

    /** @return list<Face> */
    private function findFaces(): array
    {
        $cycles = self::cycles($this->edges, $this->vertices, $this->edges === [] ? [] : array_fill(0, count($this->edges), true));
        $rings = array_map($this->ring(...), $cycles);
        $faces = [[]];
        $faceOfRing = [];
        foreach ($rings as $i => $ring) {
            if ($ring->signedArea() > 0) {
                $faceOfRing[$i] = count($faces);
                $faces[] = [$cycles[$i]];
            }
        }
        foreach (Nesting::parents($rings) as $hole => $parent) {
            $faces[$parent === null ? 0 : $faceOfRing[$parent]][] = $cycles[$hole];
        }

        return $this->measureDepths($faces);
    }

    /**
     * @param list<list<non-empty-list<int>>> $faces cycles by face
     *
     * @return list<Face>
     */
    private function measureDepths(array $faces): array
    {
        foreach ($faces as $face => $cycles) {
            foreach (array_merge(...$cycles) as $number) {
                $this->edges[$number]->face = $face;
            }
        }
        $depths = [0 => []];
        $queue = [0];
        while (($face = array_pop($queue)) !== null) {
            foreach (array_merge(...$faces[$face]) as $number) {
                $beyond = $this->edges[$number ^ 1];
                if (!isset($depths[$beyond->face])) {
                    $depths[$beyond->face] = self::stepped($depths[$face], $beyond->steps);
                    $queue[] = $beyond->face;
                }
            }
        }

        return array_map(static fn(array $cycles, int $face): Face => new Face($cycles, $depths[$face] ?? []), $faces, array_keys($faces));
    }

    /**
     * @param array<int, int> $depths
     * @param array<int, int> $steps
     *
     * @return array<int, int>
     */
    private static function stepped(array $depths, array $steps): array
    {
        foreach ($steps as $layer => $step) {
            $depths[$layer] = ($depths[$layer] ?? 0) + $step;
        }

        return $depths;
    }

    /** @param non-empty-list<int> $cycle */
    private function ring(array $cycle): Ring
    {
        return new Ring(array_map(fn(int $number): Point => $this->vertices->point($this->edges[$number]->from), $cycle));
    }
}
