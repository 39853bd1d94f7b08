<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Point;

/** The number of a finding where it is seen upright. */
final class FindingMark
{
    public static function draw(int $number, Point $at): string
    {
        return Svg::pinned($at, 'item-mark', Svg::element('circle', ['r' => 9]).Svg::element('text', ['y' => 4], (string) $number));
    }
}
