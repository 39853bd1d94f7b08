<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Layout\GroundLevel;
use Heurema\Layout\Layout;

/**
 * The finished ground around a home: level, or through levels at places. Between three places it runs evenly (those whose circle holds no
 * other, as Delaunay 1934 has it), beyond them as at the nearest place between two of them. In mm.
 */
final readonly class Ground
{
    /** A circle holds a place that lies so far inside it, mm. */
    private const INSIDE = 0.01;

    public function __construct(private Layout $layout) {}

    /** Did anybody say how high it lies? */
    public function isSaid(): bool
    {
        return $this->layout->grade !== null || $this->layout->ground !== [];
    }

    /** On the whole: as it was said, else the mean of its levels; null where nobody said. */
    public function plane(): ?float
    {
        $levels = array_map(static fn(GroundLevel $one): float => $one->level, $this->layout->ground);

        return $this->layout->grade ?? ($levels === [] ? null : array_sum($levels) / count($levels));
    }

    /** At a place: on a terrace, the higher of two, or the ground itself; null where nobody said. */
    public function at(Point $point): ?float
    {
        return $this->onTerrace($point) ?? $this->natural($point);
    }

    private function onTerrace(Point $point): ?float
    {
        $levels = [];
        foreach ($this->layout->storeys as $storey) {
            foreach ($storey->terraces as $terrace) {
                $levels[] = $terrace->outline->contains($point) ? $terrace->elevationOn($storey) : null;
            }
        }
        $levels = array_filter($levels, is_float(...));

        return $levels === [] ? null : max($levels);
    }

    /** The ground itself, terraces left aside; null where nobody said. */
    public function natural(Point $point): ?float
    {
        $levels = $this->layout->ground;

        return count($levels) === 0 ? $this->layout->grade : $this->within($point) ?? $this->beside($point);
    }

    /** In the triangle of places that it lies in; null beyond all of them. */
    private function within(Point $point): ?float
    {
        $levels = $this->layout->ground;
        $count = count($levels);
        for ($a = 0; $a < $count; ++$a) {
            for ($b = $a + 1; $b < $count; ++$b) {
                for ($c = $b + 1; $c < $count; ++$c) {
                    $triangle = [$levels[$a], $levels[$b], $levels[$c]];
                    $shares = self::shares($point, $triangle);
                    if ($shares !== null && $this->isFree($triangle)) {
                        return $shares[0] * $triangle[0]->level + $shares[1] * $triangle[1]->level + $shares[2] * $triangle[2]->level;
                    }
                }
            }
        }

        return null;
    }

    /** On the nearest line between two places, or at the only one. */
    private function beside(Point $point): float
    {
        $levels = $this->layout->ground;
        [$nearest, $level] = [INF, $levels[0]->level];
        foreach ($levels as $number => $from) {
            foreach (array_slice($levels, $number) as $to) {
                $line = new Segment($from->at, $to->at);
                $distance = $line->distanceTo($point);
                if ($distance < $nearest - Tolerance::TOUCH) {
                    $length = $line->length();
                    $share = $length < Tolerance::TOUCH ? 0.0 : $from->at->distanceTo($line->closestTo($point)) / $length;
                    [$nearest, $level] = [$distance, $from->level + ($to->level - $from->level) * $share];
                }
            }
        }

        return $level;
    }

    /**
     * How much of each corner a place within a triangle has; null outside it, or where it is none.
     *
     * @param array{GroundLevel, GroundLevel, GroundLevel} $triangle
     *
     * @return array{float, float, float}|null
     */
    private static function shares(Point $point, array $triangle): ?array
    {
        [$a, $b, $c] = array_map(static fn(GroundLevel $one): Point => $one->at, $triangle);
        $area = $b->minus($a)->cross($c->minus($a));
        if (abs($area) < 1.0) {
            return null;
        }
        $ofA = $b->minus($point)->cross($c->minus($point)) / $area;
        $ofB = $c->minus($point)->cross($a->minus($point)) / $area;
        $ofC = 1 - $ofA - $ofB;

        return min($ofA, $ofB, $ofC) < -1e-9 ? null : [$ofA, $ofB, $ofC];
    }

    /** @param array{GroundLevel, GroundLevel, GroundLevel} $triangle */
    private function isFree(array $triangle): bool
    {
        [$a, $b, $c] = array_map(static fn(GroundLevel $one): Point => $one->at, $triangle);
        $twice = 2 * $b->minus($a)->cross($c->minus($a));
        [$toB, $toC] = [$b->minus($a), $c->minus($a)];
        $middle = $a->plus(new Point(
            ($toC->y * $toB->dot($toB) - $toB->y * $toC->dot($toC)) / $twice,
            ($toB->x * $toC->dot($toC) - $toC->x * $toB->dot($toB)) / $twice,
        ));
        $radius = $middle->distanceTo($a);

        return array_filter(
            $this->layout->ground,
            static fn(GroundLevel $one): bool => $one->at->distanceTo($middle) < $radius - self::INSIDE,
        ) === [];
    }
}
