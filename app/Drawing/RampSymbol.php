<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Segment;
use Heurema\Layout\RampRun;
use Heurema\Spatial\PlacedRamp;
use Heurema\Spatial\RampPart;
use Heurema\Units\Decimal;

/** A ramp from above: its runs and landings, an arrow up each run with its slope beside. */
final readonly class RampSymbol
{
    /** How long the barbs of the arrow are, mm. */
    private const BARB = 120.0;

    public function __construct(private PlacedRamp $ramp) {}

    public function draw(): string
    {
        return Svg::element(
            'g',
            ['class' => 'stair ramp', 'data-subject' => $this->ramp->id()],
            implode('', array_map($this->part(...), $this->ramp->shape->parts)),
        );
    }

    private function part(RampPart $placed): string
    {
        $outline = Svg::element('path', ['class' => 'step', 'd' => Svg::path($placed->outline)]);
        if (!$placed->part instanceof RampRun) {
            return $outline;
        }
        $way = self::way($placed);

        return $outline
            .Svg::element('path', ['class' => 'climb', 'd' => Svg::line([$way->from, $way->to]).$this->barbs($way)])
            .Svg::pinned($way->middle(), 'ramp-slope', self::slopeText($placed, $placed->part)->element());
    }

    /** @return list<PlanText> what is written on it */
    public function texts(): array
    {
        $texts = [];
        foreach ($this->ramp->shape->parts as $part) {
            $texts = [...$texts, ...$part->part instanceof RampRun ? [self::slopeText($part, $part->part)] : []];
        }

        return $texts;
    }

    private static function way(RampPart $placed): Segment
    {
        $line = $placed->way;

        return new Segment($line->at($line->length() * 0.1), $line->at($line->length() * 0.9));
    }

    private static function slopeText(RampPart $placed, RampRun $run): PlanText
    {
        return new PlanText(self::way($placed)->middle(), self::slope($run), 12.0, -6.0);
    }

    private static function slope(RampRun $run): string
    {
        return $run->rise === null
            ? __('up')
            : '1:'.Decimal::trim($run->length / $run->rise, 1);
    }

    private function barbs(Segment $way): string
    {
        $back = $way->direction()->times(-self::BARB);
        $aside = $way->direction()->left()->times(self::BARB / 2);

        return Svg::line([$way->to->plus($back)->plus($aside), $way->to, $way->to->plus($back)->minus($aside)]);
    }
}
