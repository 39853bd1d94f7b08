<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Language\Text;
use Heurema\Measure\Parameters;
use Heurema\Rulebook\Language\Speech;

/** A measure that answers with a word or with yes or no, and the answers that do. */
final readonly class WordRequirement
{
    /** @param non-empty-list<bool|string> $wanted */
    public function __construct(public string $measure, public Parameters $with, public array $wanted) {}

    /** `hinged or sliding` */
    public function words(): string
    {
        return implode(Text::of(' or '), array_map(Speech::word(...), $this->wanted));
    }
}
