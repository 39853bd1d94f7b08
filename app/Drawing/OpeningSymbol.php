<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Box;
use Heurema\Geometry\Frame;
use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Layout\Words\DoorOperation;
use Heurema\Layout\Words\HingeEnd;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Layout\Words\WallSide;
use Heurema\Spatial\PlacedOpening;

/** A door, window or gap: the wall cut open, and what closes it. x runs along the wall, y to its left. */
final readonly class OpeningSymbol
{
    private float $half;
    private float $face;
    private Frame $frame;

    public function __construct(private PlacedOpening $opening)
    {
        $this->half = ($opening->opening->width ?? 600.0) / 2;
        $this->face = $opening->wall->thickness / 2;
        $this->frame = Frame::along($opening->middle(), $opening->wall->line()->direction());
    }

    public function draw(): string
    {
        $kind = $this->opening->opening->kind;
        $cut = Svg::element('path', ['class' => 'cut', 'd' => Svg::path($this->box(-$this->half, $this->half, -$this->face - 1, $this->face + 1))]);
        $jambs = $this->lines([[-$this->half, -$this->face], [-$this->half, $this->face]], [[$this->half, -$this->face], [$this->half, $this->face]]);

        return Svg::element('g', ['class' => "opening {$kind->value}", 'data-subject' => $this->opening->id()], $cut.$jambs.match ($kind) {
            OpeningKind::Window => $this->window(),
            OpeningKind::Door => $this->door(),
            OpeningKind::Gap => '',
        });
    }

    /** The box around a single leaf and its swing; null when nothing swings. */
    public static function swingOf(PlacedOpening $opening): ?Box
    {
        $symbol = new self($opening);
        if ($opening->opening->door?->operation !== DoorOperation::Hinged) {
            return null;
        }
        $reach = ($opening->opening->door->opens === WallSide::Right ? -1 : 1) * ($symbol->face + 2 * $symbol->half);

        return Box::around([$symbol->plan(-$symbol->half, 0), $symbol->plan($symbol->half, $reach)]);
    }

    private function window(): string
    {
        $faces = [$this->face, -$this->face, $this->face * 0.25, -$this->face * 0.25];

        return $this->lines(...array_map(fn(float $y): array => [[-$this->half, $y], [$this->half, $y]], $faces));
    }

    private function door(): string
    {
        $half = $this->half;

        return match ($this->opening->opening->door?->operation) {
            DoorOperation::Hinged => $this->leaf($this->opening->opening->door->hinge === HingeEnd::To ? $half : -$half, 2 * $half),
            DoorOperation::DoubleHinged => $this->leaf(-$half, $half).$this->leaf($half, $half),
            DoorOperation::Sliding, DoorOperation::Bypass => $this->lines([[-$half, $this->face * 0.3], [$half * 0.1, $this->face * 0.3]], [[-$half * 0.1, -$this->face * 0.3], [$half, -$this->face * 0.3]]),
            DoorOperation::Pocket => $this->lines([[-$half * 3, 0], [-$half * 0.4, 0]]),
            DoorOperation::Folding => $this->lines([[-$half, 0], [-$half * 0.75, $half * 0.45], [-$half * 0.5, 0]], [[$half, 0], [$half * 0.75, $half * 0.45], [$half * 0.5, 0]]),
            DoorOperation::Overhead => $this->lines([[-$half, -$this->face * 0.4], [$half, -$this->face * 0.4]], [[-$half, $this->face * 0.4], [$half, $this->face * 0.4]]),
            null => $this->lines([[-$half, 0], [$half, 0]]),
        };
    }

    /** A leaf standing open at a right angle, and the quarter circle that its edge sweeps. */
    private function leaf(float $hinge, float $length): string
    {
        $side = $this->opening->opening->door?->opens === WallSide::Right ? -1 : 1;
        $towards = $hinge > 0 ? -1 : 1;
        $from = $this->plan($hinge, $side * $this->face);
        $open = $this->plan($hinge, $side * ($this->face + $length));
        $closed = $this->plan($hinge + $towards * $length, $side * $this->face);
        // seen on the page, with y down, the edge sweeps clockwise when the leaf opens to the left of a hinge at the start
        $sweep = $side * $towards > 0 ? 1 : 0;
        $radius = Svg::number($length);
        $arc = 'M'.Svg::at($open)."A{$radius} {$radius} 0 0 {$sweep} ".Svg::at($closed);

        return Svg::element('path', ['class' => 'leaf', 'd' => Svg::line([$from, $open])]).Svg::element('path', ['class' => 'swing', 'd' => $arc]);
    }

    /** @param list<array{float, float}> ...$lines */
    private function lines(array ...$lines): string
    {
        $paths = array_map(fn(array $line): string => Svg::line(array_map(fn(array $point): Point => $this->plan($point[0], $point[1]), $line)), $lines);

        return Svg::element('path', ['class' => 'frame', 'd' => implode('', $paths)]);
    }

    private function box(float $left, float $right, float $bottom, float $top): Ring
    {
        return new Ring([$this->plan($left, $bottom), $this->plan($right, $bottom), $this->plan($right, $top), $this->plan($left, $top)]);
    }

    private function plan(float $x, float $y): Point
    {
        return $this->frame->toPlan(new Point($x, $y));
    }
}
