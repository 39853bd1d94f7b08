<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Segment;

/** Stops in a row along a straight line, to be dimensioned from one to the next, from the first, or from the first to the last. */
final readonly class Chain
{
    private const SAME = 0.05;

    /** @var list<float> in order, none twice */
    public array $stops;

    /**
     * @param Segment     $line  the direction along which the stops count, from its start
     * @param list<float> $stops mm
     */
    public function __construct(public Segment $line, array $stops)
    {
        sort($stops);
        $kept = [];
        foreach ($stops as $stop) {
            if ($kept === [] || $stop - $kept[count($kept) - 1] > self::SAME) {
                $kept[] = $stop;
            }
        }
        $this->stops = $kept;
    }

    /** @return list<Segment> from each stop to the next */
    public function parts(): array
    {
        $parts = [];
        foreach (array_slice($this->stops, 1) as $number => $stop) {
            $parts[] = $this->between($this->stops[$number], $stop);
        }

        return $parts;
    }

    /** @return list<Segment> from the first stop to each of the others */
    public function fromBase(): array
    {
        return array_map(fn(float $stop): Segment => $this->between($this->stops[0], $stop), array_slice($this->stops, 1));
    }

    /** @return list<Segment> from the first stop to the last; none where there is nothing between them */
    public function overall(): array
    {
        $last = count($this->stops) - 1;

        return $last < 1 ? [] : [$this->between($this->stops[0], $this->stops[$last])];
    }

    private function between(float $from, float $to): Segment
    {
        return new Segment($this->line->at($from), $this->line->at($to));
    }
}
