<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Segment;

/** A dimension: a line between two ticks with its text beside the middle, readable from the bottom or the right. */
final readonly class DimensionLine
{
    /** A leader ends so far over what stands under the line, and under what stands over it, px. */
    private const OVER_TEXT = 10;
    private const UNDER_TEXT = 2;

    /**
     * @param int                        $level    where the text stands, px below the line
     * @param array{?string, ?string} $elements at its ends: it can be typed where there is one
     * @param float                      $along    how far towards its end from its middle the text stands, px
     * @param bool                       $isFar    a line leads to it
     */
    public function __construct(
        private Segment $segment,
        private string $text,
        private string $below = '',
        private int $level = -6,
        private array $elements = [null, null],
        private float $along = 0.0,
        private bool $isFar = false,
    ) {}

    public function draw(): string
    {
        $vector = $this->segment->vector();
        $angle = $this->segment->length() > 0 ? rad2deg(atan2(-$vector->y, $vector->x)) : 0.0;
        $upright = $angle > 89.999 ? $angle - 180 : ($angle < -90.001 ? $angle + 180 : $angle);
        $tick = Svg::element('path', ['d' => 'M-5 5L5 -5', 'class' => 'tick', 'transform' => 'rotate('.Svg::number($angle).')']);
        // the text may read against the line
        $along = $this->along * (abs($upright - $angle) > 90.0 ? -1.0 : 1.0);
        $text = $this->leader($along)
            .Svg::element('text', ['y' => $this->level, ...$along === 0.0 ? [] : ['x' => Svg::number($along)]], Svg::text($this->text));
        $below = $this->below === '' ? '' : Svg::element('text', ['y' => 20, 'class' => 'dimension-below'], Svg::text($this->below));
        $texts = Svg::element('g', ['transform' => 'rotate('.Svg::number($upright).')'], $text.$below);

        return Svg::element('g', ['class' => 'dimension', ...$this->typed()], Svg::element(
            'path',
            ['class' => 'dimension-line', 'd' => Svg::line([$this->segment->from, $this->segment->to])],
        )
            .Svg::pinned($this->segment->from, '', $tick)
            .Svg::pinned($this->segment->to, '', $tick)
            .Svg::pinned($this->segment->middle(), 'dimension-text', $texts));
    }

    /** From the middle of the line to a text that stands elsewhere. */
    private function leader(float $along): string
    {
        $end = Svg::number($along).' '.($this->level > 0 ? $this->level - self::OVER_TEXT : $this->level + self::UNDER_TEXT);

        return !$this->isFar ? '' : Svg::element('path', ['class' => 'dimension-leader', 'd' => "M0 0L{$end}"]);
    }

    /** @return array<string, string> what typing it needs to know */
    private function typed(): array
    {
        [$from, $to] = $this->elements;
        $line = $this->segment;

        return $from === null && $to === null ? [] : [
            'data-dimension' => implode(
                ' ',
                array_map(static fn(float $at): float => round($at, 4) + 0.0, [$line->from->x, $line->from->y, $line->to->x, $line->to->y]),
            ),
            'data-from' => (string) $from,
            'data-to' => (string) $to,
        ];
    }
}
