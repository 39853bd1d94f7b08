<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Drafting\WallElevation;

/** A stretch of a wall of a room that is free for units; in mm along the wall from its left end. */
final readonly class WallStretch
{
    /** @param int $number of the wall, as one turns around in the room to the right */
    public function __construct(
        public WallElevation $wall,
        public int $number,
        public float $from,
        public float $to,
        public Stretch $stretch,
    ) {}

    /** What it is called in an address: the number of the wall and where it begins, to the millimetre. */
    public function key(): string
    {
        return $this->number.'-'.round($this->from);
    }
}
