<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Segment;

/** A row of dimensions on one line; a text that has no room over its own part steps aside, over or under its neighbours'. */
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

    /** @param list<Segment> $parts in order along the line */
    public function draw(array $parts): string
    {
        $this->full = array_fill_keys(self::LEVELS, -INF);
        $start = $parts === [] ? null : $parts[0]->from;
        $drawn = '';
        foreach ($parts as $part) {
            $text = ($this->write)($part->length());
            $middle = $start === null ? 0.0 : $start->distanceTo($part->middle()) / $this->scale;
            $drawn .= (new DimensionLine($part, $text, '', $this->level($middle, mb_strlen($text) * self::LETTER_WIDTH / 2)))->draw();
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
