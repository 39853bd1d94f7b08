<?php

declare(strict_types=1);

namespace App\Board;

/** What a new opening is to be like. */
final readonly class OpeningSize
{
    /**
     * @param float                $width  mm
     * @param array<string, mixed> $others values of the document beside it
     */
    public function __construct(public float $width, public array $others) {}
}
