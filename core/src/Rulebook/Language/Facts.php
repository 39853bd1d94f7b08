<?php

declare(strict_types=1);

namespace Heurema\Rulebook\Language;

use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Units\Amount;

/** What is known of one subject when a rule is held against it. */
interface Facts
{
    /** As its document has it; empty for what stands in none. */
    public function id(): string;

    public function name(): string;

    public function measure(string $measure, Parameters $with): Measurement;

    /** @return list<self> the related things: `windows`, `doors`, `fixtures` or `rooms` of a room, a storey or the dwelling */
    public function related(string $relation): array;

    /** A project's choice, or the rule book's default. */
    public function setting(string $name): Amount|bool|string;
}
