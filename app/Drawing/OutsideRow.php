<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Drafting\Chain;
use Heurema\Geometry\Point;

/** A row of dimensions outside of a storey. */
final readonly class OutsideRow
{
    /** @param Point $out away from the walls, of length 1 */
    public function __construct(public Chain $chain, public Point $out) {}
}
