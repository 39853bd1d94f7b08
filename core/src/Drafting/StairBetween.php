<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Segment;
use Heurema\Language\Text;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Flight;
use Heurema\Layout\Landing;
use Heurema\Layout\Stair;
use Heurema\Layout\Winders;
use Heurema\Layout\Words\StairKind;
use Heurema\Layout\Words\Turn;

/** A stair that runs straight, fitted between the edge of its first riser and that of its last one. In mm. */
final class StairBetween
{
    /** No tread is shallower. */
    private const LEAST_TREAD = 50.0;

    /**
     * With the fewest risers that are not too high, its treads dividing what its landings leave.
     *
     * @param Segment $line  from its first nosing to its last
     * @param float   $rise  from floor to floor
     * @param float   $riser the highest that is wanted
     *
     * @throws RefusedEdit when it turns, or too little is left for its treads
     */
    public static function fit(Stair $stair, Segment $line, float $rise, float $riser): Stair
    {
        if ($stair->kind !== StairKind::Straight || array_filter($stair->parts, self::turns(...)) !== []) {
            throw new RefusedEdit(Text::of('Only a stair that runs straight is fitted between two edges.'));
        }
        if ($rise <= 0.0 || $riser <= 0.0) {
            throw new RefusedEdit(Text::of('Type a riser above zero; the upper floor lies above the lower one.'));
        }
        $flights = array_filter($stair->parts, static fn(Flight|Landing|Winders $part): bool => $part instanceof Flight);
        $risers = max(2 * count($flights), (int) ceil($rise / $riser - 1e-6));
        $landings = array_sum(array_map(static fn(Flight|Landing|Winders $part): float => $part instanceof Landing
            ? $part->depth ?? throw new RefusedEdit(Text::of('Say how deep its landings are first.'))
            : 0.0, $stair->parts));
        $tread = ($line->length() - $landings) / ($risers - count($flights));
        if ($tread < self::LEAST_TREAD) {
            throw new RefusedEdit(Text::of('{risers} risers do not fit between these edges.', risers: $risers));
        }
        $parts = StairParts::of($stair, $risers, round($tread, 4)) ?? throw new RefusedEdit(Text::of(
            'Its flights cannot share the risers.',
        ));

        return $stair->withParts($parts)->placed($line->from, $line->direction()->degrees());
    }

    private static function turns(Flight|Landing|Winders $part): bool
    {
        return $part instanceof Winders || ($part instanceof Landing && $part->turn !== Turn::None);
    }
}
