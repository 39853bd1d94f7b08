<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Language\Text;

/** A rule book that says something it cannot mean: the file, the line where it stands, and why. */
final class UnreadableRuleBook extends \RuntimeException
{
    public function __construct(string $file, ?int $line, string $reason)
    {
        parent::__construct(basename($file).($line === null ? '' : Text::of(', line {line}', line: $line)).": {$reason}");
    }
}
