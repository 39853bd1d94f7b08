<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Layout\SectionLine;

/** The line of a section with its letter at both ends, each in an arrow that points to where one looks. */
final readonly class SectionLineDrawing
{
    /** Of the arrow, px. */
    private const HALF = 12.0;

    public function __construct(private SectionLine $section) {}

    public function draw(): string
    {
        return $this->line().$this->names();
    }

    public function line(): string
    {
        $line = Svg::line([$this->section->from, $this->section->to]);

        return $this->group(
            Svg::element('path', ['class' => 'axis-hold', 'd' => $line]).Svg::element('path', ['class' => 'section-cut', 'd' => $line]),
        );
    }

    /** Its letter at both ends. */
    public function names(): string
    {
        $look = $this->section->line()->direction()->left();
        // upwards is negative on the page
        [$x, $y] = [$look->x * self::HALF, -$look->y * self::HALF];
        $arrow = Svg::element('path', [
            'd' => sprintf('M%.2f %.2fL%.2f %.2fL%.2f %.2fZ', -$y * 1.2, $x * 1.2, $x * 1.5, $y * 1.5, $y * 1.2, -$x * 1.2),
        ]);
        $name = $arrow.Svg::element('circle', ['r' => self::HALF * 0.8]).Svg::element('text', ['y' => 4], Svg::text($this->section->name));

        return $this->group(implode('', array_map(
            static fn(Point $end): string => Svg::pinned($end, 'section-name', $name),
            [$this->section->from, $this->section->to],
        )));
    }

    /** @return list<Box> what its names cover, with their arrows */
    public function boxes(float $scale): array
    {
        return array_map(
            static fn(Point $end): Box => Box::at($end, 3 * self::HALF * $scale, 3 * self::HALF * $scale),
            [$this->section->from, $this->section->to],
        );
    }

    private function group(string $content): string
    {
        return Svg::element('g', ['class' => 'section-line', 'data-subject' => $this->section->id], $content);
    }
}
