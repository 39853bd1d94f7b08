<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

/** Rows of units that belong together, from left to right around inner corners. Lengths in mm. */
final readonly class KitchenPlan
{
    /** By how much worktops beside what is worked at fall short of what the trade's planning guidelines advise. */
    public float $short;

    /** @var list<float|int> what is compared, the first before the next */
    private array $marks;

    /**
     * @param non-empty-list<Row> $rows
     * @param list<CornerKind>    $corners between one row and the next; none: they do not meet
     */
    public function __construct(public array $rows, public array $corners = [])
    {
        $this->short = (new Landings($this))->short();
        $this->marks = [
            round($this->sum(static fn(Row $row): float => $row->beforeWindows())),
            round($this->short),
            round($this->over(), 1),
            $this->count(),
            round($this->sum(static fn(Row $row): float => $row->spread()), 1),
        ];
    }

    /** How many units, without fillers. */
    public function count(): int
    {
        return array_sum(array_map(static fn(Row $row): int => $row->count(), $this->rows));
    }

    /** The width of all fillers, and of what stays open at ends. */
    public function over(): float
    {
        return $this->sum(static fn(Row $row): float => $row->filled() + $row->left);
    }

    /**
     * The better one first: that with less before windows that does not belong there, whose worktops fall short by less, then that with
     * less over, fewer units, more even ones.
     */
    public function compare(self $other): int
    {
        return $this->marks <=> $other->marks;
    }

    /** @param \Closure(Row): float $of */
    private function sum(\Closure $of): float
    {
        return array_sum(array_map($of, $this->rows));
    }
}
