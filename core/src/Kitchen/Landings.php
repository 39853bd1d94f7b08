<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Layout\Words\FixtureKind;

/**
 * The worktop beside what is worked at in a plan, along the fronts and around corners, held against the trade's planning guidelines (from
 * memory). In mm.
 */
final readonly class Landings
{
    private const INCH = 25.4;

    /** Inches at the longer side and at the shorter one. */
    private const ADVISED = [
        [FixtureKind::Sink, 36.0, 18.0], [FixtureKind::Cooktop, 15.0, 12.0], [FixtureKind::Range, 15.0, 12.0],
        [FixtureKind::Refrigerator, 15.0, 0.0], [FixtureKind::Oven, 15.0, 0.0],
    ];

    /** Inches that each has for itself beside it, and what two that share it need more. */
    private const BESIDE = ['sink' => 24.0, 'cooktop' => 15.0, 'range' => 15.0, 'refrigerator' => 15.0, 'oven' => 15.0];
    private const SHARED = 12.0;

    /** How far a dishwasher may be from a sink, and how near to fronts at a right angle to it. */
    private const NEAR_SINK = 36.0;
    private const STAND = 21.0;

    /** Joints are closed, mm. */
    private const JOINT = 1.0;

    public function __construct(private KitchenPlan $plan) {}

    /** What two fixtures at either end of a worktop are advised to share, mm; null: one of them needs none. */
    public static function shared(FixtureKind $one, FixtureKind $other): ?float
    {
        [$a, $b] = [self::BESIDE[$one->value] ?? null, self::BESIDE[$other->value] ?? null];

        return $a === null || $b === null ? null : (max($a, $b) + self::SHARED) * self::INCH;
    }

    /** By how much all of them together fall short. */
    public function short(): float
    {
        $short = 0.0;
        foreach ($this->plan->rows as $row => $units) {
            foreach ($units->units as $number => $unit) {
                $short += $this->shortAt($row, $number, $unit);
            }
        }

        return $short + $this->shortShared();
    }

    /**
     * What two fixtures share is to be as long as the longer of the two that they are advised to have, and 12 in more.
     */
    private function shortShared(): float
    {
        $short = 0.0;
        foreach ($this->plan->rows as $row => $units) {
            foreach ($units->units as $number => $unit) {
                [$length, $at] = $this->reachTo($row, $number, 1);
                $needed = $at === null ? null : self::shared($unit->use(), $this->plan->rows[$at[0]]->units[$at[1]]->use());
                $short += $needed === null || $length <= self::JOINT ? 0.0 : max(0.0, $needed - $length);
            }
        }

        return $short;
    }

    /** @return array{float, float} at the left and the right of a unit, from what is set in it */
    public function of(int $row, int $number): array
    {
        return [$this->reachTo($row, $number, -1)[0], $this->reachTo($row, $number, 1)[0]];
    }

    private function shortAt(int $row, int $number, RowUnit $unit): float
    {
        foreach (self::ADVISED as [$kind, $longer, $shorter]) {
            if ($unit->use() === $kind) {
                $sides = $this->of($row, $number);

                return max(0.0, $longer * self::INCH - max($sides)) + max(0.0, $shorter * self::INCH - min($sides));
            }
        }

        return $unit->kind === FixtureKind::Dishwasher
            ? $this->tooFarFromSink($unit, $this->plan->rows[$row]) + $this->tooNearToCorner($unit, $row)
            : 0.0;
    }

    private function tooNearToCorner(RowUnit $unit, int $row): float
    {
        $fronts = $this->plan->rows[$row];
        $short = fn(float $away): float => max(0.0, self::STAND * self::INCH - $away);

        return max(
            isset($this->plan->corners[$row - 1]) ? $short($unit->left - $fronts->from) : 0.0,
            isset($this->plan->corners[$row]) ? $short($fronts->to - $unit->right()) : 0.0,
        );
    }

    private function tooFarFromSink(RowUnit $unit, Row $row): float
    {
        $away = array_map(
            static fn(RowUnit $sink): float => max(0.0, $unit->left - $sink->right(), $sink->left - $unit->right()),
            array_filter($row->units, static fn(RowUnit $one): bool => $one->use() === FixtureKind::Sink),
        );

        return $away === [] ? 0.0 : max(0.0, min($away) - self::NEAR_SINK * self::INCH);
    }

    /**
     * @param int $way -1: to the left, 1: to the right
     *
     * @return array{float, array{int, int}|null} how long the worktop is, and the row and number of what stands at its end
     */
    private function reachTo(int $row, int $number, int $way): array
    {
        $unit = $this->plan->rows[$row]->units[$number];
        $length = self::margin($unit);
        $at = $way < 0 ? $unit->left : $unit->right();
        while (true) {
            $number += $way;
            $next = $this->plan->rows[$row]->units[$number] ?? null;
            if ($next === null) {
                $around = $row + $way;
                if (!isset($this->plan->rows[$around]) || $this->plan->corners === []) {
                    return [$length, null];
                }
                // the worktop goes on to the fronts of the next row
                $row = $around;
                $number = $way < 0 ? count($this->plan->rows[$row]->units) : -1;
                $at = $way < 0 ? $this->plan->rows[$row]->to : $this->plan->rows[$row]->from;

                continue;
            }
            if (!$this->isBeside($row, $next, $at, $way)) {
                return [$length, null];
            }
            if (!$next->isLanding() || !$this->plan->rows[$row]->carriesWorktop($number)) {
                return [$length + self::margin($next), [$row, $number]];
            }
            $length += $this->shown($row, $next);
            $at = $way < 0 ? $next->left : $next->right();
        }
    }

    /** The worktop beside what is set in it over a unit, at either side. */
    private static function margin(RowUnit $unit): float
    {
        return $unit->isUnderWorktop() ? ($unit->width - BuiltUnits::setInWidth($unit)) / 2 : 0.0;
    }

    private function isBeside(int $row, RowUnit $next, float $at, int $way): bool
    {
        $edge = $way < 0 ? min($next->right(), $this->plan->rows[$row]->to) : max($next->left, $this->plan->rows[$row]->from);

        return abs($edge - $at) <= self::JOINT;
    }

    /** How much of its width is seen along the fronts. */
    private function shown(int $row, RowUnit $unit): float
    {
        $row = $this->plan->rows[$row];

        return $unit->diagonal ?? max(0.0, min($unit->right(), $row->to) - max($unit->left, $row->from));
    }
}
