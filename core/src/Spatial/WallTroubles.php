<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Box;
use Heurema\Geometry\BoxGrid;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\Wall;

/** Finds walls that nearly meet and walls drawn twice. */
final readonly class WallTroubles
{
    /** An end that stops up to this short of another wall, in mm, was surely meant to meet it (common practice, no source). */
    public const NEARLY = 150.0;

    /** Walls that run together over more than this, in mm, are doubled. */
    private const TOGETHER = 50.0;

    /** Within one degree. */
    private const PARALLEL = 0.017452406437283512;

    private BoxGrid $boxes;

    /** @param list<Wall> $walls standing ones of one storey */
    public function __construct(private array $walls)
    {
        $this->boxes = new BoxGrid(array_map(
            static fn(Wall $wall): Box => Box::around([$wall->from, $wall->to])->grown($wall->thickness / 2 + self::NEARLY),
            $walls,
        ));
    }

    /**
     * Gaps between the ends of a wall and what they nearly meet, closed ones (see WallJoints) included.
     *
     * @return list<WallTrouble>
     */
    public function gaps(Wall $wall): array
    {
        $gaps = [];
        foreach ([$wall->line()->reversed(), $wall->line()] as $line) {
            $gap = $this->nearest($wall, $line);
            if ($gap !== null && $gap->size > WallJoints::SAME_POINT) {
                $gaps[] = $gap;
            }
        }

        return $gaps;
    }

    /** @return list<WallTrouble> with walls that stand later in the document, so that a pair is told once */
    public function doubles(Wall $wall): array
    {
        $doubles = [];
        $own = array_search($wall, $this->walls, true);
        foreach ($this->boxes->overlapping(Box::around([$wall->from, $wall->to])->grown(1.0)) as $number) {
            $other = $this->walls[$number];
            $stretch = $number > $own && !$wall->isOpenBoundary() && !$other->isOpenBoundary() ? self::together($wall, $other) : null;
            if ($stretch !== null) {
                $doubles[] = new WallTrouble($other->id, $stretch, $stretch->length());
            }
        }

        return $doubles;
    }

    /** The narrowest gap between the far end of a line and another wall; null when the end meets one, or none is near. */
    private function nearest(Wall $wall, Segment $line): ?WallTrouble
    {
        $nearest = null;
        foreach ($this->boxes->at($line->to) as $number) {
            $other = $this->walls[$number];
            // a nib is shorter than what would be a gap
            if ($other === $wall || $other->line()->distanceTo($line->from) <= $other->thickness / 2 + WallJoints::CLOSES_GAPS_TO) {
                continue;
            }
            $gap = self::gap($wall, $line, $other);
            if ($gap === null) {
                continue;
            }
            if ($gap->size <= WallJoints::SAME_POINT) {
                return null;
            }
            $nearest = $nearest === null || $gap->size < $nearest->size ? $gap : $nearest;
        }

        return $nearest;
    }

    /** From the end of a wall to another's body; 0 within it. */
    private static function gap(Wall $wall, Segment $line, Wall $other): ?WallTrouble
    {
        $axis = $other->line();
        $foot = $axis->closestTo($line->to);
        $between = $foot->distanceTo($line->to);
        $isBesideEnd = $axis->from->distanceTo($foot) < 1e-6 || $axis->to->distanceTo($foot) < 1e-6;
        // an end beside an end has to reach it, not only come as near as the other is thick
        $sharesLine = abs($line->direction()->cross($axis->direction())) < self::PARALLEL;
        $size = $isBesideEnd && $sharesLine ? self::betweenEnds($wall, $line, $other, $foot) : max(0.0, $between - $other->thickness / 2);

        return $size > self::NEARLY ? null : new WallTrouble($other->id, new Segment($line->to, $foot), $size);
    }

    /** Between the end faces of two walls in one line; where these do not lie before one another, between the ends. */
    private static function betweenEnds(Wall $wall, Segment $line, Wall $other, Point $end): float
    {
        $isBefore = abs($line->leftOf($end)) < ($wall->thickness + $other->thickness) / 2;

        return $isBefore ? max(0.0, $line->along($end) - $line->length()) : $end->distanceTo($line->to);
    }

    /** The stretch along the first wall over which the second lies in its body or close to it. */
    private static function together(Wall $first, Wall $second): ?Segment
    {
        [$line, $other] = [$first->line(), $second->line()];
        if (abs($line->direction()->cross($other->direction())) > self::PARALLEL) {
            return null;
        }
        $from = max(0.0, min($line->along($other->from), $line->along($other->to)));
        $to = min($line->length(), max($line->along($other->from), $line->along($other->to)));
        $apart = abs($line->leftOf($other->middle()));

        return $to - $from > self::TOGETHER && $apart < ($first->thickness + $second->thickness) / 2 - WallJoints::SAME_POINT
            ? new Segment($line->at($from), $line->at($to))
            : null;
    }
}
