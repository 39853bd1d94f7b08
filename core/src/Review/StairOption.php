<?php

declare(strict_types=1);

namespace Heurema\Review;

/** A number of risers that all books allow, and how deep the treads may then be. In mm. */
final readonly class StairOption
{
    /** Where twice the riser and the tread come to this, mm, one walks evenly: about two feet, as Blondel found (1675). */
    public const EVEN_STEP = 630.0;

    /** What is at most this far from it, mm, counts as comfortable: common practice, no source. */
    private const COMFORTABLE = 20.0;

    public function __construct(
        public int $risers,
        public float $riser,
        public float $leastTread,
        public float $mostTread,
        public int $treads,
    ) {}

    /** The tread within what is allowed that makes the evenest step. */
    public function bestTread(): float
    {
        return max($this->leastTread, min($this->mostTread, self::EVEN_STEP - 2 * $this->riser));
    }

    /** Twice the riser and a tread. */
    public function step(float $tread): float
    {
        return 2 * $this->riser + $tread;
    }

    public function isComfortable(float $tread): bool
    {
        return abs($this->step($tread) - self::EVEN_STEP) <= self::COMFORTABLE;
    }

    /** Does no rule say how deep a tread may be at the most? */
    public function isOpenEnded(): bool
    {
        return $this->mostTread >= StairOptions::DEEPEST_TREAD;
    }

    public function run(float $tread): float
    {
        return $this->treads * $tread;
    }

    /** In degrees. */
    public function pitch(float $tread): float
    {
        return rad2deg(atan2($this->riser, $tread));
    }

    /** @return list<bool|float|int> what options are put in order by */
    public function order(): array
    {
        $best = $this->bestTread();

        return $this->isComfortable($best) ? [false, 0.0, $this->risers] : [true, abs($this->step($best) - self::EVEN_STEP), $this->risers];
    }
}
