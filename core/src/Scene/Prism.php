<?php

declare(strict_types=1);

namespace Heurema\Scene;

use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;

/** A body with upright sides: an outline on plan between two surfaces. In mm. */
final readonly class Prism
{
    public function __construct(public Polygon $outline, public Surface $bottom, public Surface $top) {}

    public static function box(Ring $outline, float $bottom, float $top): self
    {
        return new self(new Polygon($outline), Surface::level($bottom), Surface::level($top));
    }

    /** @return list<array{Point, Point}> sides of its outline; what is outside lies to the right of each */
    public function edges(): array
    {
        $edges = [];
        $rings = [
            $this->outline->outer->counterClockwise()->points,
            ...array_map(static fn(Ring $hole): array => array_reverse($hole->counterClockwise()->points), $this->outline->holes),
        ];
        foreach ($rings as $points) {
            foreach ($points as $number => $from) {
                $edges[] = [$from, $points[($number + 1) % count($points)]];
            }
        }

        return $edges;
    }

    /**
     * Its upright faces, each counter-clockwise as it is seen from outside.
     *
     * @return list<array{
     *     array{float, float, float},
     *     array{float, float, float},
     *     array{float, float, float},
     *     array{float, float, float},
     * }>
     */
    public function sides(): array
    {
        return array_map(fn(array $edge): array => [
            $this->bottom->place($edge[0]), $this->bottom->place($edge[1]), $this->top->place($edge[1]), $this->top->place($edge[0]),
        ], $this->edges());
    }
}
