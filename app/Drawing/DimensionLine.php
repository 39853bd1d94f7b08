<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;

/** A dimension: a line between two ticks with its text, if any, beside the middle, readable from the bottom or the right. */
final readonly class DimensionLine
{
    /**
     * @param string                     $text   empty: none
     * @param int                        $level    where the text stands, px below the line
     * @param array{?string, ?string} $elements at its ends: it can be typed where there is one
     * @param float                      $along    how far towards its end from its middle the text stands, mm
     * @param Point|null                 $leader   where the line ends that leads to a text that stands elsewhere
     */
    public function __construct(
        private Segment $segment,
        private string $text = '',
        private int $level = -6,
        private array $elements = [null, null],
        private float $along = 0.0,
        private ?Point $leader = null,
        private DimensionEnd $end = new DimensionEnd(),
    ) {}

    public function draw(): string
    {
        $vector = $this->segment->vector();
        $angle = $this->segment->length() > 0 ? rad2deg(atan2(-$vector->y, $vector->x)) : 0.0;
        $upright = $this->segment->length() > 0 ? (new TextAlong($this->segment->direction()))->degrees() : 0.0;
        $text = Svg::element('text', ['y' => $this->level], Svg::text($this->text));
        $turned = Svg::element('g', ['transform' => 'rotate('.Svg::number($upright).')'], $text);

        return Svg::element('g', ['class' => $this->end->look->classes(), ...self::typed($this->segment, ...$this->elements)], Svg::element(
            'path',
            ['class' => 'dimension-line', 'd' => Svg::line([$this->segment->from, $this->segment->to])],
        )
            .Svg::pinned($this->segment->from, '', $this->end->draw($angle, true))
            .Svg::pinned($this->segment->to, '', $this->end->draw($angle, false))
            .$this->leader()
            .($this->text === '' ? '' : Svg::pinned($this->at(), 'dimension-text', $turned)));
    }

    private function at(): Point
    {
        return $this->along === 0.0 ? $this->segment->middle() : $this->segment->at($this->segment->length() / 2 + $this->along);
    }

    private function leader(): string
    {
        return $this->leader === null
            ? ''
            : Svg::element('path', ['class' => 'dimension-leader', 'd' => Svg::line([$this->segment->middle(), $this->leader])]);
    }

    /**
     * @param string|null $from id of the element at the start, if any
     *
     * @return array<string, string> what typing it needs to know
     */
    public static function typed(Segment $line, ?string $from, ?string $to): array
    {
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
