<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;

/** A ceiling whose height runs evenly from `low` at `from` to `high` at `to`, level at right angles to that. */
final readonly class SlopedCeiling
{
    public function __construct(public float $low, public float $high, public Point $from, public Point $to) {}

    public static function read(JsonCursor $place): self
    {
        $place->object(['low', 'high', 'from', 'to']);
        $from = $place->get('from')->point();
        $to = $place->get('to')->point();
        if ($from->distanceTo($to) < Tolerance::TOUCH) {
            throw $place->get('to')->refuse('expected a point away from `from`: the ceiling has to run somewhere');
        }
        $low = $place->get('low')->length();
        $high = $place->get('high')->length();
        if ($high < $low) {
            throw $place->get('high')->refuse('expected a height of at least `low`');
        }

        return new self($low, $high, $from, $to);
    }

    /** The height over a point; it goes on at the same slope beyond both ends. */
    public function heightAt(Point $point): float
    {
        $line = new Segment($this->from, $this->to);

        return $this->low + ($this->high - $this->low) * $line->along($point) / $line->length();
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['low' => $this->low, 'high' => $this->high, 'from' => $this->from->toArray(), 'to' => $this->to->toArray()];
    }
}
