<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Segment;

/** What a sweep met first, how far away in mm, and the straight line to it. */
final readonly class Hit
{
    public function __construct(public float $distance, public Segment $line, public string $what) {}
}
