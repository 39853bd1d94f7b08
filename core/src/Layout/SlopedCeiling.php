<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Layout\Schema\ByKeys;
use Heurema\Layout\Schema\Described;
use Heurema\Layout\Schema\JsonCursor;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\Value;

/** A ceiling whose height runs evenly from `low` at `from` to `high` at `to`, level at right angles to that. In mm. */
final readonly class SlopedCeiling implements Described
{
    use ByKeys;

    public function __construct(
        #[Key(Value::Length)]
        public float $low,
        #[Key(Value::Length)]
        public float $high,
        #[Key]
        public Point $from,
        #[Key]
        public Point $to,
    ) {}

    /** The height over a point; it goes on at the same slope beyond both ends. */
    public function heightAt(Point $point): float
    {
        $line = new Segment($this->from, $this->to);

        return $this->low + ($this->high - $this->low) * $line->along($point) / $line->length();
    }

    /** The level line at a height, through the run; null where the ceiling never is that high. */
    public function levelLine(float $height): ?Segment
    {
        if ($height <= $this->low || $height >= $this->high) {
            return null;
        }
        $run = new Segment($this->from, $this->to);
        $at = $run->at($run->length() * ($height - $this->low) / ($this->high - $this->low));

        return new Segment($at, $at->plus($run->direction()->left()->times($run->length())));
    }

    private function check(JsonCursor $place): void
    {
        if ($this->from->distanceTo($this->to) < Tolerance::TOUCH) {
            throw $place->get('to')->refuse('expected a point away from `from`: the ceiling has to run somewhere');
        }
        if ($this->high < $this->low) {
            throw $place->get('high')->refuse('expected a height of at least `low`');
        }
    }
}
