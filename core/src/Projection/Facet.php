<?php

declare(strict_types=1);

namespace Heurema\Projection;

use Heurema\Geometry\Point;
use Heurema\Scene\Part;

/** A flat convex piece of a body that is turned to the viewer. In mm across, up and away. */
final readonly class Facet
{
    /** mm. */
    private const TOUCH = 0.01;

    /** @var list<array{float, float, float}> `a`, `b`, `c` of each side: what lies within has a·across + b·up + c above zero, mm */
    public array $sides;

    /** @var array{float, float, float} how far away it is: a·across + b·up + c */
    public array $plane;

    /** How far away its nearest corner is. */
    public float $nearest;

    public float $left;
    public float $right;
    public float $bottom;
    public float $top;

    /**
     * @param non-empty-list<array{float, float, float}> $corners in order around it
     * @param bool                                       $isCut   it is where the plane cuts a body
     * @param array{float, float, float}                 $normal
     */
    private function __construct(public array $corners, public Part $part, public bool $isCut, array $normal)
    {
        [$across, $up, $away] = [array_column($corners, 0), array_column($corners, 1), array_column($corners, 2)];
        [$this->left, $this->right, $this->bottom, $this->top] = [min($across), max($across), min($up), max($up)];
        $this->nearest = min($away);
        [$a, $b] = [-$normal[0] / $normal[2], -$normal[1] / $normal[2]];
        $this->plane = [$a, $b, $corners[0][2] - $a * $corners[0][0] - $b * $corners[0][1]];
        $this->sides = self::sidesOf($corners, $normal[2] > 0.0 ? 1.0 : -1.0);
    }

    /**
     * @param list<array{float, float, float}> $corners
     *
     * @return self|null null where it has no area as it is seen
     */
    public static function of(array $corners, Part $part, bool $isCut = false): ?self
    {
        $corners = self::distinct($corners);
        $normal = self::normal($corners);

        return $corners === [] || abs($normal[2]) < 1.0 ? null : new self($corners, $part, $isCut, $normal);
    }

    /** How far away it is where it is seen at a place. */
    public function away(float $across, float $up): float
    {
        return $this->plane[0] * $across + $this->plane[1] * $up + $this->plane[2];
    }

    /** Whether a place lies in the box around it, or touches that. */
    public function reaches(Point $place): bool
    {
        return $place->x >= $this->left - self::TOUCH && $place->x <= $this->right + self::TOUCH
            && $place->y >= $this->bottom - self::TOUCH && $place->y <= $this->top + self::TOUCH;
    }

    public function covers(float $across, float $up): bool
    {
        if ($across < $this->left || $across > $this->right || $up < $this->bottom || $up > $this->top) {
            return false;
        }
        foreach ($this->sides as [$a, $b, $c]) {
            if ($a * $across + $b * $up + $c < 0.0) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<array{float, float, float}> $corners
     *
     * @return list<array{float, float, float}>
     */
    private static function distinct(array $corners): array
    {
        $kept = [];
        foreach ($corners as $number => $corner) {
            $before = $corners[($number + count($corners) - 1) % count($corners)];
            if (abs($corner[0] - $before[0]) + abs($corner[1] - $before[1]) + abs($corner[2] - $before[2]) > 1e-6) {
                $kept[] = $corner;
            }
        }

        return $kept;
    }

    /**
     * By Newell's method (Sutherland, Sproull and Schumacker 1974, from memory): twice the area that it shows, in the third, mm².
     *
     * @param list<array{float, float, float}> $corners
     *
     * @return array{float, float, float}
     */
    private static function normal(array $corners): array
    {
        [$x, $y, $z] = [0.0, 0.0, 0.0];
        foreach ($corners as $number => $a) {
            $b = $corners[($number + 1) % count($corners)];
            $x += ($a[1] - $b[1]) * ($a[2] + $b[2]);
            $y += ($a[2] - $b[2]) * ($a[0] + $b[0]);
            $z += ($a[0] - $b[0]) * ($a[1] + $b[1]);
        }

        return [$x, $y, $z];
    }

    /**
     * @param non-empty-list<array{float, float, float}> $corners
     * @param float                                      $turn    1: they run counter-clockwise, -1: clockwise
     *
     * @return list<array{float, float, float}>
     */
    private static function sidesOf(array $corners, float $turn): array
    {
        $sides = [];
        foreach ($corners as $number => [$fromX, $fromY]) {
            [$toX, $toY] = $corners[($number + 1) % count($corners)];
            $length = hypot($toX - $fromX, $toY - $fromY);
            if ($length > 1e-6) {
                [$a, $b] = [$turn * ($fromY - $toY) / $length, $turn * ($toX - $fromX) / $length];
                $sides[] = [$a, $b, -$a * $fromX - $b * $fromY];
            }
        }

        return $sides;
    }
}
