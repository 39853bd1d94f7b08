<?php

declare(strict_types=1);

namespace Heurema\Ifc\Step;

/** `#12` among the values of an entity: another entity. */
final readonly class Reference
{
    public function __construct(public int $id) {}
}
