<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Segment;
use Heurema\Layout\RampRun;
use Heurema\Spatial\PlacedRamp;
use Heurema\Spatial\RampPart;

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
        $line = $placed->way;
        $way = new Segment($line->at($line->length() * 0.1), $line->at($line->length() * 0.9));

        return $outline
            .Svg::element('path', ['class' => 'climb', 'd' => Svg::line([$way->from, $way->to]).$this->barbs($way)])
            .Svg::pinned($way->middle(), 'ramp-slope', Svg::element('text', ['y' => -6], Svg::text($this->slope($placed->part))));
    }

    private function slope(RampRun $run): string
    {
        return $run->rise === null ? 'up' : sprintf('1:%s', rtrim(rtrim(number_format($run->length / $run->rise, 1, '.', ''), '0'), '.'));
    }

    private function barbs(Segment $way): string
    {
        $back = $way->direction()->times(-self::BARB);
        $aside = $way->direction()->left()->times(self::BARB / 2);

        return Svg::line([$way->to->plus($back)->plus($aside), $way->to, $way->to->plus($back)->minus($aside)]);
    }
}
