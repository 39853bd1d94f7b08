<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Layout\Fixture;
use Heurema\Layout\Words\FixtureKind;

/**
 * What hangs over the rows of a plan, its tops in one line: a unit in each corner first, then as the base units stand below; a hood over
 * what is cooked on; nothing before a window or beside it.
 */
final readonly class WallUnits
{
    /** A unit keeps clear of a window, mm. */
    private const BESIDE_WINDOW = 101.6;

    /** How deep a hood is, and the least height of a unit, mm. */
    private const HOOD_DEPTH = 500.0;
    private const LEAST_HEIGHT = 200.0;

    /** Lengths agree, mm. */
    private const SAME = 0.5;

    public function __construct(
        private UnitSizes $sizes,
        private UnitWidths $widths,
        private WallUnitOptions $options = new WallUnitOptions(),
    ) {}

    /** @return list<Fixture> */
    public function over(KitchenPlan $plan): array
    {
        $hung = [];
        foreach ($plan->rows as $number => $row) {
            $top = min($this->sizes->top, $row->stretch->ceiling ?? INF);
            if ($row->stretch->isIsland || $top - $this->sizes->underside < self::LEAST_HEIGHT) {
                continue;
            }
            $corners = [isset($plan->corners[$number - 1]), isset($plan->corners[$number])];
            foreach ($corners[1] ? [$this->corner($row->stretch, $top)] : [] as $unit) {
                $hung[] = $unit;
            }
            // what stands in a corner at its left belongs to the row before it
            $inCorner = ($plan->corners[$number - 1] ?? null) === CornerKind::Diagonal
                ? [new RowUnit(FixtureKind::BaseCabinet, 0.0, $this->sizes->corner)]
                : [];
            foreach ([...$inCorner, ...$row->units] as $unit) {
                $hung = [...$hung, ...$this->above($row, $unit, $this->free($row, $corners), $top)];
            }
        }

        return $hung;
    }

    /**
     * @param list<array{float, float}> $free
     *
     * @return list<Fixture>
     */
    private function above(Row $row, RowUnit $unit, array $free, float $top): array
    {
        return match ($unit->use()) {
            FixtureKind::Cooktop, FixtureKind::Range => $this->hood($row, $unit),
            FixtureKind::Refrigerator => $this->overRefrigerator($row, $unit, $top),
            FixtureKind::TallCabinet, FixtureKind::Oven => [],
            default => $this->unit($row, $unit, $free, $top),
        };
    }

    /** @return list<Fixture> */
    private function hood(Row $row, RowUnit $unit): array
    {
        $width = BuiltUnits::setInWidth($unit);
        return $row->stretch->windowed($unit->left, $unit->right()) > 0.0 ? [] : [
            BuiltUnits::at($row->stretch, FixtureKind::Hood, $unit->left + ($unit->width - $width) / 2, $width)
                ->sized($width, self::HOOD_DEPTH, $this->sizes->hoodHeight, $this->sizes->worktop() + $this->sizes->overCooking),
        ];
    }

    /** @return list<Fixture> */
    private function overRefrigerator(Row $row, RowUnit $unit, float $top): array
    {
        $base = $this->sizes->refrigerator + $this->sizes->air;

        return $top - $base < self::LEAST_HEIGHT || $row->stretch->windowed($unit->left, $unit->right()) > 0.0 ? [] : [
            BuiltUnits::at($row->stretch, FixtureKind::WallCabinet, $unit->left, $unit->width)
                ->sized($unit->width, $this->options->isDeep ? $this->sizes->depth : $this->sizes->wallDepth, $top - $base, $base),
        ];
    }

    /**
     * As wide as what stands below; where a window or a corner takes some of it, the widest that is left room for.
     *
     * @param list<array{float, float}> $free
     *
     * @return list<Fixture>
     */
    private function unit(Row $row, RowUnit $unit, array $free, float $top): array
    {
        $hung = [];
        foreach ($free as [$from, $to]) {
            [$left, $right] = [max($from, $unit->left), min($to, $unit->right())];
            if ($right - $left < self::SAME) {
                continue;
            }
            $isWhole = $right - $left > $unit->width - self::SAME;
            $kind = $unit->kind === FixtureKind::Filler ? FixtureKind::Filler : FixtureKind::WallCabinet;
            $width = $isWhole || $kind === FixtureKind::Filler ? $right - $left : $this->widths->atMost($right - $left);
            if ($width !== null) {
                // it stays where its neighbour is
                $at = $left > $unit->left + self::SAME ? $right - $width : $left;
                $hung[] = BuiltUnits::at($row->stretch, $kind, $at, $width)
                    ->sized($width, $this->sizes->wallDepth, $top - $this->sizes->underside, $this->sizes->underside)
                    ->withGlassDoors($this->options->haveGlass && $kind === FixtureKind::WallCabinet ? true : null);
            }
        }

        return $hung;
    }

    /**
     * @param array{bool, bool} $corners at its left and its right
     *
     * @return list<array{float, float}> stretches that no window and no corner unit takes
     */
    private function free(Row $row, array $corners): array
    {
        $length = $row->stretch->length();
        $free = [[$corners[0] ? $this->sizes->depth : 0.0, $length - ($corners[1] ? $this->sizes->depth : 0.0)]];
        foreach ($row->stretch->windows as $window) {
            if (($window->head ?? INF) <= $this->sizes->underside) {
                continue;
            }
            [$from, $to] = [$window->left - self::BESIDE_WINDOW, $window->right + self::BESIDE_WINDOW];
            /** @var list<array{float, float}> $parts */
            $parts = [];
            foreach ($free as [$left, $right]) {
                $parts = [...$parts, [$left, min($right, $from)], [max($left, $to), $right]];
            }
            $free = array_values(array_filter($parts, static fn(array $part): bool => $part[1] - $part[0] > self::SAME));
        }

        return $free;
    }

    /** In the corner at the right end, its front cut off between the fronts of both rows. */
    private function corner(Stretch $stretch, float $top): Fixture
    {
        [$wide, $deep] = [$this->sizes->depth, $this->sizes->wallDepth];

        return BuiltUnits::at($stretch, FixtureKind::WallCabinet, $stretch->length() - $wide, $wide)
            ->sized($wide, $wide, $top - $this->sizes->underside, $this->sizes->underside)
            ->withOutline((new DiagonalCorner($deep, $wide))->outline($wide, $wide), round($wide, 4), round($wide, 4))
            ->withGlassDoors($this->options->haveGlass ? true : null);
    }
}
