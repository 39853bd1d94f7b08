<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;

/** Names of rooms in an axonometric drawing: each where most of it lies over the floor of its room, clear of what stands in the drawing. */
final readonly class AxonometricNames
{
    /** Size of the letters, and the height of a name with what is kept clear around it, px. */
    public const LETTERS = 12.0;
    private const HEIGHT = 15.0;

    /**
     * @param list<array{string, non-empty-list<array{float, float, float}>}> $names each with places for its middle, mm of the drawing, and
     *     how good each of them is, the best first
     */
    public function __construct(public array $names, private float $scale) {}

    /**
     * A name that finds no free place is left away.
     *
     * @param list<Box> $taken mm of the drawing
     */
    public function draw(array $taken): string
    {
        $drawn = '';
        foreach ($this->names as [$name, $places]) {
            foreach ($places as [$x, $y]) {
                $box = $this->box($name, new Point($x, $y));
                if (array_filter($taken, $box->overlaps(...)) === []) {
                    $text = Svg::element('text', ['class' => 'room-name', 'y' => 4], Svg::text($name));
                    $drawn .= Svg::pinned(new Point($x, $y), 'room-label', $text);
                    $taken[] = $box;
                    break;
                }
            }
        }

        return $drawn;
    }

    private function box(string $name, Point $at): Box
    {
        return Box::at($at, (TextSize::width($name, self::LETTERS) + 4.0) * $this->scale, self::HEIGHT * $this->scale);
    }
}
