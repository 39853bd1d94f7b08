<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Frame;
use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Layout\Words\DoorOperation;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Layout\Words\WindowOperation;
use Heurema\Spatial\DoorLeaf;
use Heurema\Spatial\FoldingLeaves;
use Heurema\Spatial\PlacedOpening;

/** A door, window or gap: the wall cut open, and what closes it. x runs along the wall, y to its left. */
final readonly class OpeningSymbol
{
    private float $half;
    private float $face;
    private Frame $frame;

    /** @param bool $hasSwings the way of its leaves is drawn, and they stand open */
    public function __construct(private PlacedOpening $opening, private bool $hasSwings = true)
    {
        $this->half = ($opening->opening->width ?? 600.0) / 2;
        $this->face = $opening->wall->thickness / 2;
        $this->frame = Frame::along($opening->middle(), $opening->wall->line()->direction());
    }

    public function draw(): string
    {
        $kind = $this->opening->opening->kind;
        $cut = Svg::element(
            'path',
            ['class' => 'cut', 'd' => Svg::path($this->box(-$this->half, $this->half, -$this->face - 1, $this->face + 1))],
        );
        $jambs = $this->lines(
            [[-$this->half, -$this->face], [-$this->half, $this->face]],
            [[$this->half, -$this->face], [$this->half, $this->face]],
        );

        return Svg::element('g', ['class' => "opening {$kind->value}", 'data-subject' => $this->opening->id()], $cut.$jambs.match ($kind) {
            OpeningKind::Window => $this->window(),
            OpeningKind::Door => $this->door().$this->threshold(),
            OpeningKind::Bare => $this->beam(),
        });
    }

    /** The sill at both faces, and the sash: one pane, two that slide past each other, or one above the other. */
    private function window(): string
    {
        [$half, $face, $sash] = [$this->half, $this->face, $this->face * 0.25];
        $panes = match ($this->opening->opening->window?->operation) {
            WindowOperation::Sliding => [[[-$half, $sash], [$half * 0.08, $sash]], [[-$half * 0.08, -$sash], [$half, -$sash]]],
            WindowOperation::Hung, WindowOperation::DoubleHung => [[[-$half, $sash], [$half, $sash]], [[-$half, -$sash], [$half, -$sash]]],
            WindowOperation::Louvred => array_map(
                static fn(int $slat): array => [[$half * $slat / 5, -$sash], [$half * $slat / 5, $sash]],
                range(-4, 4),
            ),
            default => [[[-$half, 0.0], [$half, 0.0]]],
        };

        return $this->lines([[-$half, $face], [$half, $face]], [[-$half, -$face], [$half, -$face]], ...$panes);
    }

    /** An outside door has its threshold drawn along the face that looks out. */
    private function threshold(): string
    {
        if ($this->opening->isToOutside() !== true) {
            return '';
        }
        $y = ($this->opening->left->isOpenAir() === true ? 1 : -1) * ($this->face + 25.0);

        return Svg::element(
            'path',
            ['class' => 'threshold', 'd' => Svg::line([$this->plan(-$this->half - 40.0, $y), $this->plan($this->half + 40.0, $y)])],
        );
    }

    /** The edge of the wall above a bare opening. */
    private function beam(): string
    {
        return Svg::element(
            'path',
            [
                'class' => 'beam',
                'd' => Svg::line([$this->plan(-$this->half, $this->face), $this->plan($this->half, $this->face)])
                    .Svg::line([$this->plan(-$this->half, -$this->face), $this->plan($this->half, -$this->face)]),
            ],
        );
    }

    private function door(): string
    {
        $half = $this->half;

        return match ($this->opening->opening->door?->operation) {
            DoorOperation::Hinged, DoorOperation::DoubleHinged => $this->leaves(),
            DoorOperation::Sliding, DoorOperation::Bypass => $this->lines(
                [[-$half, $this->face * 0.3], [$half * 0.1, $this->face * 0.3]],
                [[-$half * 0.1, -$this->face * 0.3], [$half, -$this->face * 0.3]],
            ),
            DoorOperation::Pocket => $this->lines([[-$half * 3, 0], [-$half * 0.4, 0]]),
            DoorOperation::Folding => implode(
                '',
                array_map(
                    static fn(array $zigzag): string => Svg::element('path', ['class' => 'leaf', 'd' => Svg::line($zigzag)]),
                    FoldingLeaves::of($this->opening)?->zigzags() ?? [],
                ),
            ),
            DoorOperation::Overhead => $this->lines(
                [[-$half, -$this->face * 0.4], [$half, -$this->face * 0.4]],
                [[-$half, $this->face * 0.4], [$half, $this->face * 0.4]],
            ),
            null => $this->lines([[-$half, 0], [$half, 0]]),
        };
    }

    /** The leaves standing open at a right angle, and the quarter circles that their edges sweep; shut where nobody said how they swing. */
    private function leaves(): string
    {
        $leaves = DoorLeaf::of($this->opening);

        return $leaves === [] || !$this->hasSwings
            ? $this->lines([[-$this->half, 0], [$this->half, 0]])
            : implode('', array_map(self::leaf(...), $leaves));
    }

    private static function leaf(DoorLeaf $leaf): string
    {
        // on the page, with y down, the edge sweeps clockwise from open to closed where the hinge lies counter-clockwise
        $sweep = $leaf->open->minus($leaf->hinge)->cross($leaf->closed->minus($leaf->hinge)) < 0 ? 1 : 0;
        $radius = Svg::number($leaf->width());
        $arc = 'M'.Svg::at($leaf->open)."A{$radius} {$radius} 0 0 {$sweep} ".Svg::at($leaf->closed);

        return Svg::element('path', ['class' => 'leaf', 'd' => Svg::line([$leaf->hinge, $leaf->open])])
            .Svg::element('path', ['class' => 'swing', 'd' => $arc]);
    }

    /** @param list<array{float, float}> ...$lines */
    private function lines(array ...$lines): string
    {
        $paths = array_map(
            fn(array $line): string => Svg::line(array_map(fn(array $point): Point => $this->plan($point[0], $point[1]), $line)),
            $lines,
        );

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
