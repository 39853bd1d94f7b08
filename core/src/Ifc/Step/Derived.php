<?php

declare(strict_types=1);

namespace Heurema\Ifc\Step;

/** `*` among the values of an entity: follows from the others. */
final readonly class Derived {}
