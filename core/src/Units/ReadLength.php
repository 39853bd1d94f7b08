<?php

declare(strict_types=1);

namespace Heurema\Units;

/** A typed length as it was understood. */
final readonly class ReadLength
{
    /** @param string $reading in words: `12 feet 6 1/2 inches` */
    public function __construct(public float $mm, public string $reading) {}
}
