<?php

declare(strict_types=1);

namespace Heurema\Ifc\Step;

/** `.WORD.` among the values of an entity; `.T.` and `.F.` are true and false. */
final readonly class Enumeration
{
    public function __construct(public string $word) {}
}
