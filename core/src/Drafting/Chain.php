<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;

/** Stops in a row along a straight line, to be dimensioned from one to the next, from the first, or from the first to the last. */
final readonly class Chain
{
    private const SAME = Tolerance::TOUCH;

    /** @var list<Stop> in order, none twice */
    public array $stops;

    /**
     * @param Segment    $line  the direction along which the stops count, from its start
     * @param list<Stop> $stops
     */
    public function __construct(public Segment $line, array $stops)
    {
        usort($stops, static fn(Stop $one, Stop $other): int => $one->at <=> $other->at);
        $kept = [];
        foreach ($stops as $stop) {
            $last = array_pop($kept);
            array_push($kept, ...match (true) {
                $last === null => [$stop],
                $stop->at - $last->at > self::SAME => [$last, $stop],
                default => [new Stop($last->at, $last->element ?? $stop->element)],
            });
        }
        $this->stops = $kept;
    }

    /** @return list<Dimension> from each stop to the next */
    public function parts(): array
    {
        $parts = [];
        foreach (array_slice($this->stops, 1) as $number => $stop) {
            $parts[] = $this->between($this->stops[$number], $stop);
        }

        return $parts;
    }

    /** @return list<Dimension> from the first stop to each of the others */
    public function fromBase(): array
    {
        return array_map(fn(Stop $stop): Dimension => $this->between($this->stops[0], $stop), array_slice($this->stops, 1));
    }

    /** @return list<Dimension> from the first stop to the last; none where there is nothing between them */
    public function overall(): array
    {
        $last = count($this->stops) - 1;

        return $last < 1 ? [] : [$this->between($this->stops[0], $this->stops[$last])];
    }

    private function between(Stop $from, Stop $to): Dimension
    {
        return new Dimension(new Segment($this->line->at($from->at), $this->line->at($to->at)), $from->element, $to->element);
    }
}
