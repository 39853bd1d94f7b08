<?php

declare(strict_types=1);

namespace Heurema\Ifc\Shape;

use Heurema\Geometry\Ring;

/** An outline on plan from one height to another, in mm. */
final readonly class Prism
{
    /** @param list<Ring> $holes */
    public function __construct(public Ring $outline, public array $holes, public float $bottom, public float $top) {}
}
