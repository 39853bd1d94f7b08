<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Measure\Unknown;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** What an expression came to for one subject. */
final readonly class ExpressionResult
{
    /**
     * @param list<Message>         $assumptions what was taken on the way
     * @param array<string, Amount> $values      the amounts it was computed from, by measure
     */
    public function __construct(public Amount|bool|string|Unknown $value, public array $assumptions, public array $values) {}
}
