<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

/** Rows of units that belong together, from left to right around inner corners. Lengths in mm. */
final readonly class KitchenPlan
{
    /** By how much worktops beside what is worked at fall short of what the trade's planning guidelines advise. */
    public float $short;

    /**
     * @param non-empty-list<Row> $rows
     * @param list<CornerKind>    $corners between one row and the next; none: they do not meet
     */
    public function __construct(public array $rows, public array $corners = [])
    {
        $this->short = (new Landings($this))->short();
    }

    /** How many units, without fillers. */
    public function count(): int
    {
        return array_sum(array_map(static fn(Row $row): int => $row->count(), $this->rows));
    }

    /** The width of all fillers, and of what stays open at ends. */
    public function over(): float
    {
        return array_sum(array_map(static fn(Row $row): float => $row->filled() + $row->left, $this->rows));
    }

    /**
     * The better one first: that with less before windows that does not belong there, whose worktops fall short by less, then that with
     * less over, fewer units, more even ones.
     */
    public function compare(self $other): int
    {
        $marks = static fn(self $plan): array => [
            round(array_sum(array_map(static fn(Row $row): float => $row->beforeWindows(), $plan->rows))),
            round($plan->short), round($plan->over(), 1), $plan->count(),
            round(array_sum(array_map(static fn(Row $row): float => $row->spread(), $plan->rows)), 1),
        ];

        return $marks($this) <=> $marks($other);
    }
}
