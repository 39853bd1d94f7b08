<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Geometry\Tolerance;
use Heurema\Layout\Words\FixtureKind;

/**
 * All rows of units along one stretch that hold what is wanted in its order: corners first, then what has its place, then the rest, filled
 * with the fewest and most even units, and with one more.
 */
final readonly class Rows
{
    /** A leaf of 12 in is left of a unit that reaches into a corner, mm. */
    private const LEAF = 304.8;

    /** Not more of them are looked at. */
    private const MOST = 2000;

    /** @param float $leastFiller at each wall, mm */
    public function __construct(
        private UnitWidths $widths,
        private UnitSizes $sizes,
        private float $leastFiller = 0.0,
        private FillerPlace $fillers = FillerPlace::Both,
    ) {}

    /**
     * @param list<WantedFixture> $wanted from left to right
     *
     * @return list<Row> none where it does not fit
     */
    public function along(Stretch $stretch, array $wanted, ?CornerKind $leftCorner = null, ?CornerKind $rightCorner = null): array
    {
        $left = RowEnd::of($stretch->left, $leftCorner, CornerKind::BlindRight);
        $right = RowEnd::of($stretch->right, $rightCorner, CornerKind::BlindLeft);
        [$atLeft, $atRight] = [$this->endUnits($left), $this->endUnits($right)];
        if ($atLeft === null || $atRight === null) {
            return [];
        }
        [$from, $to] = [self::width($atLeft), $stretch->length() - self::width($atRight)];
        $rows = [];
        foreach ($this->placings($stretch, $wanted, $from, $to) as $placing) {
            foreach ($this->filled($placing, $from, $to, $left, $right) as [$units, $open]) {
                $rows[] = $this->row($stretch, [
                    ...self::laid($atLeft, $left === RowEnd::BesideFronts ? $this->sizes->depth : 0.0),
                    ...$units,
                    ...self::laid(array_reverse($atRight), $to, $right === RowEnd::DiagonalUnit ? $this->sizes->diagonal() : null),
                ], $open, $left, $right);
                if (count($rows) >= self::MOST) {
                    return $rows;
                }
            }
        }

        return $rows;
    }

    /** @param list<RowUnit> $units */
    private function row(Stretch $stretch, array $units, float $open, RowEnd $left, RowEnd $right): Row
    {
        $behind = fn(RowEnd $end): float => match ($end) {
            RowEnd::IntoCorner, RowEnd::BesideFronts => $this->sizes->depth,
            RowEnd::DiagonalUnit, RowEnd::BesideDiagonal => $this->sizes->corner,
            default => 0.0,
        };

        return new Row(
            $stretch,
            self::withFillersTogether($units),
            $open,
            $behind($left),
            $stretch->length() - $behind($right),
        );
    }

    /**
     * What stands at an end before anything else, from the end inwards, and whether it takes room without standing there.
     *
     * @return list<array{FixtureKind|null, float}>|null kind and width; no kind: nothing. Null: no unit is wide enough
     */
    private function endUnits(RowEnd $end): ?array
    {
        $blind = $this->widths->atLeast($this->sizes->depth + $this->sizes->cornerFiller + self::LEAF);

        return match ($end) {
            RowEnd::Wall, RowEnd::Free => [],
            RowEnd::IntoCorner => $blind === null ? null : [[FixtureKind::BaseCabinet, $blind]],
            RowEnd::BesideFronts => [[null, $this->sizes->depth], [FixtureKind::Filler, $this->sizes->cornerFiller]],
            RowEnd::DiagonalUnit => [[FixtureKind::BaseCabinet, $this->sizes->corner]],
            RowEnd::BesideDiagonal => [[null, $this->sizes->corner]],
        };
    }

    /** @param list<array{FixtureKind|null, float}> $parts */
    private static function width(array $parts): float
    {
        return array_sum(array_column($parts, 1));
    }

    /**
     * @param list<array{FixtureKind|null, float}> $parts
     *
     * @return list<RowUnit> those that are units, side by side
     */
    private static function laid(array $parts, float $at, ?float $diagonal = null): array
    {
        $units = [];
        foreach ($parts as [$kind, $width]) {
            if ($kind !== null) {
                $units[] = new RowUnit($kind, $at, $width, diagonal: $diagonal);
                $at += $width;
            }
        }

        return $units;
    }

    /**
     * Where what has a place of its own stands: several ways where there are several windows.
     *
     * @param list<WantedFixture> $wanted
     *
     * @return list<list<array{WantedFixture, float|null}>> each with its left side; null: anywhere
     */
    private function placings(Stretch $stretch, array $wanted, float $from, float $to): array
    {
        $placings = [[]];
        foreach ($wanted as $one) {
            $lefts = match ($one->anchor) {
                Anchor::Anywhere => [null],
                Anchor::LeftEnd => [$from + ($stretch->left === Stretch::CLOSED ? $this->leastFiller : 0.0)],
                Anchor::RightEnd => [$to - $one->room() - ($stretch->right === Stretch::CLOSED ? $this->leastFiller : 0.0)],
                Anchor::Window => array_map(
                    static fn($window): float => ($window->left + $window->right - $one->room()) / 2,
                    $stretch->windows,
                ),
            };
            $next = [];
            foreach ($placings as $placing) {
                foreach ($lefts as $left) {
                    $next[] = [...$placing, [$one, $left]];
                }
            }
            $placings = $next;
        }

        return $placings;
    }

    /**
     * @param list<array{WantedFixture, float|null}> $placing
     *
     * @return list<array{list<RowUnit>, float}> units, and what stays open
     */
    private function filled(array $placing, float $from, float $to, RowEnd $left, RowEnd $right): array
    {
        $ways = [[[], 0.0]];
        $free = [];
        $start = $from;
        foreach ([...$placing, null] as $next) {
            if ($next !== null && $next[1] === null) {
                $free[] = $next[0];

                continue;
            }
            $end = $next === null ? $to : $next[1];
            $fills = $this->section($free, $start, $end, $start === $from ? $left : null, $next === null ? $right : null);
            $anchored = $next === null ? [] : $next[0]->units($end);
            $ways = self::crossed($ways, $fills, $anchored);
            [$free, $start] = [[], $next === null ? $to : $end + $next[0]->room()];
        }

        return $ways;
    }

    /**
     * @param list<array{list<RowUnit>, float}> $ways
     * @param list<array{list<RowUnit>, float}> $fills
     * @param list<RowUnit>                     $after
     *
     * @return list<array{list<RowUnit>, float}>
     */
    private static function crossed(array $ways, array $fills, array $after): array
    {
        $crossed = [];
        foreach ($ways as [$units, $open]) {
            foreach ($fills as [$more, $opens]) {
                $crossed[] = [[...$units, ...$more, ...$after], $open + $opens];
                if (count($crossed) >= self::MOST) {
                    return $crossed;
                }
            }
        }

        return $crossed;
    }

    /**
     * All ways to fill what lies between two fixtures that have their places, or an end of the row.
     *
     * @param list<WantedFixture> $free
     * @param RowEnd|null  $left null: something stands there
     *
     * @return list<array{list<RowUnit>, float}>
     */
    private function section(array $free, float $from, float $to, ?RowEnd $left, ?RowEnd $right): array
    {
        $room = $to - $from - array_sum(array_map(static fn(WantedFixture $one): float => $one->room(), $free));
        $least = static fn(?RowEnd $end, float $filler): float => $end === RowEnd::Wall ? $filler : 0.0;
        [$atLeft, $atRight] = [$least($left, $this->leastFiller), $least($right, $this->leastFiller)];
        $length = $room - $atLeft - $atRight;
        if ($length < -Tolerance::TOUCH) {
            return [];
        }
        $fewest = $this->widths->fill($length);
        $more = $this->widths->inAs(count($fewest->widths) + 1, $length);
        $isAsGood = $more->widths !== [] && $more->left <= $fewest->left + Tolerance::TOUCH;
        $ways = [];
        foreach ([$fewest, ...$isAsGood ? [$more] : []] as $fill) {
            [$leftFiller, $rightFiller, $open] = $this->fillers($fill->left, $left, $right);
            // what stays open stays so at the free end
            $start = $left === RowEnd::Free && $right !== RowEnd::Free ? $from + $open : $from;
            foreach (Compositions::of(count($fill->widths), count($free) + 1) as $counts) {
                $ways[] = [self::lined($free, $fill->widths, $counts, $start, $atLeft + $leftFiller, $atRight + $rightFiller), $open];
                if (count($ways) >= self::MOST) {
                    return $ways;
                }
            }
        }

        return $ways;
    }

    /**
     * @return array{float, float, float} a filler at the left and at the right, and what stays open
     */
    private function fillers(float $over, ?RowEnd $left, ?RowEnd $right): array
    {
        $canClose = static fn(?RowEnd $end): bool => $end !== null && $end !== RowEnd::Free;

        return match (true) {
            $over < Tolerance::TOUCH => [0.0, 0.0, 0.0],
            $left === RowEnd::Free || $right === RowEnd::Free => [0.0, 0.0, $over],
            $canClose($left) && !$canClose($right) => [$over, 0.0, 0.0],
            !$canClose($left) => [0.0, $over, 0.0],
            $this->fillers === FillerPlace::Left => [$over, 0.0, 0.0],
            $this->fillers === FillerPlace::Right => [0.0, $over, 0.0],
            default => [$over / 2, $over / 2, 0.0],
        };
    }

    /**
     * @param list<WantedFixture> $free
     * @param list<float>  $widths of the units that fill, the widest first
     * @param list<int>    $counts how many of them before each of the fixtures, and after the last
     *
     * @return list<RowUnit>
     */
    private static function lined(array $free, array $widths, array $counts, float $at, float $leftFiller, float $rightFiller): array
    {
        $units = [];
        $place = static function (RowUnit $unit) use (&$units, &$at): void {
            if ($unit->width > Tolerance::TOUCH) {
                $units[] = $unit;
                $at = $unit->right();
            }
        };
        $place(new RowUnit(FixtureKind::Filler, $at, $leftFiller));
        foreach ($counts as $number => $count) {
            foreach (array_splice($widths, 0, $count) as $width) {
                $place(new RowUnit(FixtureKind::BaseCabinet, $at, $width));
            }
            if (isset($free[$number])) {
                array_map($place, $free[$number]->units($at));
            }
        }
        $place(new RowUnit(FixtureKind::Filler, $at, $rightFiller));

        return $units;
    }

    /**
     * @param list<RowUnit> $units
     *
     * @return list<RowUnit>
     */
    private static function withFillersTogether(array $units): array
    {
        $together = [];
        foreach ($units as $unit) {
            $last = end($together);
            if ($last !== false && $last->kind === FixtureKind::Filler && $unit->kind === FixtureKind::Filler) {
                array_pop($together);
                $unit = new RowUnit(FixtureKind::Filler, $last->left, $last->width + $unit->width);
            }
            $together[] = $unit;
        }

        return $together;
    }
}
