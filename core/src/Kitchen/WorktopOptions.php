<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

/** How the worktops of a kitchen are wanted; lengths in mm. */
final readonly class WorktopOptions
{
    /**
     * @param float      $atEnds    over ends that nothing closes
     * @param float|null $upstand   its height at the wall; null: none
     * @param bool       $isOnePiece around corners, else joined there
     */
    public function __construct(public float $atEnds, public ?float $upstand = null, public bool $isOnePiece = false) {}
}
