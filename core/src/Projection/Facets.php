<?php

declare(strict_types=1);

namespace Heurema\Projection;

use Heurema\Geometry\Point;
use Heurema\Scene\Part;
use Heurema\Scene\Prism;
use Heurema\Scene\Surface;
use Heurema\Scene\Triangulation;

/** What of bodies is turned to the viewer and lies beyond the plane, and where the plane cuts them. */
final readonly class Facets
{
    /** Of the cosine of an angle: faces that are turned less to the viewer are seen as a line. */
    private const EDGE_ON = 1e-6;

    /** What comes no farther beyond the plane lies in it, mm. */
    private const IN_PLANE = 0.01;

    public function __construct(private ViewPlane $plane) {}

    /**
     * @param list<Part> $parts
     *
     * @return list<Facet>
     */
    public function of(array $parts): array
    {
        $facets = [];
        foreach ($parts as $part) {
            foreach ($part->prisms as $prism) {
                if (max(array_map($this->plane->away(...), $prism->outline->outer->points)) > 0.0) {
                    array_push($facets, ...$this->sides($prism, $part), ...$this->slopes($prism, $part), ...$this->cut($prism, $part));
                }
            }
        }

        return $facets;
    }

    /** @return list<Facet> */
    private function sides(Prism $prism, Part $part): array
    {
        $facets = [];
        foreach ($prism->edges() as [$from, $to]) {
            $way = $to->minus($from);
            if ($way->length() > 0.0 && $way->unit()->left()->dot($this->plane->direction()) > self::EDGE_ON) {
                $facets[] = $this->facet([
                    [$from, $prism->bottom], [$to, $prism->bottom], [$to, $prism->top], [$from, $prism->top],
                ], $part);
            }
        }

        return array_values(array_filter($facets));
    }

    /** @return list<Facet> of its top and its underside, as far as they slope to the viewer */
    private function slopes(Prism $prism, Part $part): array
    {
        $rises = static fn(Surface $surface, Point $to): bool => $surface->gradient->dot($to) > self::EDGE_ON;
        $away = $this->plane->direction();
        $turned = array_filter([
            $rises($prism->top, $away) ? $prism->top : null,
            $rises($prism->bottom, $away->times(-1)) ? $prism->bottom : null,
        ]);
        $facets = [];
        foreach ($turned as $surface) {
            foreach (Triangulation::of($prism->outline) as $triangle) {
                $facets[] = $this->facet(array_map(static fn(Point $corner): array => [$corner, $surface], $triangle), $part);
            }
        }

        return array_values(array_filter($facets));
    }

    /** @return list<Facet> */
    private function cut(Prism $prism, Part $part): array
    {
        $facets = [];
        foreach ($prism->outline->chords($this->plane->line) as $chord) {
            $at = fn(Point $point, Surface $surface): array => [$this->plane->across($point), $surface->at($point), 0.0];
            $facets[] = Facet::of([
                $at($chord->from, $prism->bottom), $at($chord->to, $prism->bottom),
                $at($chord->to, $prism->top), $at($chord->from, $prism->top),
            ], $part, true);
        }

        return array_values(array_filter($facets));
    }

    /** @param non-empty-list<array{Point, Surface}> $corners */
    private function facet(array $corners, Part $part): ?Facet
    {
        $seen = array_map(
            fn(array $corner): array => [
                $this->plane->across($corner[0]), $corner[1]->at($corner[0]), $this->plane->away($corner[0]),
            ],
            $corners,
        );

        // what lies in the plane is drawn as cut
        return max(array_column($seen, 2)) < self::IN_PLANE ? null : Facet::of(self::beyond($seen), $part);
    }

    /**
     * What lies beyond the plane.
     *
     * @param list<array{float, float, float}> $corners
     *
     * @return list<array{float, float, float}>
     */
    private static function beyond(array $corners): array
    {
        $kept = [];
        foreach ($corners as $number => $to) {
            $from = $corners[($number + count($corners) - 1) % count($corners)];
            if (($from[2] < 0.0) !== ($to[2] < 0.0)) {
                $share = $from[2] / ($from[2] - $to[2]);
                $kept[] = [$from[0] + ($to[0] - $from[0]) * $share, $from[1] + ($to[1] - $from[1]) * $share, 0.0];
            }
            if ($to[2] >= 0.0) {
                $kept[] = $to;
            }
        }

        return $kept;
    }
}
