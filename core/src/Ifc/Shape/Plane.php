<?php

declare(strict_types=1);

namespace Heurema\Ifc\Shape;

use Heurema\Geometry\Point;

/** A plane that is not upright. In mm. */
final readonly class Plane
{
    /** Steeper than this, by the upright part of its normal, it is upright. */
    private const UPRIGHT = 0.05;

    private function __construct(private Vector $through, private Vector $normal) {}

    /** Null where it is upright, or has no direction. */
    public static function of(Vector $through, Vector $normal): ?self
    {
        $unit = $normal->unit();

        return $unit === null || abs($unit->z) < self::UPRIGHT ? null : new self($through, $unit);
    }

    /**
     * Of a flat face that looks up; null where it looks down or is upright.
     *
     * @param non-empty-list<Vector> $face seen from outside counter-clockwise
     */
    public static function lookingUp(array $face): ?self
    {
        $normal = new Vector(0, 0, 0);
        foreach ($face as $number => $corner) {
            $next = $face[($number + 1) % count($face)];
            $normal = $normal->plus($corner->minus($face[0])->cross($next->minus($face[0])));
        }

        return $normal->z > 0.0 ? self::of($face[0], $normal) : null;
    }

    public function heightAt(Point $point): float
    {
        $along = $this->normal->x * ($point->x - $this->through->x) + $this->normal->y * ($point->y - $this->through->y);

        return $this->through->z - $along / $this->normal->z;
    }

    /** How much it rises along x and along y. */
    public function gradient(): Point
    {
        return new Point(-$this->normal->x / $this->normal->z, -$this->normal->y / $this->normal->z);
    }

    public function isSame(self $other): bool
    {
        return $this->gradient()->distanceTo($other->gradient()) < 0.001
            && abs($this->heightAt(new Point($other->through->x, $other->through->y)) - $other->through->z) < 1.0;
    }
}
