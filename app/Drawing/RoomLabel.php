<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;

/** The label of a room as it stands on a plan, as large at every zoom. */
final readonly class RoomLabel
{
    private const LETTER_WIDTH = 6.6;
    private const LINE_HEIGHT = 17.0;

    /** From a line of letters to the next, and from the top of the first one's line to its letters' foot, px. */
    private const STEP = 16;
    private const FOOT = 13;

    /** From the label's edge to the middle of a sign before it, and above it, px. */
    public const BESIDE = 11.0;
    private const ABOVE = 12.0;

    /** Between the label and the line that leads from it, px. */
    private const GAP = 3.0;

    /**
     * @param Point                  $at            where it is pinned to the plan
     * @param non-empty-list<string> $name          in lines
     * @param list<string>           $figures       lines under the name
     * @param bool                   $isTurned      it reads from the right of the sheet
     * @param bool                   $hasSignBefore a sign stands before the name, else above it
     * @param Point                  $aside         how far its middle is from where it is pinned, px to the right and up
     * @param Point|null             $leader        in the room, where the label stands beside it
     */
    public function __construct(
        public Point $at,
        public array $name,
        public array $figures = [],
        public bool $isTurned = false,
        private bool $hasSignBefore = false,
        private Point $aside = new Point(0, 0),
        private ?Point $leader = null,
    ) {}

    /** From the middle of such lines to their edge, px. */
    public static function half(string ...$lines): float
    {
        return max(0, ...array_map(mb_strlen(...), $lines)) * self::LETTER_WIDTH / 2;
    }

    /** @return non-empty-list<string> */
    public function lines(): array
    {
        return [...$this->name, ...$this->figures];
    }

    public function at(Point $at): self
    {
        return new self(
            at: $at,
            name: $this->name,
            figures: $this->figures,
            isTurned: $this->isTurned,
            hasSignBefore: $this->hasSignBefore,
            aside: $this->aside,
            leader: $this->leader,
        );
    }

    /** @param list<string> $figures lines under the name */
    public function saying(array $figures): self
    {
        return new self(
            at: $this->at,
            name: $this->name,
            figures: $figures,
            isTurned: $this->isTurned,
            hasSignBefore: $this->hasSignBefore,
            aside: $this->aside,
            leader: $this->leader,
        );
    }

    /** The same beside a place, in a direction along the sheet, with a line that leads from there to the room. */
    public function led(Point $at, Point $direction, Point $leader): self
    {
        $half = new Point(self::half(...$this->lines()) + self::GAP, count($this->lines()) * self::LINE_HEIGHT / 2);

        return new self(
            $at,
            $this->name,
            $this->figures,
            aside: new Point($direction->x * $half->x, $direction->y * $half->y),
            leader: $leader,
        );
    }

    /** Of its lines, and of room for a sign at either end. */
    public function box(float $scale): Box
    {
        $middle = $this->at->plus($this->aside->times($scale));
        $along = 2 * (self::half(...$this->lines()) + ($this->hasSignBefore ? self::BESIDE : 0.0)) * $scale;
        $across = count($this->lines()) * self::LINE_HEIGHT * $scale;

        return $this->isTurned ? Box::at($middle, $across, $along) : Box::at($middle, $along, $across);
    }

    /**
     * @param float $scale mm under a pixel
     *
     * @return list<Box> what it covers, and the sign of a verdict
     */
    public function boxes(float $scale): array
    {
        [$x, $y] = $this->sign();
        $sign = $this->at->plus(new Point($x * $scale, -$y * $scale));

        return [$this->box($scale), Box::at($sign, 2 * FixedTexts::SIGN * $scale, 2 * FixedTexts::SIGN * $scale)];
    }

    /** @return array{float, float} where the sign of a verdict goes, px to the right and down from where the label is pinned */
    public function sign(): array
    {
        $half = $this->isTurned ? self::half(...$this->lines()) : count($this->lines()) * self::STEP / 2;
        [$x, $y] = $this->hasSignBefore ? [-self::half(...$this->lines()) - self::BESIDE, -7.0] : [0.0, -$half - self::ABOVE];

        return [$this->aside->x + $x, $y - $this->aside->y];
    }

    public function draw(): string
    {
        $lines = $this->lines();
        $text = '';
        foreach ($lines as $number => $line) {
            $text .= Svg::element('text', [
                'class' => $number >= count($this->name) ? 'room-area' : 'room-name',
                'y' => Svg::number(self::STEP * $number - self::STEP / 2 * count($lines) + self::FOOT),
            ], Svg::text($line));
        }
        $placed = match (true) {
            $this->isTurned => Svg::element('g', ['transform' => 'rotate(-90)'], $text),
            $this->leader !== null => Svg::element('g', ['transform' => 'translate('.Svg::at($this->aside).')'], $text),
            default => $text,
        };

        return $this->leading().Svg::pinned($this->at, 'room-label', $placed);
    }

    private function leading(): string
    {
        return $this->leader === null
            ? ''
            : Svg::element('path', ['class' => 'label-leader', 'd' => Svg::line([$this->at, $this->leader])])
                .Svg::pinned($this->leader, 'label-leader-end', Svg::element('circle', ['r' => 2]));
    }
}
