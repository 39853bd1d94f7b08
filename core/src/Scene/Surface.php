<?php

declare(strict_types=1);

namespace Heurema\Scene;

use Heurema\Geometry\Point;

/** How high something lies over each place of the plan: level or evenly sloped. In mm. */
final readonly class Surface
{
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
