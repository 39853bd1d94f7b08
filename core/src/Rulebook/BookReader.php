<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

/** Reads a rule book from its file. */
interface BookReader
{
    /** @throws UnreadableRuleBook */
    public function readFile(string $file): RuleBook;
}
