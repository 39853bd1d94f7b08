<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Box;
use Heurema\Geometry\Line;
use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Geometry\SegmentGrid;

/**
 * What the walls of a storey fill: the body of each, and at each corner the outer wedge up to where the two faces meet.
 *
 * Lines carry the wall's number as their mark; layer 0 is wall.
 */
final readonly class WallSolids
{
    public const LAYER = 0;

    /** A corner sharper than this many half thicknesses is cut off. */
    private const LONGEST_MITRE = 4.0;

    private SegmentGrid $axes;

    /** @param list<JoinedWall> $walls */
    public function __construct(private array $walls)
    {
        $this->axes = new SegmentGrid(array_map(static fn(JoinedWall $wall): Segment => $wall->line, $walls), WallJoints::CELLS_PER_WALL);
    }

    /** @return list<Line> */
    public function lines(): array
    {
        $lines = [];
        foreach ($this->walls as $number => $wall) {
            array_push($lines, ...($wall->wall->isOpenBoundary()
                ? array_map(static fn(Segment $line): Line => new Line($line, $number), [$wall->line, ...$wall->ties])
                : Line::around($wall->body(), $number, self::LAYER)));
        }
        foreach ($this->corners() as $corner) {
            array_push($lines, ...$this->wedges($corner));
        }

        return $lines;
    }

    /** @return list<Point> the points at which walls end, each once */
    private function corners(): array
    {
        $corners = [];
        foreach ($this->walls as $wall) {
            foreach ([$wall->line->from, $wall->line->to] as $end) {
                $corners[sprintf('%.1f,%.1f', $end->x, $end->y)] = $end;
            }
        }

        return array_values($corners);
    }

    /** @return list<Line> */
    private function wedges(Point $corner): array
    {
        $spokes = $this->spokes($corner);
        $count = count($spokes);
        $lines = [];
        for ($i = 0; $count > 1 && $i < $count; ++$i) {
            [$before, $after] = [$spokes[$i], $spokes[($i + 1) % $count]];
            $gap = fmod($after['angle'] - $before['angle'] + 2 * M_PI, 2 * M_PI);
            array_push($lines, ...($gap > M_PI + 1e-6 ? $this->wedge($corner, $before, $after) : $this->filling($corner, $before, $after)));
        }

        return $lines;
    }

    /** @return list<array{angle: float, direction: Point, wall: int}> what runs from a corner, counter-clockwise */
    private function spokes(Point $corner): array
    {
        $spokes = [];
        $around = (new Box($corner->x, $corner->y, $corner->x, $corner->y))->grown(2 * WallJoints::SAME_POINT);
        foreach ($this->axes->inBox($around) as $number) {
            $wall = $this->walls[$number];
            if ($wall->wall->isOpenBoundary() || $wall->line->distanceTo($corner) > WallJoints::SAME_POINT) {
                continue;
            }
            foreach ($wall->directionsFrom($corner) as $direction) {
                $spokes[] = ['angle' => atan2($direction->y, $direction->x), 'direction' => $direction, 'wall' => $number];
            }
        }
        usort($spokes, static fn(array $a, array $b): int => $a['angle'] <=> $b['angle']);

        return $spokes;
    }

    /**
     * The piece outside a bend, from the left face of one wall to the right face of the next.
     *
     * @param array{angle: float, direction: Point, wall: int} $before
     * @param array{angle: float, direction: Point, wall: int} $after
     *
     * @return list<Line>
     */
    private function wedge(Point $corner, array $before, array $after): array
    {
        [$leftFace, $rightFace] = $this->faces($corner, $before, $after);
        $mitre = $this->mitre($corner, $before, $after) ?? $leftFace->from->towardsPoint($rightFace->from, 0.5);

        return self::upTo($mitre, $corner, [$before['wall'], $leftFace->from], [$after['wall'], $rightFace->from]);
    }

    /**
     * Inside a bend of a thick and a thin wall their faces may meet beyond the end of one: what lies between is wall.
     *
     * @param array{angle: float, direction: Point, wall: int} $before
     * @param array{angle: float, direction: Point, wall: int} $after
     *
     * @return list<Line>
     */
    private function filling(Point $corner, array $before, array $after): array
    {
        [$leftFace, $rightFace] = $this->faces($corner, $before, $after);
        $mitre = $this->mitre($corner, $before, $after);
        $isBeyond = $mitre !== null && min($leftFace->along($mitre), $rightFace->along($mitre)) < -WallJoints::SAME_POINT;

        return $isBeyond ? self::upTo($mitre, $corner, [$before['wall'], $leftFace->from], [$after['wall'], $rightFace->from]) : [];
    }

    /**
     * The left face of the wall before a corner and the right face of the next one, both leading away from it.
     *
     * @param array{angle: float, direction: Point, wall: int} $before
     * @param array{angle: float, direction: Point, wall: int} $after
     *
     * @return array{Segment, Segment}
     */
    private function faces(Point $corner, array $before, array $after): array
    {
        return [
            (new Segment($corner, $corner->plus($before['direction'])))->offset($this->walls[$before['wall']]->halfThickness()),
            (new Segment($corner, $corner->plus($after['direction'])))->offset(-$this->walls[$after['wall']]->halfThickness()),
        ];
    }

    /**
     * Where the two faces meet; null when that is too far away, as between walls that run nearly straight on.
     *
     * @param array{angle: float, direction: Point, wall: int} $before
     * @param array{angle: float, direction: Point, wall: int} $after
     */
    private function mitre(Point $corner, array $before, array $after): ?Point
    {
        [$leftFace, $rightFace] = $this->faces($corner, $before, $after);
        $mitre = $leftFace->lineCrossing($rightFace);
        $reach = self::LONGEST_MITRE * max($this->walls[$before['wall']]->halfThickness(), $this->walls[$after['wall']]->halfThickness());

        return $mitre === null || $mitre->distanceTo($corner) > $reach ? null : $mitre;
    }

    /**
     * @param array{int, Point} $before number of a wall and where its face ends
     * @param array{int, Point} $after
     *
     * @return list<Line>
     */
    private static function upTo(Point $mitre, Point $corner, array $before, array $after): array
    {
        $rings = [
            $before[0] => new Ring([$corner, $before[1], $mitre]),
            $after[0] => new Ring([$corner, $mitre, $after[1]]),
        ];
        $lines = [];
        foreach ($rings as $wall => $ring) {
            array_push($lines, ...Line::around($ring, $wall, self::LAYER));
        }

        return $lines;
    }
}
