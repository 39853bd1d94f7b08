<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/**
 * What of an outline lies in a convex window, piece by piece: the stretches of its rings inside, joined along the window's edge
 * (after Weiler and Atherton 1977).
 */
final class WindowClip
{
    /** Places on the edge of the window nearer to one another, in sides, are not told apart. */
    private const SAME_PLACE = 1e-9;

    /** @var list<array{float, float, non-empty-list<Point>}> where each stretch comes in, where it goes out, its points */
    private array $stretches = [];

    /** @var list<Ring> those wholly inside */
    private array $inside = [];

    private function __construct(private readonly ClipWindow $window) {}

    /**
     * @param Polygon $polygon outer ring counter-clockwise, holes clockwise
     * @param Ring    $window  convex, counter-clockwise
     *
     * @return list<Polygon>|null null where something comes too near an edge or a corner of the window to tell
     */
    public static function parts(Polygon $polygon, Ring $window): ?array
    {
        $clip = new self(new ClipWindow($window));
        foreach ($polygon->rings() as $ring) {
            if (!$clip->take($ring)) {
                return null;
            }
        }
        $outer = $clip->joined();
        if ($outer === null) {
            return null;
        }
        $holes = [];
        foreach ($clip->inside as $ring) {
            $ring->signedArea() > 0 ? $outer[] = $ring : $holes[] = $ring;
        }
        if ($outer === [] && $polygon->contains($window->points[0])) {
            $outer[] = $window;
        }

        return array_map(static fn(Ring $ring): Polygon => new Polygon(
            $ring->simplified(),
            array_values(array_filter($holes, static fn(Ring $hole): bool => count($outer) === 1 || $ring->contains($hole->points[0]))),
        ), $outer);
    }

    /** @return bool whether it is clear what of the ring lies inside */
    private function take(Ring $ring): bool
    {
        // a ring that begins inside has its first stretch last
        [$first, $begin, $points] = [null, null, []];
        $from = $ring->points[count($ring->points) - 1];
        foreach ($ring->points as $to) {
            $within = $this->window->within($from, $to);
            if ($within === false) {
                return false;
            }
            if ($within !== null) {
                [$enter, $leave, $entered, $left] = $within;
                [$begin, $points] = $entered === null ? [$begin, $points] : [$entered, [self::between($from, $to, $enter)]];
                $points[] = $left === null ? $to : self::between($from, $to, $leave);
                if ($left !== null) {
                    $begin === null ? $first = [$left, $points] : $this->stretches[] = [$begin, $left, $points];
                    [$begin, $points] = [null, []];
                }
            }
            $from = $to;
        }
        if ($first !== null && $begin !== null) {
            $this->stretches[] = [$begin, $first[0], [...$points, ...$first[1]]];
        } elseif ($points !== []) {
            $this->inside[] = new Ring($points);
        }

        return true;
    }

    /** @return list<Ring>|null the stretches, each end joined to the next beginning along the window's edge */
    private function joined(): ?array
    {
        $begins = array_map(static fn(array $stretch): float => $stretch[0], $this->stretches);
        asort($begins);
        $places = [...$begins, ...array_map(static fn(array $stretch): float => $stretch[1], $this->stretches)];
        sort($places);
        foreach (array_slice($places, 1) as $number => $place) {
            if ($place - $places[$number] < self::SAME_PLACE) {
                return null;
            }
        }
        $rings = [];
        $open = $this->stretches;
        while (($start = array_key_first($open)) !== null) {
            [$begin, $end, $points] = $open[$start];
            unset($open[$start]);
            while (($next = self::next($begins, $end)) !== $start) {
                if ($next === null || !isset($open[$next])) {
                    return null;
                }
                array_push($points, ...$this->window->corners($end, $open[$next][0]), ...$open[$next][2]);
                $end = $open[$next][1];
                unset($open[$next]);
            }
            array_push($points, ...$this->window->corners($end, $begin));
            $rings[] = new Ring($points);
        }

        return $rings;
    }

    /** @param array<int, float> $begins in their order */
    private static function next(array $begins, float $place): ?int
    {
        foreach ($begins as $number => $begin) {
            if ($begin > $place) {
                return $number;
            }
        }

        return array_key_first($begins);
    }

    private static function between(Point $from, Point $to, float $share): Point
    {
        return new Point($from->x + $share * ($to->x - $from->x), $from->y + $share * ($to->y - $from->y));
    }
}
