<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Layout\Axis;

/** An axis as a faint line of dashes and dots with its letter or number at the end that lies farther up or left. */
final readonly class AxisDrawing
{
    /** Of the circle around the name, in pixels. */
    private const RADIUS = 11.0;

    public function __construct(private Axis $axis) {}

    public function draw(): string
    {
        $line = Svg::line([$this->axis->from, $this->axis->to]);
        $name = Svg::element('circle', ['r' => self::RADIUS]).Svg::element('text', ['y' => 4], Svg::text($this->axis->name));

        return Svg::element(
            'g',
            ['class' => 'axis', 'data-subject' => $this->axis->id],
            Svg::element('path', ['class' => 'axis-hold', 'd' => $line]).Svg::element('path', ['class' => 'axis-line', 'd' => $line])
                .Svg::pinned($this->end(), 'axis-name', $name),
        );
    }

    /** What its name covers. */
    public function box(float $scale): Box
    {
        return Box::at($this->end(), 2 * self::RADIUS * $scale, 2 * self::RADIUS * $scale);
    }

    private function end(): Point
    {
        [$from, $to] = [$this->axis->from, $this->axis->to];
        $isUpright = abs($to->y - $from->y) > abs($to->x - $from->x);

        return $isUpright ? ($from->y > $to->y ? $from : $to) : ($from->x < $to->x ? $from : $to);
    }
}
