<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Drafting\Dimension;

/**
 * A row of dimensions on one line; a text that has no room over its own part steps aside, over or under its neighbours'. What can be
 * typed says which elements stand at its ends.
 */
final class ChainDrawing
{
    private const LETTER_WIDTH = 6.6;
    private const LEVELS = [-6, 16, -21];

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
            $drawn .= (new DimensionLine(
                $part->line,
                $text,
                $below,
                $this->level($middle, mb_strlen($text) * self::LETTER_WIDTH / 2),
                [$part->from, $part->to],
            ))->draw();
        }

        return $drawn;
    }

    private function level(float $middle, float $half): int
    {
        foreach (self::LEVELS as $level) {
            if ($middle - $half > $this->full[$level] + 3) {
                $this->full[$level] = $middle + $half;

                return $level;
            }
        }

        return self::LEVELS[0];
    }
}
