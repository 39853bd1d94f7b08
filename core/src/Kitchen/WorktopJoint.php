<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Spatial\PlacedFixture;

/** Where two legs of a worktop of one piece go on into each other. */
final class WorktopJoint
{
    /** Edges no farther apart touch, and by less along them they only meet, mm. */
    private const TOUCH = 1.0;
    private const LEAST = 10.0;

    /** @return Segment|null on plan; null: they are two pieces */
    public static function between(PlacedFixture $one, PlacedFixture $other): ?Segment
    {
        $areOne = $one->fixture->onePiece === true && $other->fixture->onePiece === true
            && abs($one->base() - $other->base()) <= self::TOUCH + Tolerance::TOUCH;
        foreach ($areOne ? $one->outline?->edges() ?? [] : [] as $edge) {
            foreach ($other->outline?->edges() ?? [] as $facing) {
                $common = self::common($edge, $facing);
                if ($common !== null) {
                    return $common;
                }
            }
        }

        return null;
    }

    /** The part of an edge along which another one runs. */
    private static function common(Segment $edge, Segment $other): ?Segment
    {
        if (max(abs($edge->leftOf($other->from)), abs($edge->leftOf($other->to))) > self::TOUCH + Tolerance::TOUCH) {
            return null;
        }
        [$a, $b] = [$edge->along($other->from), $edge->along($other->to)];
        [$from, $to] = [max(0.0, min($a, $b)), min($edge->length(), max($a, $b))];

        return $to - $from < self::LEAST - Tolerance::TOUCH ? null : new Segment($edge->at($from), $edge->at($to));
    }
}
