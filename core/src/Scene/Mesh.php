<?php

declare(strict_types=1);

namespace Heurema\Scene;

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
            $triangles[] = [$prism->top->place($a), $prism->top->place($b), $prism->top->place($c)];
            $triangles[] = [$prism->bottom->place($c), $prism->bottom->place($b), $prism->bottom->place($a)];
        }

        return $triangles;
    }

    /** @return list<array{array{float, float, float}, array{float, float, float}, array{float, float, float}}> */
    private static function sides(Prism $prism): array
    {
        $triangles = [];
        foreach ($prism->sides() as [$a, $b, $c, $d]) {
            array_push($triangles, [$a, $b, $c], [$a, $c, $d]);
        }

        return $triangles;
    }
}
