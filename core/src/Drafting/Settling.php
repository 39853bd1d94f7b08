<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Obstacles;
use Heurema\Geometry\Point;

/** Puts a thing's back against the wall nearest to it, and its side against the next wall where it would run into it. */
final readonly class Settling
{
    /** What is nearer to a thing's side than this, in mm, draws it to itself. */
    public const REACH = 300.0;

    public function __construct(private Obstacles $faces) {}

    /**
     * @param Point $middle of the thing
     * @param float $reach  how far its nearest side may be from the wall, mm
     *
     * @return Settled|null null when no wall is near enough
     */
    public function of(Point $middle, float $width, float $depth, float $reach = self::REACH): ?Settled
    {
        $nearest = $this->faces->nearest($middle);
        if ($nearest === null || $nearest->distance < 0.1 || $nearest->distance > max($width, $depth) / 2 + $reach) {
            return null;
        }
        $out = $middle->minus($nearest->line->to)->unit();
        $at = $this->besideCorner($nearest->line->to, $out, $width, $depth);

        return new Settled(new Point(round($at->x, 4), round($at->y, 4)), round(fmod(rad2deg(atan2($out->y, $out->x)) + 360, 360), 4));
    }

    /** Moved along its wall as far as a wall at its side asks, when there is room for it at all. */
    private function besideCorner(Point $back, Point $out, float $width, float $depth): Point
    {
        $right = $out->left()->times(-1);
        $from = $back->plus($out->times($depth / 2));
        $toRight = $this->faces->ray($from, $right)->distance ?? INF;
        $toLeft = $this->faces->ray($from, $right->times(-1))->distance ?? INF;
        if ($toRight + $toLeft < $width) {
            return $back;
        }
        $half = $width / 2;

        return $back->plus($right->times(max(0.0, $half - $toLeft) - max(0.0, $half - $toRight)));
    }
}
