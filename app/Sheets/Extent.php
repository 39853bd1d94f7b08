<?php

declare(strict_types=1);

namespace App\Sheets;

/** How far something reaches around its anchor on paper, mm. */
final readonly class Extent
{
    public function __construct(public float $left, public float $right, public float $up, public float $down) {}

    /** With the anchor in its middle. */
    public static function around(float $width, float $height): self
    {
        return new self($width / 2, $width / 2, $height / 2, $height / 2);
    }

    public function width(): float
    {
        return $this->left + $this->right;
    }

    public function height(): float
    {
        return $this->up + $this->down;
    }

    /** As wide as a line below it at the least. */
    public function atLeast(float $width): self
    {
        $more = max(0.0, $width - $this->width()) / 2;

        return new self($this->left + $more, $this->right + $more, $this->up, $this->down);
    }
}
