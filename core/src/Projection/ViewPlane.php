<?php

declare(strict_types=1);

namespace Heurema\Projection;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;

/**
 * An upright plane that a home is seen from at right angles: one looks to the left of its line, which runs from left to right. In mm
 * across along the line from its start, up from the zero of heights, and away from the plane.
 */
final readonly class ViewPlane
{
    public function __construct(public Segment $line) {}

    /**
     * Before all of some places.
     *
     * @param Point                 $outward what one looks against; of length 1
     * @param non-empty-list<Point> $places
     */
    public static function before(Point $outward, array $places): self
    {
        $right = $outward->left();
        $out = max(array_map($outward->dot(...), $places));
        $across = array_map($right->dot(...), $places);
        $at = static fn(float $along): Point => $right->times($along)->plus($outward->times($out + 1.0));

        return new self(new Segment($at(min($across)), $at(max($across))));
    }

    /** The same seen from the other side. */
    public function reversed(): self
    {
        return new self($this->line->reversed());
    }

    public function across(Point $point): float
    {
        return $this->line->along($point);
    }

    public function away(Point $point): float
    {
        return $this->line->leftOf($point);
    }

    /** Of length 1. */
    public function direction(): Point
    {
        return $this->line->direction()->left();
    }
}
