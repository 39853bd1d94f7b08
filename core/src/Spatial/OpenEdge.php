<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Segment;

/** An edge over which one can fall. */
final readonly class OpenEdge
{
    /**
     * @param Segment $line on plan
     * @param float   $drop how far one falls, mm, where it is deepest
     * @param string  $name what it is the edge of
     * @param list<string> $of ids of that
     */
    public function __construct(public Segment $line, public float $drop, public string $name, public array $of) {}
}
