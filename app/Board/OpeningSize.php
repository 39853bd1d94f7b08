<?php

declare(strict_types=1);

namespace App\Board;

/** What a new opening is to be like. */
final readonly class OpeningSize
{
    /**
     * @param float                $width  mm
     * @param array<string, mixed> $others values of the document beside it
     * @param float                $sideLight width of a fixed light on either side of it, mm
     */
    public function __construct(public float $width, public array $others, public float $sideLight = 0.0) {}

    /** With what stands on either side of it. */
    public function wholeWidth(): float
    {
        return $this->width + 2 * $this->sideLight;
    }
}
