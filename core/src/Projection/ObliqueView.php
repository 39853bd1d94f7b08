<?php

declare(strict_types=1);

namespace Heurema\Projection;

use Heurema\Geometry\Point;
use Heurema\Scene\Part;
use Heurema\Scene\Prism;
use Heurema\Scene\Triangulation;

/**
 * A home seen from above and aside by parallel rays, as an axonometric drawing shows it, what lies higher than a height cut away. In mm
 * across the drawing, up it, and away from the viewer.
 */
final readonly class ObliqueView
{
    /** Of twice the area that a face shows, mm²: less is seen as a line. */
    private const EDGE_ON = 1.0;

    private Point $right;
    private Point $ahead;
    private float $sine;
    private float $cosine;

    /**
     * @param float $towards   which way one looks on the plan, degrees counter-clockwise from the right
     * @param float $elevation from how steeply above, degrees over the horizon, more than 0 and at most 90
     * @param float $cut       what lies higher is cut away, mm
     */
    public function __construct(float $towards, float $elevation, private float $cut = INF)
    {
        $this->ahead = Point::towards($towards);
        $this->right = $this->ahead->left()->times(-1);
        [$this->sine, $this->cosine] = [sin(deg2rad($elevation)), cos(deg2rad($elevation))];
    }

    /**
     * Where a place in space is drawn, and how far away it is.
     *
     * @param array{float, float, float} $place
     *
     * @return array{float, float, float}
     */
    public function place(array $place): array
    {
        [$x, $y, $z] = $place;
        $ahead = $x * $this->ahead->x + $y * $this->ahead->y;

        return [
            $x * $this->right->x + $y * $this->right->y,
            $ahead * $this->sine + $z * $this->cosine,
            $ahead * $this->cosine - $z * $this->sine,
        ];
    }

    /**
     * What of the parts is turned to the viewer.
     *
     * @param list<Part> $parts
     *
     * @return list<Facet>
     */
    public function facets(array $parts): array
    {
        $facets = [];
        foreach ($parts as $part) {
            foreach ($part->prisms as $prism) {
                foreach ($this->faces($prism) as $face) {
                    $facets[] = Facet::of($face, $part);
                }
                foreach ($this->cuts($prism) as $face) {
                    $facets[] = Facet::of($face, $part, true);
                }
            }
        }

        return array_values(array_filter($facets));
    }

    /** @return list<list<array{float, float, float}>> */
    private function faces(Prism $prism): array
    {
        $faces = [];
        foreach ([...$prism->sides(), ...self::ends($prism)] as $face) {
            $seen = array_map($this->place(...), $this->below($face));
            if (count($seen) >= 3 && self::turned($seen) > self::EDGE_ON) {
                $faces[] = $seen;
            }
        }

        return $faces;
    }

    /** @return list<non-empty-list<array{float, float, float}>> its top and its underside */
    private static function ends(Prism $prism): array
    {
        $ends = [];
        foreach (self::pieces($prism) as $piece) {
            $ends[] = array_map($prism->top->place(...), $piece);
            $ends[] = array_map($prism->bottom->place(...), array_reverse($piece));
        }

        return $ends;
    }

    /** @return list<non-empty-list<Point>> the outline in convex pieces, counter-clockwise */
    private static function pieces(Prism $prism): array
    {
        $isWhole = $prism->outline->holes === [] && $prism->outline->outer->isConvex();

        return $isWhole ? [$prism->outline->outer->counterClockwise()->points] : Triangulation::of($prism->outline);
    }

    /** @return list<list<array{float, float, float}>> where the height cuts a body */
    private function cuts(Prism $prism): array
    {
        if ($this->cut === INF) {
            return [];
        }
        $cut = array_filter(self::pieces($prism), fn(array $piece): bool => max(array_map($prism->bottom->at(...), $piece)) < $this->cut
            && min(array_map($prism->top->at(...), $piece)) > $this->cut);

        return array_values(array_map(
            fn(array $piece): array => array_map(fn(Point $corner): array => $this->place([$corner->x, $corner->y, $this->cut]), $piece),
            $cut,
        ));
    }

    /**
     * What of a face is no higher than the cut.
     *
     * @param non-empty-list<array{float, float, float}> $face
     *
     * @return list<array{float, float, float}>
     */
    private function below(array $face): array
    {
        if (max(array_column($face, 2)) <= $this->cut) {
            return $face;
        }
        $kept = [];
        foreach ($face as $number => $to) {
            $from = $face[($number + count($face) - 1) % count($face)];
            if (($from[2] > $this->cut) !== ($to[2] > $this->cut)) {
                $share = ($this->cut - $from[2]) / ($to[2] - $from[2]);
                $kept[] = [$from[0] + ($to[0] - $from[0]) * $share, $from[1] + ($to[1] - $from[1]) * $share, $this->cut];
            }
            if ($to[2] <= $this->cut) {
                $kept[] = $to;
            }
        }

        return $kept;
    }

    /**
     * Twice the area that a face shows; negative where one sees its back.
     *
     * @param list<array{float, float, float}> $seen
     */
    private static function turned(array $seen): float
    {
        $twice = 0.0;
        foreach ($seen as $number => $from) {
            $to = $seen[($number + 1) % count($seen)];
            $twice += $from[0] * $to[1] - $to[0] * $from[1];
        }

        return $twice;
    }
}
