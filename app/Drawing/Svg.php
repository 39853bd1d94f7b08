<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;

/** Writes SVG: plan millimetres as user units with y turned down, every attribute and text escaped. */
final class Svg
{
    /** @param array<string, string|float|int|null> $attributes */
    public static function element(string $name, array $attributes, string $content = ''): string
    {
        $written = '';
        foreach ($attributes as $attribute => $value) {
            if ($value !== null) {
                $written .= ' '.$attribute.'="'.e(is_float($value) ? self::number($value) : (string) $value).'"';
            }
        }

        return "<{$name}{$written}>{$content}</{$name}>";
    }

    public static function text(string $text): string
    {
        return e($text);
    }

    public static function path(Polygon|Ring $shape): string
    {
        $rings = $shape instanceof Polygon ? $shape->rings() : [$shape];

        return implode('', array_map(static fn(Ring $ring): string => self::line($ring->points).'Z', $rings));
    }

    /** @param list<Point> $points */
    public static function line(array $points): string
    {
        return 'M'.implode('L', array_map(self::at(...), $points));
    }

    public static function at(Point $point): string
    {
        return self::number($point->x).' '.self::number(-$point->y);
    }

    /** A group whose content is in pixels, at a point of the plan, the same size at every zoom. */
    /** With what is pinned at a fixed size: a pixel of it is so many user units. For drawings that no page scales. */
    public static function withPinsScaled(string $drawn, float $scale): string
    {
        return str_replace('<g class="pin ', '<g transform="scale('.round($scale, 3).')" class="pin ', $drawn);
    }

    public static function pinned(Point $at, string $class, string $content): string
    {
        return self::element(
            'g',
            ['transform' => 'translate('.self::at($at).')'],
            self::element('g', ['class' => "pin {$class}"], $content),
        );
    }

    /**
     * What is seen only while so many mm of the plan are under a pixel: from the first number on, up to the second.
     *
     * @param float $now how many there are at first
     */
    public static function seen(float $from, float $to, string $content, float $now): string
    {
        return self::element('g', [
            'data-seen' => round($from, 4).' '.($to === INF ? 'Infinity' : round($to, 4)),
            'hidden' => $now >= $from && $now < $to ? null : '',
        ], $content);
    }

    /** Of a part of the plane, y upwards. */
    public static function viewBox(Box $box): string
    {
        return implode(' ', array_map(self::number(...), [$box->left, -$box->top, $box->width(), $box->height()]));
    }

    public static function number(float $number): string
    {
        return (string) (round($number, 1) + 0.0);
    }
}
