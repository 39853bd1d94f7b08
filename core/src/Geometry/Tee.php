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
        $left = BestPlace::of(
            $gaps->places([0.0, $aside, $aside + $this->arm, $this->size]),
            fn(float $left): float => $this->room($gaps, [$left, $left + $this->size], [$left + $aside, $left + $aside + $this->arm])[0],
            fn(float $first, float $last): float => $last - $first >= $this->arm
                ? INF
                : $this->room($gaps, [$last, $first + $this->size], [$last + $aside, $first + $aside + $this->arm])[0],
            $gaps->aslant() === [] ? INF : Tolerance::UPRIGHT,
            $this->size,
        );
        [$height, $bottom] = $left === null
            ? [0.0, 0.0]
            : $this->room($gaps, [$left, $left + $this->size], [$left + $aside, $left + $aside + $this->arm]);

        return $left === null || $height < $this->size ? null : $this->outline($gaps->frame, $left, $bottom);
    }

    /**
     * How tall a T may stand with its bar and its stem over two stretches.
     *
     * @param array{float, float} $bar
     * @param array{float, float} $stem
     *
     * @return array{float, float} the height and where its foot is
     */
    private function room(FreeGaps $gaps, array $bar, array $stem): array
    {
        $best = [0.0, 0.0];
        $stems = $gaps->over(...$stem);
        foreach ($stems === [] ? [] : $gaps->over(...$bar) as [$low, $high]) {
            foreach ($stems as [$foot, $head]) {
                $bottom = max($low - ($this->size - $this->arm), $foot);
                $best = min($high, $head) - $bottom > $best[0] ? [min($high, $head) - $bottom, $bottom] : $best;
            }
        }

        return $best;
    }

    private function outline(Frame $frame, float $left, float $bottom): Ring
    {
        $aside = ($this->size - $this->arm) / 2;
        $under = $this->size - $this->arm;
        $corners = [
            [$aside, 0.0], [$aside + $this->arm, 0.0], [$aside + $this->arm, $under], [$this->size, $under],
            [$this->size, $this->size], [0.0, $this->size], [0.0, $under], [$aside, $under],
        ];

        return new Ring(array_map(
            static fn(array $corner): Point => $frame->toPlan(new Point($left + $corner[0], $bottom + $corner[1])),
            $corners,
        ));
    }
}
