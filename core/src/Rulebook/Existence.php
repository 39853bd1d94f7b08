<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Language\Text;

/** What related things need: one of them, or every one that counts. */
final readonly class Existence
{
    /** @param non-empty-list<Candidates> $kinds */
    public function __construct(public bool $every, public array $kinds) {}

    public function words(): string
    {
        return implode(Text::of(' or '), array_map(static fn(Candidates $kind): string => Text::word($kind->among), $this->kinds));
    }
}
