<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Geometry\Point;
use Heurema\Spatial\PlacedFixture;

/** What is cut out of a worktop for something that is set in it, with the margins around it; mm, left and right as one faces it. */
final readonly class CutOut
{
    private function __construct(
        public PlacedFixture $fixture,
        public float $width,
        public float $depth,
        public float $left,
        public float $right,
        public float $front,
        public float $back,
    ) {}

    public static function of(PlacedFixture $fixture, PlacedFixture $top): self
    {
        $place = static fn(PlacedFixture $one): array => array_map($top->frame->fromPlan(...), $one->outline->points ?? []);
        [$x, $y] = self::reach($place($fixture));
        [$across, $out] = self::reach($place($top));

        // one faces it: what lies farther along its own x axis is at the left
        return new self(
            fixture: $fixture,
            width: $x[1] - $x[0],
            depth: $y[1] - $y[0],
            left: $across[1] - $x[1],
            right: $x[0] - $across[0],
            front: $out[1] - $y[1],
            back: $y[0] - $out[0],
        );
    }

    /**
     * @param list<Point> $points
     *
     * @return array{array{float, float}, array{float, float}} least and most across and out
     */
    private static function reach(array $points): array
    {
        [$x, $y] = [
            array_map(static fn(Point $one): float => $one->x, $points),
            array_map(static fn(Point $one): float => $one->y, $points),
        ];

        return [[min([INF, ...$x]), max([-INF, ...$x])], [min([INF, ...$y]), max([-INF, ...$y])]];
    }
}
