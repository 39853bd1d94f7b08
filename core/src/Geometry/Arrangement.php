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

    private readonly RotationSystem $fans;

    private readonly Vertices $vertices;

    /** @param list<Line> $lines */
    public function __construct(array $lines)
    {
        $split = new SplitLines($lines);
        $this->vertices = $split->vertices;
        $edges = self::halfEdges($split->pieces);
        $fans = new RotationSystem($edges, $this->vertices);
        $cycles = $fans->cycles();
        $parting = self::withoutLooseEnds($edges, $cycles);
        if (count($parting) < count($edges)) {
            $fans = new RotationSystem($parting, $this->vertices);
            $cycles = $fans->cycles();
        }
        $this->edges = $parting;
        $this->fans = $fans;
        $this->faces = $this->findFaces($cycles);
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

        return Nesting::polygons(array_map($this->ring(...), $this->fans->cyclesAlong($border)));
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

    /**
     * @param list<Edge> $pieces
     *
     * @return list<HalfEdge>
     */
    private static function halfEdges(array $pieces): array
    {
        $edges = [];
        foreach ($pieces as $piece) {
            $back = [];
            foreach ($piece->steps as $layer => $step) {
                $back[$layer] = -$step;
            }
            $marks = array_keys($piece->marks);
            $edges[] = new HalfEdge($piece->from, $piece->to, $piece->steps, $marks);
            $edges[] = new HalfEdge($piece->to, $piece->from, $back, $marks);
        }

        return $edges;
    }

    /**
     * An edge with the same face on both sides parts nothing.
     *
     * @param list<HalfEdge>            $edges
     * @param list<non-empty-list<int>> $cycles
     *
     * @return list<HalfEdge>
     */
    private static function withoutLooseEnds(array $edges, array $cycles): array
    {
        $cycleOf = [];
        foreach ($cycles as $cycle => $numbers) {
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
     * @param list<non-empty-list<int>> $cycles
     *
     * @return list<Face>
     */
    private function findFaces(array $cycles): array
    {
        $rings = array_map($this->ring(...), $cycles);
        $parents = Nesting::parents($rings);
        $faces = [[]];
        $faceOfRing = [];
        foreach ($cycles as $i => $cycle) {
            if (!array_key_exists($i, $parents)) {
                $faceOfRing[$i] = count($faces);
                $faces[] = [$cycle];
            }
        }
        foreach ($parents as $hole => $parent) {
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
        $points = [];
        foreach ($cycle as $number) {
            $points[] = $this->vertices->point($this->edges[$number]->from);
        }

        return new Ring($points);
    }
}
