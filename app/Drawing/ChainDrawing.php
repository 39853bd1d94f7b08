<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Drafting\Dimension;
use Heurema\Geometry\Box;

/**
 * A row of dimensions on one line; a text that has no room over its own part steps aside, over or under its neighbours', and where these
 * are full too, farther along the row, with a line that leads to it. What can be typed says which elements stand at its ends.
 */
final class ChainDrawing
{
    private const LETTER_WIDTH = 6.6;
    private const LEVELS = [-6, 16, -21];

    /** Of the letters, above the line that they stand on, px. */
    private const HALF_HEIGHT = 4.5;

    /** Texts on one level keep so far apart, px. */
    private const APART = 3.0;

    /** @var array<int, float> how far along the row each level is written full, px */
    private array $full = [];

    /**
     * @param float                    $scale mm under a pixel
     * @param callable(float): string  $write
     */
    public function __construct(private readonly float $scale, private $write) {}

    /**
     * @param list<Dimension> $parts in order along the line
     * @param string          $below of each, beside its text
     */
    public function draw(array $parts, string $below = ''): string
    {
        $drawn = '';
        foreach ($this->placed($parts) as [$part, $text, $level, $along]) {
            $drawn .= (new DimensionLine($part->line, $text, $below, $level, [$part->from, $part->to], $along))->draw();
        }

        return $drawn;
    }

    /**
     * @param list<Dimension> $parts in order along the line
     *
     * @return list<Box> what their texts cover, mm of the plan
     */
    public function texts(array $parts): array
    {
        return array_map(fn(array $placed): Box => $this->box(...$placed), $this->placed($parts));
    }

    /**
     * @param list<Dimension> $parts
     *
     * @return list<array{Dimension, string, int, float}> each with its text, its level and how far along the row it stands, px
     */
    private function placed(array $parts): array
    {
        $this->full = array_fill_keys(self::LEVELS, -INF);
        $placed = [];
        foreach ($parts as $part) {
            $text = ($this->write)($part->length());
            $middle = $parts[0]->line->from->distanceTo($part->line->middle()) / $this->scale;
            [$level, $along] = $this->place($middle, mb_strlen($text) * self::LETTER_WIDTH / 2);
            $placed[] = [$part, $text, $level, $along];
        }

        return $placed;
    }

    private function box(Dimension $part, string $text, int $level, float $along): Box
    {
        $direction = $part->line->direction();
        // it reads from the bottom or the right, as DimensionLine turns it
        $isAgainst = $direction->x < -1e-5 || (abs($direction->x) <= 1e-5 && $direction->y < 0);
        $up = ($isAgainst ? $direction->times(-1) : $direction)->left();
        $middle = $part->line->middle()
            ->plus($direction->times($along * $this->scale))
            ->plus($up->times((self::HALF_HEIGHT - $level) * $this->scale));
        [$wide, $high] = [mb_strlen($text) * self::LETTER_WIDTH, 2 * self::HALF_HEIGHT];

        return Box::at(
            $middle,
            (abs($direction->x) * $wide + abs($direction->y) * $high) * $this->scale,
            (abs($direction->y) * $wide + abs($direction->x) * $high) * $this->scale,
        );
    }

    /** @return array{int, float} the level of a text, and how far along the row from the middle of its part it stands, px */
    private function place(float $middle, float $half): array
    {
        [$level, $at] = [self::LEVELS[0], INF];
        foreach (self::LEVELS as $one) {
            $there = max($middle, $this->full[$one] + self::APART + $half);
            [$level, $at] = $there < $at ? [$one, $there] : [$level, $at];
        }
        $this->full[$level] = $at + $half;

        return [$level, $at - $middle];
    }
}
