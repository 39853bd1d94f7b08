<?php

declare(strict_types=1);

namespace Heurema\Review;

/** What a rule says of a subject; the worst first. */
enum Verdict: string
{
    case Violated = 'violated';
    case Advised = 'advised';
    case Undetermined = 'undetermined';
    case Met = 'met';
    case NotApplicable = 'not_applicable';

    public function words(): string
    {
        return str_replace('_', ' ', $this->value);
    }
}
