<?php

declare(strict_types=1);

namespace Heurema\Projection;

use Heurema\Geometry\Segment;
use Heurema\Scene\Material;

/** A line that is seen, in mm across and up. */
final readonly class SeenLine
{
    /** @param bool $isCut it bounds what the plane cuts */
    public function __construct(public Segment $line, public Material $material, public bool $isCut) {}
}
