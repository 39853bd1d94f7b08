<?php

declare(strict_types=1);

namespace Heurema\Scene;

use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\FlightRun;
use Heurema\Spatial\Stair\Step;
use Heurema\Spatial\Stair\StepKind;
use Heurema\Spatial\StairCovers;

/**
 * The strings of a stair: boards along both sides of its straight flights, from the line over the nosings down to the underside that
 * headroom below the stair is measured to. In mm.
 */
final readonly class StairStrings
{
    /** Common practice, no source. */
    public const THICK = 30.0;

    private const SAME_SLOPE = 1e-6;

    public function __construct(private Climb $climb) {}

    /** Whether strings stand along the sides of a step. */
    public static function carry(Step $step): bool
    {
        return $step->kind === StepKind::Tread && min($step->front->length(), $step->back->length()) > 3 * self::THICK;
    }

    /** @return list<Prism> */
    public function prisms(): array
    {
        $foot = $this->climb->foot();
        $prisms = [];
        foreach (FlightRun::of($this->climb) as $run) {
            foreach ($this->stretches($run) as [$first, $last]) {
                $level = $foot + $this->climb->level($first);
                $rise = $foot + $this->climb->levels[$last->risers + 1] - $level;
                $floor = $run->from === 0 ? $foot : -INF;
                $left = new Segment($first->front->from, $last->back->from);
                $right = new Segment($first->front->to, $last->back->to);
                array_push($prisms, ...self::board($left, -1.0, $level, $rise, $floor), ...self::board($right, 1.0, $level, $rise, $floor));
            }
        }

        return $prisms;
    }

    /** @return list<array{Step, Step}> the first and the last of treads in one line that rise evenly */
    private function stretches(FlightRun $run): array
    {
        $stretches = [];
        $before = null;
        foreach (array_filter($run->steps, self::carry(...)) as $step) {
            $follows = $before !== null && $before->part === $step->part && $before->risers + 1 === $step->risers
                && abs($this->slope($before) - $this->slope($step)) < self::SAME_SLOPE;
            $first = $follows ? array_pop($stretches)[0] : $step;
            $stretches[] = [$first, $step];
            $before = $step;
        }

        return $stretches;
    }

    private function slope(Step $step): float
    {
        return ($this->climb->levels[$step->risers + 1] - $this->climb->level($step)) / $step->front->distanceTo($step->back->middle());
    }

    /**
     * In two parts where its underside comes to the floor.
     *
     * @param Segment $side   along which the nosings rise
     * @param float   $inward 1: the stair is to the left of it, -1: to the right
     *
     * @return list<Prism>
     */
    private static function board(Segment $side, float $inward, float $level, float $rise, float $floor): array
    {
        $slope = $rise / $side->length();
        $top = Surface::sloped($level, $side->from, $side->direction()->times($slope));
        $bottom = $top->raised(-StairCovers::STAIR_DEPTH);
        $free = max(0.0, min($side->length(), $slope > 0.0 ? ($floor + StairCovers::STAIR_DEPTH - $level) / $slope : 0.0));
        $in = $side->direction()->left()->times($inward * self::THICK);
        $piece = static fn(float $from, float $to, Surface $under): array => $to - $from < 1.0 ? [] : [new Prism(
            new Polygon(Ring::rectangle($side->at($from), $side->direction()->times($to - $from), $in)->counterClockwise()),
            $under,
            $top,
        )];

        return [...$piece(0.0, $free, Surface::level($floor)), ...$piece($free, $side->length(), $bottom)];
    }
}
