<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Drafting\Dimension;

/**
 * A row of dimensions on one line; a text that has no room over its own part steps aside, over or under its neighbours', and where these
 * are full too, farther along the row, with a line that leads to it. What can be typed says which elements stand at its ends.
 */
final class ChainDrawing
{
    private const LETTER_WIDTH = 6.6;
    private const LEVELS = [-6, 16, -21];

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
        $this->full = array_fill_keys(self::LEVELS, -INF);
        $start = $parts === [] ? null : $parts[0]->line->from;
        $drawn = '';
        foreach ($parts as $part) {
            $text = ($this->write)($part->length());
            $middle = $start === null ? 0.0 : $start->distanceTo($part->line->middle()) / $this->scale;
            [$level, $along] = $this->place($middle, mb_strlen($text) * self::LETTER_WIDTH / 2);
            $drawn .= (new DimensionLine($part->line, $text, $below, $level, [$part->from, $part->to], $along))->draw();
        }

        return $drawn;
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
