<?php

declare(strict_types=1);

namespace Heurema\Review;

use Heurema\Language\Text;

/** What a rule says of a subject; the worst first. */
enum Verdict: string
{
    case Violated = 'violated';
    case Advised = 'advised';
    case Undetermined = 'undetermined';
    case Met = 'met';
    case NotApplicable = 'not_applicable';

    /** Does it want somebody's eye? */
    public function isOpen(): bool
    {
        return match ($this) {
            self::Violated, self::Advised, self::Undetermined => true,
            self::Met, self::NotApplicable => false,
        };
    }

    public function words(): string
    {
        return Text::word($this->value);
    }
}
