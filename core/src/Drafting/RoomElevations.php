<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Layout\SlopedCeiling;
use Heurema\Layout\Soffit;
use Heurema\Scene\FurnitureSolids;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\SpaceSide;

/**
 * The walls of a room unrolled, as one sees them when one turns around in it to the right. The first is the one that lies highest on the
 * plan. In mm.
 */
final readonly class RoomElevations
{
    /** Stretches are in one line when the sine of the angle between them is no larger. */
    private const STRAIGHT = 1e-4;

    /** Lengths that agree. */
    private const SAME = 1.0;

    /** What is no farther from a wall stands or hangs at it; what is farther than the second is not seen before it. */
    private const AT_WALL = 60.0;
    private const BEFORE = 2500.0;

    /** A counter has its back to a wall when the cosine of the angle between them is no smaller. */
    private const BACK_TO_IT = 0.99;

    private function __construct(private RoomSpace $room, private Home $home) {}

    /** @return list<WallElevation> none where the walls do not close around it */
    public static function of(RoomSpace $room, Home $home): array
    {
        return (new self($room, $home))->elevations();
    }

    /** @return list<WallElevation> */
    private function elevations(): array
    {
        $runs = $this->room->outline() === null ? [] : $this->runs();
        $middles = array_map(static fn(array $run): float => self::face($run)->middle()->y, $runs);
        $first = $middles === [] ? 0 : (int) array_search(max($middles), $middles, true);
        // sides run with the floor to the left, which is to the left around the room
        $turned = array_reverse([...array_slice($runs, $first + 1), ...array_slice($runs, 0, $first + 1)]);

        return array_map(
            fn(array $run, int $number): WallElevation => $this->elevation(
                $run,
                self::cuts($turned[($number + count($turned) - 1) % count($turned)], $run, $turned[($number + 1) % count($turned)]),
            ),
            $turned,
            array_keys($turned),
        );
    }

    /** @return list<non-empty-list<SpaceSide>> sides in one line together */
    private function runs(): array
    {
        $runs = [];
        $outer = $this->room->outline()?->outer;
        $sides = array_values(array_filter(
            $this->room->sides(),
            // those of a column in the middle of the room are none of its walls
            static fn(SpaceSide $side): bool => $outer !== null && self::isOn($side->segment->middle(), $outer),
        ));
        foreach ($sides as $side) {
            $last = count($runs) - 1;
            if ($last >= 0 && self::goesOn($runs[$last][count($runs[$last]) - 1], $side)) {
                $runs[$last][] = $side;
            } else {
                $runs[] = [$side];
            }
        }
        $last = count($runs) - 1;
        if ($last > 0 && self::goesOn($runs[$last][count($runs[$last]) - 1], $runs[0][0])) {
            $runs[0] = [...$runs[$last], ...$runs[0]];
            array_pop($runs);
        }

        return $runs;
    }

    private static function isOn(Point $point, Ring $outer): bool
    {
        foreach ($outer->edges() as $edge) {
            if ($edge->distanceTo($point) <= self::SAME) {
                return true;
            }
        }

        return false;
    }

    private static function goesOn(SpaceSide $before, SpaceSide $next): bool
    {
        return $before->isOpen() === $next->isOpen()
            && $before->segment->to->distanceTo($next->segment->from) <= self::SAME
            && abs($before->segment->direction()->cross($next->segment->direction())) <= self::STRAIGHT
            && $before->segment->direction()->dot($next->segment->direction()) > 0.0;
    }

    /**
     * From its left end to its right, as one looks at it.
     *
     * @param non-empty-list<SpaceSide> $run
     */
    private static function face(array $run): Segment
    {
        return new Segment($run[count($run) - 1]->segment->to, $run[0]->segment->from);
    }

    /**
     * The walls before and after it, where they meet it in inner corners.
     *
     * @param non-empty-list<SpaceSide> $before
     * @param non-empty-list<SpaceSide> $run
     * @param non-empty-list<SpaceSide> $after
     *
     * @return array{float|null, float|null} how thick they are
     */
    private static function cuts(array $before, array $run, array $after): array
    {
        // the nearer end of what is before it is where it begins, of what is after it where that ends
        [$left, $right] = [$before[0], $after[count($after) - 1]];
        $way = self::face($run)->direction();

        return [
            !$left->isOpen() && self::face($before)->direction()->cross($way) < 0.0 ? $left->wall->thickness : null,
            !$right->isOpen() && $way->cross(self::face($after)->direction()) < 0.0 ? $right->wall->thickness : null,
        ];
    }

    /**
     * @param non-empty-list<SpaceSide>     $run
     * @param array{float|null, float|null} $cuts
     */
    private function elevation(array $run, array $cuts): WallElevation
    {
        $face = self::face($run);
        $unknown = [];
        [$openings, $fixtures] = [$this->openings($run, $face), $this->fixtures($face, $unknown)];
        $tiles = array_map(fn(SpaceSide $side): ?float => $this->room->tilesUpTo($side->wall, $side->isLeftOfWall()), $run);

        return new WallElevation(
            face: $face,
            wall: $run[0]->wall->id,
            isOpen: $run[0]->isOpen(),
            ceiling: $this->ceiling($face),
            openings: $openings,
            fixtures: $fixtures,
            soffits: $this->soffits($face),
            tiles: $run[0]->isOpen() || in_array(null, $tiles, true) ? null : max($tiles),
            cuts: $cuts,
            unknown: $unknown,
        );
    }

    /**
     * @param non-empty-list<SpaceSide> $run
     *
     * @return list<ElevationOpening>
     */
    private function openings(array $run, Segment $face): array
    {
        $walls = array_map(static fn(SpaceSide $side): string => $side->wall->id, $run);
        $found = [];
        foreach ($this->home->openingsOn($this->room->storey()) as $opening) {
            $span = $opening->span();
            [$one, $other] = [$face->along($span->from), $face->along($span->to)];
            [$left, $right] = [max(0.0, min($one, $other)), min($face->length(), max($one, $other))];
            if (in_array($opening->wall->id, $walls, true) && $opening->borders($this->room) && $right - $left > self::SAME) {
                $found[] = new ElevationOpening($opening, $left, $right, $opening->sill() ?? 0.0, $opening->head());
            }
        }
        usort($found, static fn(ElevationOpening $a, ElevationOpening $b): int => $a->left <=> $b->left);

        return $found;
    }

    /**
     * @param list<string> $unknown gets the names of those of which nobody said how high they are
     *
     * @return list<ElevationFixture>
     */
    private function fixtures(Segment $face, array &$unknown): array
    {
        $found = [];
        foreach ($this->home->fixturesOn($this->room->storey()) as $placed) {
            $away = $this->away($placed, $face);
            if ($away > self::BEFORE) {
                continue;
            }
            $isAtWall = $away <= self::AT_WALL || $this->isInCounterAtWall($placed, $face);
            $bodies = self::bodies($placed, $face);
            if ($bodies === null) {
                $unknown = [...$unknown, ...$isAtWall ? [$placed->name()] : []];
            } elseif ($bodies !== []) {
                $found[] = new ElevationFixture($placed, $bodies, $isAtWall);
            }
        }
        // from the wall outwards: a unit hides the sink that is set in it
        $reach = static fn(ElevationFixture $one): float => round(max([0.0, ...array_map(
            static fn(Point $corner): float => -$face->leftOf($corner),
            $one->fixture->outline->points ?? [],
        )]));
        usort(
            $found,
            static fn(ElevationFixture $a, ElevationFixture $b): int => [$a->isAtWall, $reach($a)] <=> [$b->isAtWall, $reach($b)],
        );

        return $found;
    }

    private function away(PlacedFixture $placed, Segment $face): float
    {
        return $placed->room !== $this->room ? INF : min([
            INF,
            ...array_map(static fn(Point $corner): float => -$face->leftOf($corner), $placed->outline->points ?? []),
        ]);
    }

    /** What is set in a counter stands where that does. */
    private function isInCounterAtWall(PlacedFixture $placed, Segment $face): bool
    {
        return array_filter(
            $this->home->fixturesIn($this->room),
            fn(PlacedFixture $counter): bool => $placed->isSetIn($counter) && $this->away($counter, $face) <= self::AT_WALL
                && $counter->frame->yAxis->dot($face->direction()->left()) < -self::BACK_TO_IT,
        ) !== [];
    }

    /** @return list<array{float, float, float, float}>|null as far as they lie before the wall; null: nobody said how high it is */
    private static function bodies(PlacedFixture $placed, Segment $face): ?array
    {
        $fixture = $placed->fixture;
        $base = $fixture->base ?? ($fixture->kind->hangs() ? null : 0.0);
        if ($base === null || $fixture->height === null || $placed->outline === null) {
            return null;
        }
        $bodies = [];
        foreach (FurnitureSolids::ofFixture($fixture) as [$outline, $bottom, $high]) {
            $along = array_map(
                static fn(Point $corner): float => $face->along($placed->frame->toPlan($corner)),
                $outline->points,
            );
            [$left, $right] = [max(0.0, min($along)), min($face->length(), max($along))];
            if ($right - $left > self::SAME) {
                $bodies[] = [$left, $right, $base + $bottom, $base + $bottom + $high];
            }
        }

        return $bodies;
    }

    /** @return list<array{float, float}> */
    private function ceiling(Segment $face): array
    {
        $ceiling = $this->room->ceiling();
        if ($ceiling === null) {
            return [];
        }
        if (!$ceiling instanceof SlopedCeiling) {
            return [[0.0, $ceiling], [$face->length(), $ceiling]];
        }
        $stops = [0.0, $face->length()];
        if ($ceiling->beyond !== null) {
            $ridge = $ceiling->to->minus($ceiling->from)->left();
            $across = $face->direction()->cross($ridge);
            $at = abs($across) < 1e-9 ? -1.0 : $ceiling->to->minus($face->from)->cross($ridge) / $across;
            $stops = [...$stops, ...$at > self::SAME && $at < $face->length() - self::SAME ? [$at] : []];
        }
        sort($stops);

        return array_map(static fn(float $stop): array => [$stop, $ceiling->heightAt($face->at($stop))], $stops);
    }

    /** @return list<array{float, float, float}> of those that come up to the wall */
    private function soffits(Segment $face): array
    {
        $found = [];
        foreach ($this->home->plans[$this->room->storey()]->storey->soffits as $soffit) {
            [$left, $right] = self::reach($soffit, $face);
            if ($soffit->underside !== null && $right - $left > self::SAME) {
                $found[] = [$left, $right, $soffit->underside];
            }
        }

        return $found;
    }

    /** @return array{float, float} how far a soffit lies along the wall; nothing where it does not come up to it */
    private static function reach(Soffit $soffit, Segment $face): array
    {
        $just = $face->offset(-self::SAME);
        $along = array_map($face->along(...), $soffit->outline->points);
        $isThere = array_filter(
            [0.02, 0.25, 0.5, 0.75, 0.98],
            static fn(float $share): bool => $soffit->outline->contains($just->at($share * $just->length())),
        ) !== [];

        return $isThere ? [max(0.0, min($along)), min($face->length(), max($along))] : [0.0, 0.0];
    }
}
