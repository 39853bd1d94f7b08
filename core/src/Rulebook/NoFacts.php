<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Measure\Unknown;
use Heurema\Rulebook\Language\Facts;
use Heurema\Units\Amount;

/** Nothing is known of anything: what an expression says all the same, it says by itself. */
final class NoFacts implements Facts
{
    public function id(): string
    {
        return '';
    }

    public function name(): string
    {
        return 'nothing';
    }

    public function measure(string $measure, Parameters $with): Measurement
    {
        return new Unknown([$measure]);
    }

    public function related(string $relation): array
    {
        return [];
    }

    public function setting(string $name): Amount|bool|string
    {
        throw new \LogicException('A setting without a book.');
    }
}
