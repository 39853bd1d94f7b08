<?php

declare(strict_types=1);

namespace Heurema\Spatial\Stair;

use Heurema\Geometry\Arrangement;
use Heurema\Geometry\Face;
use Heurema\Geometry\Line;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;

/** The smallest opening in the floor that a stair reaches which leaves a headroom. */
final class LeastOpening
{
    /** @return Ring|list<string> its outline, or what the document lacks to tell */
    public static function of(Climb $climb, float $headroom): Ring|array
    {
        $begin = OpeningEdge::of($climb, $headroom);
        if (!$begin instanceof OpeningEdge) {
            return $begin;
        }
        $lines = [];
        foreach (self::pieces($climb, $begin) as $piece) {
            array_push($lines, ...Line::around($piece, 0, 0));
        }
        $pieces = (new Arrangement($lines))->polygons(static fn(Face $face): bool => $face->depth(0) > 0);
        usort($pieces, static fn(Polygon $a, Polygon $b): int => $b->area() <=> $a->area());

        return $pieces === [] ? ["{$climb->stair->id()}.parts"] : $pieces[0]->outer->simplified();
    }

    /** @return list<Ring> what of its steps has to lie open */
    private static function pieces(Climb $climb, OpeningEdge $begin): array
    {
        $pieces = [];
        foreach ($climb->stair->shape->steps as $step) {
            if ($begin->step === $step && $begin->edge !== null && $step->kind !== StepKind::Landing) {
                $pieces[] = new Ring([$begin->edge->from, $begin->edge->to, $step->back->to, $step->back->from]);
            } elseif ($begin->step !== null && $step->risers >= $begin->step->risers) {
                $pieces[] = $step->outline;
            }
        }

        return $pieces;
    }
}
