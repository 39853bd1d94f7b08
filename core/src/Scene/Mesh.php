<?php

declare(strict_types=1);

namespace Heurema\Scene;

use Heurema\Geometry\Point;

/** Triangles in space, each seen from outside counter-clockwise. In mm, z up. */
final class Mesh
{
    /**
     * @param list<array{array{float, float, float}, array{float, float, float}, array{float, float, float}}> $triangles corners of each
     */
    private function __construct(public readonly array $triangles) {}

    /** @param list<Prism> $prisms each a closed body of its own */
    public static function of(array $prisms): self
    {
        $triangles = [];
        foreach ($prisms as $prism) {
            array_push($triangles, ...self::ends($prism), ...self::sides($prism));
        }

        return new self($triangles);
    }

    /** By the divergence theorem, mm³. */
    public function volume(): float
    {
        $sixfold = 0.0;
        foreach ($this->triangles as [$a, $b, $c]) {
            $sixfold += $a[0] * ($b[1] * $c[2] - $b[2] * $c[1]) - $a[1] * ($b[0] * $c[2] - $b[2] * $c[0])
                + $a[2] * ($b[0] * $c[1] - $b[1] * $c[0]);
        }

        return $sixfold / 6;
    }

    /** @return list<array{array{float, float, float}, array{float, float, float}, array{float, float, float}}> */
    private static function ends(Prism $prism): array
    {
        $triangles = [];
        foreach (Triangulation::of($prism->outline) as [$a, $b, $c]) {
            $triangles[] = [self::on($prism->top, $a), self::on($prism->top, $b), self::on($prism->top, $c)];
            $triangles[] = [self::on($prism->bottom, $c), self::on($prism->bottom, $b), self::on($prism->bottom, $a)];
        }

        return $triangles;
    }

    /** @return list<array{array{float, float, float}, array{float, float, float}, array{float, float, float}}> */
    private static function sides(Prism $prism): array
    {
        $triangles = [];
        $rings = [
            $prism->outline->outer->counterClockwise()->points,
            ...array_map(static fn($hole): array => array_reverse($hole->counterClockwise()->points), $prism->outline->holes),
        ];
        foreach ($rings as $points) {
            foreach ($points as $number => $from) {
                $to = $points[($number + 1) % count($points)];
                [$a, $b] = [self::on($prism->bottom, $from), self::on($prism->bottom, $to)];
                [$c, $d] = [self::on($prism->top, $to), self::on($prism->top, $from)];
                array_push($triangles, [$a, $b, $c], [$a, $c, $d]);
            }
        }

        return $triangles;
    }

    /** @return array{float, float, float} */
    private static function on(Surface $surface, Point $point): array
    {
        return [$point->x, $point->y, $surface->at($point)];
    }
}
