<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** A piece of the plan: an outer ring, counter-clockwise, less its holes, which run clockwise. */
final readonly class Polygon
{
    /** @param list<Ring> $holes */
    public function __construct(public Ring $outer, public array $holes = []) {}

    /** In square millimetres. */
    public function area(): float
    {
        return array_sum(array_map(static fn(Ring $ring): float => $ring->signedArea(), $this->rings()));
    }

    /** In millimetres, the edges of holes included. */
    public function perimeter(): float
    {
        return array_sum(array_map(static fn(Segment $edge): float => $edge->length(), $this->edges()));
    }

    /** How thick it is on the whole, mm: of a long strip its width, of a square half its side. */
    public function thickness(): float
    {
        return 2 * $this->area() / max(1e-9, $this->perimeter());
    }

    /** @return non-empty-list<Ring> */
    public function rings(): array
    {
        return [$this->outer, ...$this->holes];
    }

    /** @return list<Segment> the floor is left of each */
    public function edges(): array
    {
        return array_merge(...array_map(static fn(Ring $ring): array => $ring->edges(), $this->rings()));
    }

    /**
     * What of an endless line lies in it, along the line; what runs along an edge is none of it.
     *
     * @return list<Segment>
     */
    public function chords(Segment $line): array
    {
        $crossings = [];
        foreach ($this->edges() as $edge) {
            [$from, $to] = [$line->leftOf($edge->from), $line->leftOf($edge->to)];
            if (($from > 0) !== ($to > 0)) {
                $crossings[] = $line->along($edge->from->towardsPoint($edge->to, $from / ($from - $to)));
            }
        }
        sort($crossings);

        return array_map(
            static fn(array $pair): Segment => new Segment($line->at($pair[0]), $line->at($pair[1] ?? $pair[0])),
            array_chunk($crossings, 2),
        );
    }

    public function contains(Point $point): bool
    {
        if (!$this->outer->contains($point)) {
            return false;
        }
        foreach ($this->holes as $hole) {
            if ($hole->contains($point)) {
                return false;
            }
        }

        return true;
    }

    public function bounds(): Box
    {
        return $this->outer->bounds();
    }
}
