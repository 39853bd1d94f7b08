<?php

declare(strict_types=1);

namespace Heurema\Spatial\Run;

use Heurema\Geometry\Segment;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Spatial\PlacedFixture;

/**
 * Kitchen units side by side, around corners too: an island is a run of its own. Places count along its fronts from the left end as one
 * looks at it, what lies behind an inner corner left out, in mm.
 */
final readonly class Run
{
    /** What is worked on. */
    private const TOPS = [FixtureKind::Counter, FixtureKind::BaseCabinet, FixtureKind::Filler, FixtureKind::Island];

    /** What no worktop goes on over. */
    private const BREAKS = [
        FixtureKind::Sink, FixtureKind::Cooktop, FixtureKind::Range, FixtureKind::Refrigerator, FixtureKind::TallCabinet, FixtureKind::Oven,
    ];

    /** A worktop is 24 in deep at the least (the trade's planning guidelines, from memory). */
    private const DEPTH = 609.6;

    /** Joints up to this are closed; what stands no farther from a fixture is beside it, mm. */
    private const JOINT = 3.0;
    private const BESIDE = 51.0;

    /** @var list<float> where each leg begins along the run */
    private array $starts;

    /** @var list<RunCorner> between one leg and the next */
    public array $corners;

    /** @param non-empty-list<RunLeg> $legs from left to right */
    public function __construct(public array $legs)
    {
        [$starts, $corners] = [[0.0], []];
        foreach (array_slice($legs, 1) as $number => $leg) {
            $corners[] = new RunCorner($legs[$number], $leg);
            $starts[] = $starts[$number] + $legs[$number]->length() + $corners[$number]->between();
        }
        [$this->starts, $this->corners] = [$starts, $corners];
    }

    /** Along its fronts, corners once, mm. */
    public function length(): float
    {
        $last = count($this->legs) - 1;

        return $this->starts[$last] + $this->legs[$last]->length();
    }

    /** @return list<PlacedFixture> */
    public function units(): array
    {
        return array_merge(...array_map(static fn(RunLeg $leg): array => $leg->units, $this->legs));
    }

    /** @return array{float, float}|null where a fixture begins and ends along it */
    public function stretch(PlacedFixture $one): ?array
    {
        foreach ($this->legs as $number => $leg) {
            $stretch = in_array($one, $leg->units, true) ? $leg->stretch($one) : null;
            if ($stretch !== null) {
                return [$this->starts[$number] + $stretch[0] - $leg->left, $this->starts[$number] + $stretch[1] - $leg->left];
            }
        }
        foreach ($this->corners as $number => $corner) {
            if ($corner->holds($one)) {
                return $this->inCorner($number);
            }
        }

        return null;
    }

    /** @return array{float, float} from the end of one leg to the start of the next, along the front that is cut off there */
    private function inCorner(int $number): array
    {
        return [$this->starts[$number] + $this->legs[$number]->length(), $this->starts[$number + 1]];
    }

    /** @return list<array{float, float}> worktop over units that are cut off in corners, up to where those beside it begin */
    private function cutCorners(): array
    {
        $stretches = [];
        foreach ($this->corners as $number => $corner) {
            [$from, $to] = $this->inCorner($number);
            $stretches = [...$stretches, ...$corner->reach === null ? [] : [[$from - $corner->over(), $to + $corner->over()]]];
        }

        return $stretches;
    }

    /**
     * @param list<PlacedFixture> $low what hangs too low over it to work there
     *
     * @return list<array{float, float}> stretches of worktop of full depth, without what is set in it or stands in its way
     */
    public function worktops(array $low = []): array
    {
        $stretches = fn(callable $of): array => array_values(array_filter(
            array_map($this->stretch(...), array_filter($this->units(), $of)),
        ));
        $tops = self::merged([...$this->cutCorners(), ...$stretches(
            static fn(PlacedFixture $one): bool => in_array($one->fixture->kind, self::TOPS, true)
                && ($one->fixture->depth ?? 0.0) >= self::DEPTH - self::JOINT,
        )]);
        $breaks = $stretches(static fn(PlacedFixture $one): bool => in_array($one->fixture->kind, self::BREAKS, true));
        foreach ([...$breaks, ...array_merge(...array_map($this->stretchesUnder(...), $low))] as $break) {
            $tops = self::without($tops, $break);
        }

        return $tops;
    }

    /** @return list<array{float, float}> where something hangs over it: along two legs in a corner */
    private function stretchesUnder(PlacedFixture $hung): array
    {
        $stretches = [];
        foreach ($this->legs as $number => $leg) {
            $isOver = array_filter($leg->units, static fn(PlacedFixture $one): bool => $one->overlaps($hung)) !== [];
            $stretch = $isOver ? $leg->stretch($hung) : null;
            $start = $this->starts[$number] - $leg->left;
            $stretches = [...$stretches, ...$stretch === null ? [] : [[$start + $stretch[0], $start + $stretch[1]]]];
        }

        return $stretches;
    }

    /** @return array{array{float, float}|null, array{float, float}|null} the worktop right beside a fixture, at its left and its right */
    public function landings(PlacedFixture $one): array
    {
        $stretch = $this->stretch($one);
        [$left, $right] = [null, null];
        if ($stretch === null) {
            return [null, null];
        }
        foreach ($this->worktops() as $top) {
            $left = abs($top[1] - $stretch[0]) <= self::BESIDE ? $top : $left;
            $right = abs($top[0] - $stretch[1]) <= self::BESIDE ? $top : $right;
        }

        return [$left, $right];
    }

    /** @return list<Segment> a stretch of it on plan, a line a leg */
    public function lines(float $from, float $to): array
    {
        $lines = [];
        foreach ($this->legs as $number => $leg) {
            $start = max(0.0, $from - $this->starts[$number]);
            $end = min($leg->length(), $to - $this->starts[$number]);
            if ($end - $start > self::JOINT) {
                $lines[] = $leg->frontLine($leg->left + $start, $leg->left + $end);
            }
            $corner = $this->corners[$number] ?? null;
            if ($corner?->reach !== null && min($to, $this->inCorner($number)[1]) - max($from, $this->inCorner($number)[0]) > self::JOINT) {
                $lines[] = $corner->diagonal();
            }
        }

        return $lines;
    }

    /** @return array{float, float} how far a fixture is from the inner corners at its left and its right; INF where there is none */
    public function toCorners(PlacedFixture $one): array
    {
        return $this->toLegs($one, static fn(RunLeg $leg): float => $leg->front);
    }

    /** @return array{float, float} the same to the fronts of the units there, without the worktop over them */
    public function toUnitsInCorners(PlacedFixture $one): array
    {
        return $this->toLegs($one, static fn(RunLeg $leg): float => $leg->fronts);
    }

    /**
     * @param \Closure(RunLeg): float $front
     *
     * @return array{float, float}
     */
    private function toLegs(PlacedFixture $one, \Closure $front): array
    {
        foreach ($this->legs as $number => $leg) {
            $stretch = in_array($one, $leg->units, true) ? $leg->stretch($one) : null;
            if ($stretch !== null) {
                $next = $this->legs[$number + 1] ?? null;

                return [
                    $number === 0 ? INF : $stretch[0] - $front($this->legs[$number - 1]),
                    $next === null ? INF : -$front($next) - $stretch[1],
                ];
            }
        }

        return [INF, INF];
    }

    /**
     * @param list<array{float, float}> $stretches
     *
     * @return list<array{float, float}>
     */
    private static function merged(array $stretches): array
    {
        usort($stretches, static fn(array $a, array $b): int => $a <=> $b);
        $merged = [];
        $open = null;
        foreach ($stretches as $next) {
            if ($open !== null && $next[0] <= $open[1] + self::JOINT) {
                $open = [$open[0], max($open[1], $next[1])];
            } else {
                $merged = [...$merged, ...$open === null ? [] : [$open]];
                $open = $next;
            }
        }

        return [...$merged, ...$open === null ? [] : [$open]];
    }

    /**
     * @param list<array{float, float}> $stretches
     * @param array{float, float}       $break
     *
     * @return list<array{float, float}>
     */
    private static function without(array $stretches, array $break): array
    {
        $left = [];
        foreach ($stretches as [$from, $to]) {
            foreach ([[$from, min($to, $break[0])], [max($from, $break[1]), $to]] as $part) {
                $left = [...$left, ...$part[1] - $part[0] > self::JOINT ? [$part] : []];
            }
        }

        return $left;
    }
}
