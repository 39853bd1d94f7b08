<?php

declare(strict_types=1);

namespace Heurema\Spatial\Stair;

use Heurema\Geometry\Point;

/**
 * A quarter turn of tapered treads: their risers fan out in equal angles from a pivot, which lies so far beyond the corner of the
 * inner sides that the first tread is as deep there as is wanted.
 *
 * Points are told from the pivot: x against the outer side where one comes in, y on in that direction. One comes in along the
 * x axis and leaves along the y axis.
 */
final readonly class WinderTurn
{
    /** How far the pivot lies beyond each of the two inner sides, mm. */
    public float $offset;

    /**
     * @param int   $treads at least one
     * @param float $inner  depth of the first tread at its narrow end, mm
     */
    public function __construct(private int $treads, private float $width, float $inner)
    {
        $this->offset = $treads < 2 ? 0.0 : $inner / tan(M_PI / 2 / $treads);
    }

    /** Where a riser begins at the inner side. */
    public function inner(int $riser): Point
    {
        return $this->onSquare($riser, $this->offset);
    }

    /** Where it ends at the outer side. */
    public function outer(int $riser): Point
    {
        return $this->onSquare($riser, $this->offset + $this->width);
    }

    /** Where it crosses the line that runs in a distance from the inner side, around its corner in an arc. */
    public function at(int $riser, float $fromInner): Point
    {
        [$cos, $sin] = $this->direction($riser);
        [$offset, $far] = [$this->offset, $this->offset + $fromInner];
        if ($sin * $far <= $cos * $offset) {
            return new Point($far, $cos < 1e-12 ? 0.0 : $far * $sin / $cos);
        }
        if ($cos * $far <= $sin * $offset) {
            return new Point($far * $cos / $sin, $far);
        }
        $half = $offset * ($cos + $sin);
        $distance = $half + sqrt(max(0.0, $half * $half - 2 * $offset * $offset + $fromInner * $fromInner));

        return new Point($distance * $cos, $distance * $sin);
    }

    /** @return non-empty-list<Point> the outline of a tread, from its riser's inner end around */
    public function tread(int $number): array
    {
        $passesCorner = 2 * $number < $this->treads && 2 * $number + 2 > $this->treads;
        $reach = $this->offset + $this->width;
        $points = [$this->inner($number)];
        if ($this->offset > 0 && $passesCorner) {
            $points[] = new Point($this->offset, $this->offset);
        }
        if ($this->offset > 0) {
            $points[] = $this->inner($number + 1);
        }
        $points[] = $this->outer($number + 1);
        if ($passesCorner) {
            $points[] = new Point($reach, $reach);
        }
        $points[] = $this->outer($number);

        return $points;
    }

    private function onSquare(int $riser, float $side): Point
    {
        [$cos, $sin] = $this->direction($riser);

        return $cos >= $sin ? new Point($side, $side * $sin / $cos) : new Point($side * $cos / $sin, $side);
    }

    /** @return array{float, float} */
    private function direction(int $riser): array
    {
        $angle = M_PI / 2 * $riser / $this->treads;

        return [cos($angle), sin($angle)];
    }
}
