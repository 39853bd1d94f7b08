<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Drafting\DrawnDimensions;
use Heurema\Drafting\ShownAngle;
use Heurema\Drafting\ShownDimension;
use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Language\Text;

/** The dimensions of a storey that were placed by hand, with lines that lead to what they measure. */
final readonly class PlacedDimensions
{
    /** Between what is measured and the line that leads to it, and how far that goes beyond the dimension, px. */
    private const GAP = 4.0;
    private const BEYOND = 5.0;

    /**
     * @param ChainDrawing $chains draws lengths
     * @param ChainDrawing $radii  draws radii
     * @param float        $scale  mm under a pixel
     */
    public function __construct(
        private DrawnDimensions $drawn,
        private ChainDrawing $chains,
        private ChainDrawing $radii,
        private float $scale,
        private FreePlaces $places,
        private DimensionLook $look,
    ) {}

    /** @return list<string> */
    public function draw(): array
    {
        [$lengths, $angles] = [$this->drawn->lengths(), $this->drawn->angles()];

        return [
            ...array_map(
                fn(ShownDimension $one, string $id): string => self::group($id, $this->length($one)),
                $lengths,
                array_keys($lengths),
            ),
            ...array_map(
                fn(ShownAngle $one, string $id): string => self::group($id, $this->angle($one)),
                $angles,
                array_keys($angles),
            ),
        ];
    }

    private static function group(string $id, string $drawn): string
    {
        return Svg::element('g', ['class' => 'placed-dimension', 'data-subject' => $id], $drawn);
    }

    private function length(ShownDimension $shown): string
    {
        $line = $shown->dimension->line;
        $hold = Svg::element('path', ['class' => 'dimension-hold', 'd' => Svg::line([$line->from, $line->to])]);

        return $hold.$this->leading($shown->from, $line->from).$this->leading($shown->to, $line->to)
            .($shown->isRadius ? $this->radii : $this->chains)->draw([$shown->dimension]);
    }

    /** The line from what is measured to the dimension; none where this lies on it. */
    private function leading(Point $from, Point $to): string
    {
        $line = new Segment($from, $to);
        $gap = self::GAP * $this->scale;

        return $line->length() <= $gap ? '' : Svg::element('path', [
            'class' => 'dimension-leading',
            'd' => Svg::line([$line->at($gap), $line->at($line->length() + self::BEYOND * $this->scale)]),
        ]);
    }

    private function angle(ShownAngle $angle): string
    {
        [$from, , $to] = $angle->arc();
        // on the page, with y down, it runs clockwise where the second arm lies clockwise of the first
        $sweep = $angle->from->cross($angle->to) < 0 ? 1 : 0;
        $radius = Svg::number($angle->radius);
        $arc = 'M'.Svg::at($from)."A{$radius} {$radius} 0 0 {$sweep} ".Svg::at($to);

        return Svg::element('path', ['class' => 'dimension-hold', 'd' => $arc])
            .Svg::element('g', ['class' => $this->look->classes()], Svg::element('path', ['class' => 'dimension-line', 'd' => $arc])
                .$this->angleText($angle));
    }

    private function angleText(ShownAngle $angle): string
    {
        $words = number_format($angle->degrees(), 1, Text::language()->decimalMark(), '').'°';
        $size = $this->look->size();
        $texts = [];
        foreach ([1.2, -1.2, 2.6, -2.6, 4.0] as $lines) {
            $away = $angle->radius + $lines * $size * $this->scale;
            $texts[] = new PlanText($angle->corner->plus($angle->middle()->times($away)), $words, $size, $size * 0.36);
        }
        $found = $this->places->find(array_map(fn(PlanText $text): Box => $text->box($this->scale), $texts));

        return Svg::pinned($texts[$found]->at, 'dimension-text', $texts[$found]->element());
    }
}
