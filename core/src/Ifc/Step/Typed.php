<?php

declare(strict_types=1);

namespace Heurema\Ifc\Step;

/** `IFCLABEL('x')` among the values of an entity: a value with the type that it is meant as. */
final readonly class Typed
{
    public function __construct(public string $type, public mixed $value) {}
}
