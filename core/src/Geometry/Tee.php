<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** A T in a square: a bar across its top, a stem from the middle of the bar down to its foot, both as wide as its arm. */
final readonly class Tee
{
    public function __construct(private float $size, private float $arm) {}

    /**
     * Where it finds room in a polygon.
     *
     * @param Point $along unit vector, the way the bar runs, the stem to its right
     */
    public function in(Polygon $polygon, Point $along): ?Ring
    {
        $gaps = new FreeGaps($polygon, Frame::along($polygon->outer->points[0], $along));
        $aside = ($this->size - $this->arm) / 2;
        foreach ($gaps->places([0.0, $aside, $aside + $this->arm, $this->size]) as $left) {
            $stems = $gaps->over($left + $aside, $left + $aside + $this->arm);
            foreach ($stems === [] ? [] : $gaps->over($left, $left + $this->size) as [$low, $high]) {
                foreach ($stems as [$foot, $head]) {
                    $bottom = max($low - ($this->size - $this->arm), $foot);
                    if ($bottom <= min($high, $head) - $this->size) {
                        return $this->outline($gaps->frame, $left, $bottom);
                    }
                }
            }
        }

        return null;
    }

    private function outline(Frame $frame, float $left, float $bottom): Ring
    {
        $aside = ($this->size - $this->arm) / 2;
        $under = $this->size - $this->arm;
        $corners = [
            [$aside, 0.0], [$aside + $this->arm, 0.0], [$aside + $this->arm, $under], [$this->size, $under],
            [$this->size, $this->size], [0.0, $this->size], [0.0, $under], [$aside, $under],
        ];

        return new Ring(array_map(static fn(array $corner): Point => $frame->toPlan(new Point($left + $corner[0], $bottom + $corner[1])), $corners));
    }
}
