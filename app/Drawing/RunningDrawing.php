<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Drafting\Chain;
use Heurema\Drafting\Dimension;
use Heurema\Geometry\Box;
use Heurema\Geometry\Point;

/**
 * Running dimensions (ISO 129-1 calls them so; from memory): one line from an origin, at each stop how far it is from there, written square
 * to the line and outside of it.
 */
final readonly class RunningDrawing
{
    /** From the line to its text, px. */
    private const OVER = 7.0;

    /** Where a text may stand that has no room at its own stop: so far along the line, in its own height, and then farther out. */
    private const ALONG = [0.0, 0.6, -0.6, 1.1, -1.1, 1.8, -1.8];

    private FreePlaces $places;

    /**
     * @param float                    $scale  mm under a pixel
     * @param \Closure(float): string  $write
     */
    public function __construct(private float $scale, private \Closure $write, ?FreePlaces $places, private DimensionLook $look)
    {
        $this->places = $places ?? new FreePlaces(60.0 * $scale);
    }

    /** @param Point $out away from the walls, of length 1 */
    public function draw(Chain $chain, Point $out): string
    {
        $whole = $chain->overall()[0] ?? null;
        if ($whole === null) {
            return '';
        }
        $line = Svg::element('path', ['class' => 'dimension-line', 'd' => Svg::line([$whole->line->from, $whole->line->to])]);
        $origin = Svg::pinned($whole->line->from, 'origin', Svg::element('circle', ['class' => 'origin', 'r' => 4]))
            .$this->text(($this->write)(0.0), $whole->line->from, $out);
        $class = $this->look->classes();

        return Svg::element('g', ['class' => $class], $line.$origin)
            .implode('', array_map(fn(Dimension $part): string => Svg::element(
                'g',
                ['class' => $class, ...DimensionLine::typed($part->line, $part->from, $part->to)],
                $this->stop($part, $out),
            ), $chain->fromBase()));
    }

    private function stop(Dimension $part, Point $out): string
    {
        $vector = $part->line->vector();
        $end = (new DimensionEnd($this->look))->draw(rad2deg(atan2(-$vector->y, $vector->x)), false);

        return Svg::pinned($part->line->to, '', $end).$this->text(($this->write)($part->length()), $part->line->to, $out);
    }

    private function text(string $words, Point $at, Point $out): string
    {
        $size = $this->look->size();
        $along = $out->left();
        $length = TextAlong::width($words, $size);
        $wished = [];
        foreach ([0.0, $length + self::OVER] as $farther) {
            foreach (self::ALONG as $share) {
                $wished[] = $at->plus($out->times((self::OVER + $length / 2 + $farther) * $this->scale))
                    ->plus($along->times($share * $size * $this->scale));
            }
        }
        // square to the line
        $turned = new TextAlong($out);
        $middle = $wished[$this->places->find(array_map(
            fn(Point $one): Box => $turned->box($one, $length * $this->scale, $size * $this->scale),
            $wished,
        ))];
        $leader = $middle->distanceTo($wished[0]) < 1.0
            ? ''
            : Svg::element('path', [
                'class' => 'dimension-leader',
                'd' => Svg::line([$at, $middle->minus($out->times($length / 2 * $this->scale))]),
            ]);
        $text = Svg::element('text', ['y' => Svg::number($size * 0.36)], Svg::text($words));
        $turn = ['transform' => 'rotate('.Svg::number($turned->degrees()).')'];

        return $leader.Svg::pinned($middle, 'dimension-text', Svg::element('g', $turn, $text));
    }
}
