<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

/** A named exception: where it holds, the rule is met by it. */
final readonly class Exemption
{
    public function __construct(public string $name, public Expression $when) {}
}
