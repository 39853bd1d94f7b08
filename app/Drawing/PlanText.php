<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;

/** A text at a place of the plan, as large at every zoom. */
final readonly class PlanText
{
    /** Its letters reach so far over the line that they stand on, as a share of their size, and below it. */
    private const OVER = 0.8;
    private const UNDER = 0.25;

    /**
     * @param float $size of its letters, px
     * @param float $y    the line that they stand on, px below the place
     */
    public function __construct(
        public Point $at,
        private string $text,
        private float $size = 12.0,
        private float $y = 0.0,
    ) {}

    /** As it stands in what is pinned to its place. */
    public function element(): string
    {
        return Svg::element('text', ['y' => $this->y], Svg::text($this->text));
    }

    /** @param float $scale mm under a pixel */
    public function box(float $scale): Box
    {
        $middle = $this->y + $this->size * (self::UNDER - self::OVER) / 2;

        return Box::at(
            $this->at->minus(new Point(0, $middle * $scale)),
            TextSize::width($this->text, $this->size) * $scale,
            $this->size * (self::UNDER + self::OVER) * $scale,
        );
    }
}
