<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Layout\Fixture;
use Heurema\Layout\Opening;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Layout\Words\WallSide;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\SpaceSide;
use Heurema\Spatial\StoreyPlan;
use Heurema\Spatial\WallDatum;

/**
 * The dimensions outside a storey, on the four sides of the rectangle around it that runs as most of its walls do: the corners of the walls
 * that look that way, the openings in them, the partitions that meet them, and the columns of the storey.
 */
final readonly class OutsideChains
{
    /** The cosine of the angle to the line at which a wall stands square to it. */
    private const SQUARE = 1e-3;

    /** As it would lie if the walls ran along the sheet. */
    private Box $box;

    /** How far the walls are turned from the sheet, degrees. */
    private float $turn;

    /** @var list<SpaceSide> */
    private array $sides;

    public function __construct(private StoreyPlan $plan, private WallDatum $datum)
    {
        $this->sides = array_values(array_filter(
            $plan->outsideSides(),
            static fn(SpaceSide $side): bool => $side->segment->length() > Tolerance::TOUCH,
        ));
        $points = array_merge(...array_map(static fn(SpaceSide $side): array => [$side->segment->from, $side->segment->to], $this->sides));
        $this->turn = MainDirection::turn($plan->storey->standingWalls());
        $right = $this->outward(PlanSide::Right);
        $this->box = $points === [] ? new Box(0, 0, 0, 0) : Box::around(array_map(
            static fn(Point $point): Point => new Point($point->dot($right), $point->dot($right->left())),
            $points,
        ));
    }

    /** Away from the walls, of length 1. */
    public function outward(PlanSide $side): Point
    {
        return $side->outward($this->turn);
    }

    /**
     * @param float $away how far outside the box the lines lie, mm
     *
     * @return array<string, Chain> the openings' edges between the corners, by the side that walls look to
     */
    public function openings(float $away = 0.0): array
    {
        return $this->chains($away, function (Segment $line, array $looking): array {
            $stops = [];
            foreach ($this->openingsIn($looking) as [$opening, $middle]) {
                [$at, $half] = [$line->along($middle), ($opening->width ?? 0.0) / 2];
                array_push($stops, new Stop($at - $half, $opening->id), new Stop($at + $half, $opening->id));
            }

            return $stops;
        });
    }

    /** @return array<string, Chain> the same to the middles of the openings */
    public function openingMiddles(float $away = 0.0): array
    {
        return $this->chains($away, fn(Segment $line, array $looking): array => array_map(
            static fn(array $found): Stop => new Stop($line->along($found[1]), $found[0]->id),
            $this->openingsIn($looking),
        ));
    }

    /**
     * @param WallDatum $datum from which of their lines partitions are dimensioned
     *
     * @return array<string, Chain> the partitions that meet the outer walls, between the corners
     */
    public function partitions(WallDatum $datum, float $away = 0.0): array
    {
        return $this->chains($away, fn(Segment $line, array $looking): array => $this->meeting($line, $looking, $datum));
    }

    /** @return array<string, Chain> the middles of columns between the corners */
    public function columns(float $away = 0.0): array
    {
        $columns = array_values(array_filter(
            $this->plan->storey->fixtures,
            static fn(Fixture $one): bool => $one->kind === FixtureKind::Column && $one->stands(),
        ));

        return $this->chains($away, fn(Segment $line): array => array_map(
            fn(Fixture $column): Stop => new Stop($line->along(self::centre(new PlacedFixture($column, $this->plan))), $column->id),
            $columns,
        ));
    }

    /** @return array<string, Chain> the corners alone */
    public function corners(float $away = 0.0): array
    {
        return $this->chains($away, static fn(): array => []);
    }

    private static function centre(PlacedFixture $column): Point
    {
        return $column->bounds?->middle() ?? $column->fixture->at;
    }

    /**
     * @param callable(Segment, list<SpaceSide>): list<Stop> $between stops beside the corners
     *
     * @return array<string, Chain>
     */
    private function chains(float $away, callable $between): array
    {
        $chains = [];
        foreach (PlanSide::cases() as $side) {
            $line = $this->line($side, $away);
            $out = $this->outward($side);
            $looking = array_values(array_filter(
                $this->sides,
                static fn(SpaceSide $side): bool => $side->segment->direction()->left()->dot($out) > 0.999,
            ));
            if ($looking !== []) {
                $corners = array_map(fn(Point $corner): Stop => $this->corner($line, $corner), self::ends($looking));
                $chains[$side->value] = new Chain($line, [...$corners, ...$between($line, $looking)]);
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
    private function line(PlanSide $side, float $away): Segment
    {
        $middle = $this->box->middle();
        [$right, $up] = [$this->outward(PlanSide::Right), $this->outward(PlanSide::Top)];
        [$direction, $start] = $side->isAcross()
            ? [$right, new Point($this->box->left, $middle->y + $side->outward()->y * ($this->box->height() / 2 + $away))]
            : [$up, new Point($middle->x + $side->outward()->x * ($this->box->width() / 2 + $away), $this->box->bottom)];
        $from = $right->times($start->x)->plus($up->times($start->y));

        return new Segment($from, $from->plus($direction));
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
     * @return list<array{Opening, Point}> those in the walls of the sides, with a width, and where their middles are
     */
    private function openingsIn(array $looking): array
    {
        $found = [];
        foreach ($this->plan->storey->openings as $opening) {
            $wall = $this->plan->storey->wall($opening->wall);
            $middle = $wall?->line()->at($opening->at);
            $isSeen = $middle !== null && $opening->stands() && ($opening->width ?? 0.0) > 0 && array_filter(
                $looking,
                static fn(SpaceSide $side): bool => $side->wall->id === $opening->wall
                    && $side->segment->distanceTo($middle) < $side->wall->thickness,
            ) !== [];
            $found = $isSeen ? [...$found, [$opening, $middle]] : $found;
        }

        return $found;
    }

    /**
     * Both faces of each partition, or its middle.
     *
     * @param list<SpaceSide> $looking
     *
     * @return list<Stop>
     */
    private function meeting(Segment $line, array $looking, WallDatum $datum): array
    {
        $outer = array_map(static fn(SpaceSide $side): string => $side->wall->id, $this->sides);
        $stops = [];
        foreach ($this->plan->storey->standingWalls() as $wall) {
            $isSquare = abs($wall->line()->direction()->dot($line->direction())) < self::SQUARE;
            if (!$isSquare || $wall->isOpenBoundary() || in_array($wall->id, $outer, true) || !self::meets($wall, $looking)) {
                continue;
            }
            $middle = $line->along($wall->line()->middle());
            $left = $wall->line()->direction()->left()->dot($line->direction());
            $stops[] = new Stop($middle + $left * $datum->offset($wall, WallSide::Left), $wall->id);
            $stops[] = new Stop($middle - $left * $datum->offset($wall, WallSide::Right), $wall->id);
        }

        return $stops;
    }

    /** @param list<SpaceSide> $looking */
    private static function meets(Wall $wall, array $looking): bool
    {
        foreach ($looking as $side) {
            $reach = $side->wall->thickness + Tolerance::TOUCH;
            if (min($side->segment->distanceTo($wall->from), $side->segment->distanceTo($wall->to)) <= $reach) {
                return true;
            }
        }

        return false;
    }
}
