<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Point;
use Heurema\Language\Text;
use Heurema\Layout\Schema\JsonCursor;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\MotionRule;
use Heurema\Layout\Schema\Value;
use Heurema\Layout\Words\DimensionKind;

/** A dimension placed by hand: it tells how far two places are from one another, however these are moved. */
final readonly class DrawnDimension implements Element
{
    use IsElement;

    /**
     * @param float|null $direction along which it is measured, degrees counter-clockwise from +x; null: straight between its ends
     * @param Point      $through   a point of the line that it is written on, or of its arc
     */
    public function __construct(
        #[Key(Value::Identifier)]
        public string $id,
        #[Key]
        public MeasuredPlace $from,
        #[Key]
        public MeasuredPlace $to,
        #[Key]
        public Point $through,
        #[Key]
        public DimensionKind $kind = DimensionKind::Length,
        #[Key(Value::Angle, under: MotionRule::Turns)]
        public ?float $direction = null,
    ) {}

    public static function list(): ElementList
    {
        return ElementList::Dimensions;
    }

    /** @return list<string> ids of what it begins and ends at */
    public function measures(): array
    {
        return array_values(array_filter([$this->from->of, $this->to->of], static fn(?string $id): bool => $id !== null));
    }

    /** @param array<string, string> $newIds of copies, by what they are copies of */
    public function between(array $newIds): self
    {
        return $this->withPlaces(static fn(MeasuredPlace $place): MeasuredPlace => $place->copied($newIds));
    }

    /** @param callable(MeasuredPlace): MeasuredPlace $other */
    public function withPlaces(callable $other): self
    {
        return $this->with(from: $other($this->from), to: $other($this->to));
    }

    private function check(JsonCursor $place): void
    {
        if ($this->kind === DimensionKind::Angle && count($this->measures()) < 2) {
            throw $place->refuse(Text::of('expected an angle between two walls'));
        }
    }
}
