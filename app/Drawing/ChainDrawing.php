<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Drafting\Dimension;
use Heurema\Geometry\Box;
use Heurema\Geometry\Point;

/**
 * Rows of dimensions, each on one line. A text stands over the middle of its own part; where something else is written there it moves along
 * the part, else aside, over or under its neighbours', and where these are full too, farther along the row, with a line that leads to it.
 * What can be typed says which elements stand at its ends.
 */
final class ChainDrawing
{
    /** Half of a letter's height, and how far over and under the dimension the lines of texts are: px a px of size. */
    private const HALF_HEIGHT = 0.45;
    private const FAR_ABOVE = 1.25;
    private const BELOW = 0.85;

    /** From the dimension to what stands nearest over it and under it, px. */
    private const OVER = 6;
    private const UNDER = 6;

    /** A leader ends so far over what stands under the line, and under what stands over it, px. */
    private const OVER_TEXT = 10.0;
    private const UNDER_TEXT = 2.0;

    /** Texts keep so far apart, px. */
    private const APART = 3.0;

    /** Places along its own part, as shares of the room that is left there. */
    private const WITHIN = [0.0, 0.5, -0.5, 0.9, -0.9];

    /** How far along the row a text steps at a time, px, and how often. */
    private const STEP = 8.0;
    private const STEPS = 14;

    private readonly FreePlaces $places;

    /** @var array{int, int, int} where texts stand, px below the line: over it, under it, over what stands over it */
    private readonly array $levels;

    /**
     * @param float                    $scale  mm under a pixel
     * @param callable(float): string  $write
     * @param FreePlaces|null          $places what else is written on the drawing; null: nothing
     * @param DimensionLook            $look   of texts and ends
     */
    public function __construct(
        private readonly float $scale,
        private $write,
        ?FreePlaces $places = null,
        private readonly DimensionLook $look = new DimensionLook(),
    ) {
        $this->places = $places ?? new FreePlaces(60.0 * $scale);
        $size = $look->size();
        $this->levels = [
            -self::OVER,
            self::UNDER + (int) round($size * self::BELOW),
            -self::OVER - (int) round($size * self::FAR_ABOVE),
        ];
    }

    /**
     * @param list<Dimension> $parts in order along the line
     * @param string          $more  of each, beside its text
     */
    public function draw(array $parts, string $more = ''): string
    {
        $placed = [];
        // what has room over its own part is not pushed away by what has none
        foreach ([true, false] as $hasRoom) {
            foreach ($parts as $number => $part) {
                $text = ($this->write)($part->length()).$more;
                if ($this->hasRoom($part, $text) === $hasRoom) {
                    $placed[$number] = $this->place($part, $text);
                }
            }
        }
        ksort($placed);

        return implode('', array_map(static fn(DimensionLine $line): string => $line->draw(), $placed));
    }

    private function hasRoom(Dimension $part, string $text): bool
    {
        return $part->length() / $this->scale >= $this->width($text);
    }

    private function place(Dimension $part, string $text): DimensionLine
    {
        $wished = $this->wished($part, $text);
        [$level, $along] = $wished[$this->places->findShape(array_map(
            fn(array $one): array => $this->boxes($part, $this->width($text), ...$one),
            $wished,
        ))];
        $isFar = abs($along) > $part->length() / $this->scale / 2;
        $leader = $isFar ? $this->middle($part, $level > 0 ? $level - self::OVER_TEXT : $level + self::UNDER_TEXT, $along) : null;

        $ends = [$part->from, $part->to];

        return new DimensionLine(
            segment: $part->line,
            text: $text,
            level: $level,
            elements: $ends,
            along: $along * $this->scale,
            leader: $leader,
            end: $this->end($part),
        );
    }

    /** Arrows stand outside of what is too short for them. */
    private function end(Dimension $part): DimensionEnd
    {
        return new DimensionEnd($this->look, $part->length() / $this->scale < DimensionEnd::SHORT);
    }

    /** So many px below the line and along it from its middle, as its text reads. */
    private function middle(Dimension $part, float $level, float $along): Point
    {
        $direction = $part->line->direction();
        $up = (new TextAlong($direction))->reading()->left();

        return $part->line->middle()->plus($direction->times($along * $this->scale))->minus($up->times($level * $this->scale));
    }

    /** @return non-empty-list<array{int, float}> level, and how far along the row from the middle of its part, px; the best first */
    private function wished(Dimension $part, string $text): array
    {
        $left = max(0.0, $part->length() / $this->scale - $this->width($text)) / 2;
        $wished = [];
        foreach ($left > 0.0 ? [$this->levels[0], $this->levels[1]] : [] as $level) {
            array_push($wished, ...array_map(static fn(float $share): array => [$level, $share * $left], self::WITHIN));
        }
        $wished = [...$wished, ...array_map(static fn(int $level): array => [$level, 0.0], $this->levels)];
        for ($step = 1; $step <= self::STEPS; ++$step) {
            foreach ($this->levels as $level) {
                array_push($wished, [$level, $left + $step * self::STEP], [$level, -$left - $step * self::STEP]);
            }
        }

        return $wished;
    }

    /** @return non-empty-list<Box> what a text covers, mm of the plan; aslant it is covered by several */
    private function boxes(Dimension $part, float $wide, int $level, float $along): array
    {
        $direction = $part->line->direction();
        $text = new TextAlong($direction);
        $middle = $this->middle($part, $level - self::HALF_HEIGHT * $this->look->size(), $along);
        $high = 2 * self::HALF_HEIGHT * $this->look->size();
        $count = $text->isAslant() ? max(1, (int) ceil($wide / $high)) : 1;

        return array_map(fn(int $number): Box => $text->box(
            $middle->plus($direction->times((($number + 0.5) / $count - 0.5) * $wide * $this->scale)),
            $wide / $count * $this->scale,
            $high * $this->scale,
        ), range(0, $count - 1));
    }

    /** Of a text with the room that it keeps to others, px. */
    private function width(string $text): float
    {
        return TextAlong::width($text, $this->look->size()) + self::APART;
    }
}
