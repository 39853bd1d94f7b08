<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Spatial\SpaceSide;
use Heurema\Spatial\StoreyPlan;
use Heurema\Spatial\WallDatum;

/**
 * The dimensions outside a storey, on the four sides of the box around it: the corners of the walls that look that way, and
 * the openings in them.
 */
final readonly class OutsideChains
{
    private Box $box;

    /** @var list<SpaceSide> */
    private array $sides;

    public function __construct(private StoreyPlan $plan, private WallDatum $datum)
    {
        $this->sides = array_values(array_filter(
            $plan->outsideSides(),
            static fn(SpaceSide $side): bool => $side->segment->length() > Tolerance::TOUCH,
        ));
        $points = array_merge(...array_map(static fn(SpaceSide $side): array => [$side->segment->from, $side->segment->to], $this->sides));
        $this->box = $points === [] ? new Box(0, 0, 0, 0) : Box::around($points);
    }

    /**
     * @param float $away how far outside the box the lines lie, mm
     *
     * @return list<Chain> the openings' edges between the corners, at each side that has openings
     */
    public function openings(float $away): array
    {
        return $this->chains($away, fn(Segment $line, array $looking): array => $this->edges($line, $looking));
    }

    /** @return list<Chain> the corners alone */
    public function corners(float $away): array
    {
        return $this->chains($away, static fn(): array => []);
    }

    /**
     * @param callable(Segment, list<SpaceSide>): list<Stop> $between stops beside the corners
     *
     * @return list<Chain> bottom, right, top, left
     */
    private function chains(float $away, callable $between): array
    {
        $chains = [];
        foreach ($this->sides === [] ? [] : [new Point(0, -1), new Point(1, 0), new Point(0, 1), new Point(-1, 0)] as $out) {
            $line = $this->line($out, $away);
            $looking = array_values(array_filter(
                $this->sides,
                static fn(SpaceSide $side): bool => $side->segment->direction()->left()->dot($out) > 0.999,
            ));
            if ($looking !== []) {
                $corners = array_map(fn(Point $corner): Stop => $this->corner($line, $corner), self::ends($looking));
                $chains[] = new Chain($line, [...$corners, ...$between($line, $looking)]);
            }
        }

        return $chains;
    }

    /**
     * The ends of faces, without those where a face goes on in the next wall.
     *
     * @param list<SpaceSide> $looking
     *
     * @return list<Point>
     */
    private static function ends(array $looking): array
    {
        $ends = array_merge(...array_map(static fn(SpaceSide $side): array => [$side->segment->from, $side->segment->to], $looking));

        return array_values(array_filter(
            $ends,
            static fn(Point $end): bool => count(array_filter(
                $ends,
                static fn(Point $other): bool => $other->distanceTo($end) < Tolerance::TOUCH,
            )) === 1,
        ));
    }

    /** Beside the box, towards the right of the sheet or up it. */
    private function line(Point $out, float $away): Segment
    {
        $middle = $this->box->middle();
        $start = new Point(
            abs($out->x) > 0.5 ? $middle->x + $out->x * ($this->box->width() / 2 + $away) : $this->box->left,
            abs($out->y) > 0.5 ? $middle->y + $out->y * ($this->box->height() / 2 + $away) : $this->box->bottom,
        );

        return new Segment($start, $start->plus(abs($out->x) > 0.5 ? new Point(0, 1) : new Point(1, 0)));
    }

    /** A corner lies where the wall that runs away from it has its face, or the line that is asked for. */
    private function corner(Segment $line, Point $corner): Stop
    {
        foreach ($this->sides as $side) {
            if (min($side->segment->from->distanceTo($corner), $side->segment->to->distanceTo($corner)) < Tolerance::TOUCH) {
                $stop = FaceStop::along($line, $side, $this->datum);
                if ($stop !== null) {
                    return $stop;
                }
            }
        }

        return new Stop($line->along($corner));
    }

    /**
     * @param list<SpaceSide> $looking
     *
     * @return list<Stop>
     */
    private function edges(Segment $line, array $looking): array
    {
        $stops = [];
        foreach ($this->plan->storey->openings as $opening) {
            $half = $opening->stands() ? ($opening->width ?? 0.0) / 2 : 0.0;
            foreach ($half > 0 ? $looking : [] as $side) {
                $middle = $side->wall->line()->at($opening->at);
                if ($side->wall->id === $opening->wall && $side->segment->distanceTo($middle) < $side->wall->thickness) {
                    array_push(
                        $stops,
                        new Stop($line->along($middle) - $half, $opening->id),
                        new Stop($line->along($middle) + $half, $opening->id),
                    );
                }
            }
        }

        return $stops;
    }
}
