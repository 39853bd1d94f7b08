<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Measure\Parameters;
use Heurema\Rulebook\Language\Speech;

/** A measure held against a limit. */
final readonly class Comparison
{
    public function __construct(public string $measure, public Parameters $with, public Bound $bound, public Limit $limit) {}

    /** What is measured, in words. */
    public function words(): string
    {
        return Speech::name($this->measure);
    }
}
