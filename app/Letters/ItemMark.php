<?php

declare(strict_types=1);

namespace App\Letters;

use App\Drawing\Svg;
use Heurema\Geometry\Point;

/** The number of an item where a drawing shows what it is about. */
final class ItemMark
{
    /** px. */
    public const RADIUS = 10.0;

    public static function draw(Point $at, string $number): string
    {
        $circle = Svg::element('circle', ['r' => self::RADIUS]);

        return Svg::pinned($at, 'item-mark', $circle.Svg::element('text', ['y' => 4], Svg::text($number)));
    }
}
