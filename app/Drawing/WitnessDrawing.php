<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Measure\Witness;
use Heurema\Review\Finding;
use Heurema\Review\Verdict;
use Heurema\Spatial\RoomSpace;
use Heurema\Units\Quantity;

/** What a finding saw, drawn over the plan of one storey; where it saw nothing, what it speaks of is marked. */
final readonly class WitnessDrawing
{
    /** Around what is marked, mm. */
    private const AROUND = 120.0;

    public function __construct(private Finding $finding, private string $storey) {}

    /** @param WitnessFigures $places finds where its figures stand, at the scale of the plan beneath */
    public function draw(WitnessFigures $places): string
    {
        return $this->group($places->draw($this->figures(), $this->lines()));
    }

    /** On a page, where one goes nearer and farther. */
    public function drawForAllScales(WitnessFigures $places): string
    {
        return $this->group($places->drawForAll($this->figures(), $this->lines()));
    }

    private function group(string $figures): string
    {
        $drawn = array_map(fn(Witness $witness): string => $this->drawn($witness), $this->here());

        return Svg::element(
            'g',
            ['class' => 'witness witness-'.str_replace('_', '-', $this->finding->verdict()->value)],
            $drawn === [] ? $this->subject() : implode('', $drawn).$figures,
        );
    }

    /** `left top width height` around everything it draws, and around the room that it speaks of, y down; null when there is nothing. */
    public function bounds(): ?string
    {
        $points = array_merge(...array_map(static fn(Witness $witness): array => array_merge(...$witness->lines()), $this->here()));
        $subject = $this->finding->subject;
        $around = $points === [] || $subject instanceof RoomSpace ? [...$points, ...$this->shape()] : $points;
        if ($around === []) {
            return null;
        }
        $box = Box::around($around);

        return implode(' ', array_map(Svg::number(...), [$box->left, -$box->top, $box->width(), $box->height()]));
    }

    /** @return list<Point> corners of what the finding speaks of, where it is on this storey */
    private function shape(): array
    {
        return $this->finding->subject->storey() === $this->storey ? SubjectShape::points($this->finding->subject) : [];
    }

    private function subject(): string
    {
        $points = $this->shape();
        if ($points === []) {
            return '';
        }
        $box = Box::around($points)->grown(self::AROUND);

        return Svg::element('rect', [
            'class' => 'witness-subject', 'x' => $box->left, 'y' => -$box->top, 'width' => $box->width(), 'height' => $box->height(),
        ]);
    }

    /** @return list<Witness> */
    private function here(): array
    {
        return array_values(array_filter(
            $this->finding->outcome->witness,
            fn(Witness $witness): bool => $witness->storey === $this->storey,
        ));
    }

    private function drawn(Witness $witness): string
    {
        return match ($witness->type) {
            Witness::DIMENSION => $this->required($witness).(new DimensionLine(self::segment($witness)))->draw(),
            Witness::OUTLINE => $this->outline($witness),
            default => Svg::pinned($witness->lines()[0][0], 'witness-mark', Svg::element('circle', ['r' => 9])),
        };
    }

    /** Where the dimension is the measured amount itself, the required one is drawn from the same start, dashed. */
    private function required(Witness $witness): string
    {
        $segment = self::segment($witness);
        $limit = $this->isMeasured($segment) ? $this->finding->outcome->limit : null;

        return $limit === null ? '' : Svg::element('path', [
            'class' => 'required',
            'd' => Svg::line([$segment->from, $segment->at($limit->number)]),
        ]);
    }

    /** Its length is what was measured, and misses what is asked for. */
    private function isMeasured(Segment $segment): bool
    {
        $measured = $this->finding->outcome->measured;

        return $measured?->quantity === Quantity::Length
            && abs($measured->number - $segment->length()) < 1.0
            && $segment->length() > 1.0
            && $this->finding->outcome->limit !== null
            && $this->finding->missedText() !== null;
    }

    private static function segment(Witness $witness): Segment
    {
        return new Segment($witness->lines()[0][0], $witness->lines()[0][1] ?? $witness->lines()[0][0]);
    }

    /** @return list<non-empty-list<WitnessFigure>> what is written beside dimensions and marks, each where it may stand */
    private function figures(): array
    {
        $figures = [];
        foreach ($this->here() as $witness) {
            $words = array_values(array_filter($this->words($witness), static fn(string $words): bool => $words !== ''));
            if ($words !== [] && $witness->type !== Witness::OUTLINE) {
                $figures[] = $witness->type === Witness::DIMENSION
                    ? WitnessFigure::ofDimension(self::segment($witness), $words)
                    : WitnessFigure::ofMark($witness->lines()[0][0], $words);
            }
        }

        return $figures;
    }

    /** @return list<string> what is measured, and what is asked for as the book says it */
    private function words(Witness $witness): array
    {
        $text = $this->finding->wording->say($witness->text);
        if ($witness->type !== Witness::DIMENSION || !$this->isMeasured(self::segment($witness))) {
            return [$text];
        }
        $asked = $this->finding->verdict() === Verdict::Advised ? __('recommended') : __('required');

        return [$this->finding->measuredBriefly() ?? $text, "{$asked} {$this->finding->limitBriefly()}"];
    }

    /** @return list<Segment> what it draws */
    private function lines(): array
    {
        $lines = [];
        foreach ($this->here() as $witness) {
            foreach ($witness->lines() as $points) {
                foreach (array_slice($points, 1) as $number => $point) {
                    $lines[] = new Segment($points[$number], $point);
                }
                $lines = [...$lines, ...count($points) === 1 ? [new Segment($points[0], $points[0])] : []];
            }
        }

        return $lines;
    }

    private function outline(Witness $witness): string
    {
        $rings = array_map(static fn(array $points): Ring => new Ring($points), $witness->lines());

        return Svg::element(
            'path',
            ['class' => 'witness-outline', 'd' => Svg::path(new Polygon($rings[0], array_slice($rings, 1))), 'fill-rule' => 'evenodd'],
        );
    }
}
