<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Spatial\Stair\Cover;

/** Something over a stair in an upright section. */
final readonly class SectionCover
{
    /** @param non-empty-list<array{float, float}> $underside along the line one walks and above the foot, mm */
    public function __construct(public array $underside, public Cover $cover) {}
}
