<?php

declare(strict_types=1);

namespace Heurema\Scene;

use Heurema\Geometry\Point;

/** How high something lies over each place of the plan: level or evenly sloped. In mm. */
final readonly class Surface
{
    /** A gentler slope is none, mm in mm. */
    private const LEVEL = 1e-9;

    /** @param Point $gradient how much it rises along x and along y, mm in mm */
    private function __construct(private float $height, private Point $through, public Point $gradient) {}

    public static function level(float $height): self
    {
        return new self($height, new Point(0.0, 0.0), new Point(0.0, 0.0));
    }

    public static function sloped(float $height, Point $through, Point $gradient): self
    {
        return new self($height, $through, $gradient);
    }

    /**
     * Through three places that are not in one line on the plan, and their heights.
     *
     * @param array{Point, float} $a
     * @param array{Point, float} $b
     * @param array{Point, float} $c
     */
    public static function through(array $a, array $b, array $c): self
    {
        [$toB, $toC] = [$b[0]->minus($a[0]), $c[0]->minus($a[0])];
        [$ofB, $ofC] = [$b[1] - $a[1], $c[1] - $a[1]];
        $twice = $toB->cross($toC);
        $gradient = new Point(($ofB * $toC->y - $ofC * $toB->y) / $twice, ($ofC * $toB->x - $ofB * $toC->x) / $twice);

        return $gradient->length() < self::LEVEL ? self::level($a[1]) : self::sloped($a[1], $a[0], $gradient);
    }

    public function at(Point $point): float
    {
        return $this->height + $this->gradient->dot($point->minus($this->through));
    }

    /** @return array{float, float, float} the place in space over one of the plan */
    public function place(Point $point): array
    {
        return [$point->x, $point->y, $this->at($point)];
    }

    public function isLevel(): bool
    {
        return $this->gradient->x === 0.0 && $this->gradient->y === 0.0;
    }

    public function raised(float $by): self
    {
        return new self($this->height + $by, $this->through, $this->gradient);
    }
}
