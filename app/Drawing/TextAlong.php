<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;

/** A text along a direction of the plan, turned so that it reads from the bottom or the right of the sheet. */
final readonly class TextAlong
{
    /** A letter's width, px a px of size. */
    private const LETTER_WIDTH = 0.55;

    /** Of a unit vector: less is taken for none. */
    private const NONE = 1e-5;

    /** @param Point $direction of length 1 */
    public function __construct(private Point $direction) {}

    /** The way that it reads. */
    public function reading(): Point
    {
        $isAgainst = $this->direction->x < -self::NONE || (abs($this->direction->x) <= self::NONE && $this->direction->y < 0);

        return $isAgainst ? $this->direction->times(-1) : $this->direction;
    }

    /** How far it is turned on the page, degrees clockwise. */
    public function degrees(): float
    {
        $reading = $this->reading();

        return rad2deg(atan2(-$reading->y, $reading->x));
    }

    public function isAslant(): bool
    {
        return min(abs($this->direction->x), abs($this->direction->y)) > self::NONE;
    }

    /**
     * What covers it: the box around it when it is turned.
     *
     * @param float $wide along the direction, mm
     * @param float $high across it, mm
     */
    public function box(Point $middle, float $wide, float $high): Box
    {
        [$x, $y] = [abs($this->direction->x), abs($this->direction->y)];

        return Box::at($middle, $x * $wide + $y * $high, $y * $wide + $x * $high);
    }

    /**
     * @param float $size of its letters, px
     *
     * @return float px
     */
    public static function width(string $text, float $size): float
    {
        return mb_strlen($text) * self::LETTER_WIDTH * $size;
    }
}
