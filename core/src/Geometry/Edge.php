<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** A stretch between two vertices on which one or several lines lie. */
final class Edge
{
    /** @var array<int, int> the change of each layer when stepping from its right to its left */
    public array $steps = [];

    /** @var array<int, true> the marks of the lines that lie there */
    public array $marks = [];

    public function __construct(public readonly int $from, public readonly int $to) {}

    /** @param int $way 1 for a line in the piece's direction, −1 for one against it */
    public function add(Line $line, int $way): void
    {
        $this->marks[$line->mark] = true;
        if ($line->layer !== null) {
            $this->steps[$line->layer] = ($this->steps[$line->layer] ?? 0) + $way;
        }
    }
}
