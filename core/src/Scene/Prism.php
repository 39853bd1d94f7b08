<?php

declare(strict_types=1);

namespace Heurema\Scene;

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
}
