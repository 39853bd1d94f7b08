<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Language\Text;
use Heurema\Layout\Schema\Described;
use Heurema\Layout\Schema\JsonCursor;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\ReadsByKeys;
use Heurema\Layout\Schema\Value;

/** A ceiling whose height runs evenly from `low` at `from` to `high` at `to`, level at right angles to that. In mm. */
final readonly class SlopedCeiling implements Described
{
    use ReadsByKeys;

    public function __construct(
        #[Key(Value::Length)]
        public float $low,
        #[Key(Value::Length)]
        public float $high,
        #[Key]
        public Point $from,
        #[Key]
        public Point $to,
        #[Key]
        public ?OtherSlope $beyond = null,
    ) {}

    /**
     * The slopes that it is made of, each by itself; the lower of two counts.
     *
     * @return non-empty-list<self>
     */
    public function slopes(): array
    {
        return $this->beyond === null
            ? [$this]
            : [$this->with(beyond: null), new self($this->beyond->low, $this->high, $this->beyond->to, $this->to)];
    }

    public function raised(float $by): self
    {
        $beyond = $this->beyond === null ? null : new OtherSlope($this->beyond->low + $by, $this->beyond->to);

        return new self($this->low + $by, $this->high + $by, $this->from, $this->to, $beyond);
    }

    /** The slope that a point is under. */
    public function slopeAt(Point $point): self
    {
        $slopes = $this->slopes();

        return isset($slopes[1]) && $slopes[1]->along($point) < $slopes[0]->along($point) ? $slopes[1] : $slopes[0];
    }

    /** The height over a point; it goes on at the same slope beyond both ends. */
    public function heightAt(Point $point): float
    {
        return min(array_map(static fn(self $slope): float => $slope->along($point), $this->slopes()));
    }

    private function along(Point $point): float
    {
        $line = new Segment($this->from, $this->to);

        return $this->low + ($this->high - $this->low) * $line->along($point) / $line->length();
    }

    /** @return list<Segment> the level lines at a height, through the run of each slope; none where the ceiling never is that high */
    public function levelLines(float $height): array
    {
        $lines = [];
        foreach ($this->slopes() as $slope) {
            if ($height > $slope->low && $height < $slope->high) {
                $run = new Segment($slope->from, $slope->to);
                $at = $run->at($run->length() * ($height - $slope->low) / ($slope->high - $slope->low));
                $lines[] = new Segment($at, $at->plus($run->direction()->left()->times($run->length())));
            }
        }

        return $lines;
    }

    private function check(JsonCursor $place): void
    {
        if ($this->from->distanceTo($this->to) < Tolerance::TOUCH) {
            throw $place->get('to')->refuse(Text::of('expected a point away from `from`: the ceiling has to run somewhere'));
        }
        if ($this->high < $this->low) {
            throw $place->get('high')->refuse(Text::of('expected a height of at least `low`'));
        }
        if ($this->beyond !== null && $this->high < $this->beyond->low) {
            throw $place->get('beyond')->get('low')->refuse(Text::of('expected a height of at most `high`'));
        }
        if ($this->beyond !== null && $this->to->distanceTo($this->beyond->to) < Tolerance::TOUCH) {
            throw $place->get('beyond')->get('to')->refuse(Text::of('expected a point away from `to`: the ceiling has to fall somewhere'));
        }
    }
}
