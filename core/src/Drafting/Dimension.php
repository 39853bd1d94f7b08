<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Segment;

/** From one stop to the next, and what stands at either end. */
final readonly class Dimension
{
    /**
     * @param string|null $from id of the element at its start
     * @param string|null $to   id of the element at its end
     */
    public function __construct(public Segment $line, public ?string $from = null, public ?string $to = null) {}

    public function length(): float
    {
        return $this->line->length();
    }

    /** Moved sideways, to the left when positive. */
    public function offset(float $left): self
    {
        return new self($this->line->offset($left), $this->from, $this->to);
    }
}
