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

    public function draw(): string
    {
        $drawn = array_map(fn(Witness $witness): string => $this->drawn($witness), $this->here());

        return Svg::element(
            'g',
            ['class' => 'witness witness-'.str_replace('_', '-', $this->finding->verdict()->value)],
            $drawn === [] ? $this->subject() : implode('', $drawn),
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
            Witness::DIMENSION => $this->dimension(new Segment($witness->lines()[0][0], $witness->lines()[0][1]), $this->text($witness)),
            Witness::OUTLINE => $this->outline($witness),
            default => Svg::pinned(
                $witness->lines()[0][0],
                'witness-mark',
                Svg::element('circle', ['r' => 9]).self::caption($this->text($witness)),
            ),
        };
    }

    /**
     * Where the dimension is the measured amount itself, the required one is drawn from the same start, dashed; both are said as the book
     * says them.
     */
    private function dimension(Segment $segment, string $text): string
    {
        $measured = $this->finding->outcome->measured;
        $limit = $this->finding->outcome->limit;
        $isMeasured = $measured?->quantity === Quantity::Length
            && abs($measured->number - $segment->length()) < 1.0
            && $segment->length() > 1.0;
        if (!$isMeasured || $limit === null || $this->finding->missedText() === null) {
            return (new DimensionLine($segment, $text))->draw();
        }
        $required = new Segment($segment->from, $segment->at($limit->number));
        $words = ($this->finding->verdict() === Verdict::Advised ? 'recommended ' : 'required ').$this->finding->limitBriefly();

        return Svg::element('path', ['class' => 'required', 'd' => Svg::line([$required->from, $required->to])])
            .(new DimensionLine($segment, $this->finding->measuredBriefly() ?? $text, $words))->draw();
    }

    private function outline(Witness $witness): string
    {
        $rings = array_map(static fn(array $points): Ring => new Ring($points), $witness->lines());

        return Svg::element(
            'path',
            ['class' => 'witness-outline', 'd' => Svg::path(new Polygon($rings[0], array_slice($rings, 1))), 'fill-rule' => 'evenodd'],
        );
    }

    private function text(Witness $witness): string
    {
        return $this->finding->wording->say($witness->text);
    }

    private static function caption(string $text): string
    {
        return $text === '' ? '' : Svg::element('text', ['y' => -15], Svg::text($text));
    }
}
