<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** Something met at a distance, mm: the straight line to it, and which segment it is. */
final readonly class Meeting
{
    public function __construct(public float $distance, public Segment $line, public int $segment) {}
}
