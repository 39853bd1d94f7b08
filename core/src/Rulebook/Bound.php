<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Language\Text;
use Heurema\Units\Amount;

/** Which side of its limit a measured amount has to keep. */
enum Bound: string
{
    case AtLeast = 'at_least';
    case AtMost = 'at_most';
    case MoreThan = 'more_than';
    case LessThan = 'less_than';

    public function words(): string
    {
        return Text::word($this->value);
    }

    public function isKept(Amount $amount, Amount $limit): bool
    {
        return match ($this) {
            self::AtLeast => $amount->isAtLeast($limit),
            self::AtMost => $amount->isAtMost($limit),
            self::MoreThan => !$amount->isAtMost($limit),
            self::LessThan => !$amount->isAtLeast($limit),
        };
    }

    /** How far an amount keeps clear of its limit, in the limit's unit; negative when it falls short. */
    public function margin(Amount $amount, Amount $limit): float
    {
        return in_array($this, [self::AtLeast, self::MoreThan], true) ? $amount->minus($limit) : $limit->minus($amount);
    }
}
