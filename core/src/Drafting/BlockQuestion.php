<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Layout\Block;

/** Something between two blocks that is to be settled before walls are made: a side of each that nearly lie in one line or nearly meet. */
final readonly class BlockQuestion
{
    /**
     * @param BlockSide $side      that of the first which is in question
     * @param BlockSide $otherSide that of the second
     * @param bool      $isGap     the two look at each other over a strip that is left; else they lie in nearly one line
     * @param float     $apart     mm
     */
    public function __construct(
        public Block $first,
        public BlockSide $side,
        public Block $second,
        public BlockSide $otherSide,
        public bool $isGap,
        public float $apart,
    ) {}
}
