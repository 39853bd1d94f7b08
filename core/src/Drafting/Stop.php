<?php

declare(strict_types=1);

namespace Heurema\Drafting;

/** A place along a dimension, and the element that begins or ends there. */
final readonly class Stop
{
    /**
     * @param float       $at      mm from the start of the line
     * @param string|null $element id of the wall, opening or fixture that goes along when the place is moved
     */
    public function __construct(public float $at, public ?string $element = null) {}
}
