<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Point;
use Heurema\Language\Text;
use Heurema\Layout\Schema\JsonCursor;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\MotionRule;
use Heurema\Layout\Schema\Value;
use Heurema\Layout\Words\StairKind;
use Heurema\Layout\Words\Status;
use Heurema\Layout\Words\Turn;
use Heurema\Units\ExpectedLength;

/** A stair between two storeys, or steps outside up to one. Lengths in mm; null where nobody said. */
final readonly class Stair implements Element
{
    use IsElement;

    private const PARTS = ['flight' => Flight::class, 'landing' => Landing::class, 'winders' => Winders::class];

    /**
     * @param Point                       $start  middle of the first step's nosing
     * @param float                       $facing direction of climb, degrees counter-clockwise from +x
     * @param float|null                  $nosing how far each nosing stands out over the tread below
     * @param Turn|null                   $hand   the way a spiral turns as one climbs; null: to the left
     * @param list<Flight|Landing|Winders> $parts in order of climb
     */
    public function __construct(
        #[Key(Value::Identifier)]
        public string $id,
        #[Key(Value::Name, otherwise: 'id', label: 'Name', own: true)]
        public string $name,
        #[Key(always: true, default: StairKind::Straight)]
        public StairKind $kind,
        #[Key(Value::Identifier)]
        public ?string $fromStorey,
        #[Key(Value::Identifier)]
        public string $toStorey,
        #[Key(Value::Size, label: 'Rise')]
        public ?float $rise,
        #[Key]
        public Point $start,
        #[Key(Value::Angle, under: MotionRule::Turns, own: true)]
        public float $facing,
        #[Key(Value::Size, label: 'Width', expected: ExpectedLength::StairWidth)]
        public ?float $width,
        #[Key(Value::Length, label: 'Nosing')]
        public ?float $nosing,
        #[Key(label: 'Open risers')]
        public ?bool $openRisers,
        #[Key]
        public ?Handrails $handrails,
        #[Key(Value::Length)]
        public ?float $innerRadius,
        #[Key(among: [Turn::Left, Turn::Right], under: MotionRule::ChangesSides)]
        public ?Turn $hand,
        #[Key(default: Status::New, label: 'Status')]
        public Status $status,
        #[Key(default: false, label: 'Locked in its place')]
        public bool $locked,
        #[Key(Value::Tagged, most: 100, of: self::PARTS)]
        public array $parts,
        #[Key(Value::Mark, label: 'Mark', own: true)]
        public ?string $mark = null,
    ) {}

    public static function list(): ElementList
    {
        return ElementList::Stairs;
    }

    /** @param list<Flight|Landing|Winders> $parts */
    public function withParts(array $parts): self
    {
        return $this->with(parts: $parts);
    }

    public function placed(Point $start, float $facing): self
    {
        return $this->with(start: $start, facing: $facing);
    }

    /**
     * @param float|null                   $innerRadius of a spiral
     * @param Turn|null                    $hand        of a spiral
     * @param list<Flight|Landing|Winders> $parts
     */
    public function withForm(StairKind $kind, ?float $innerRadius, ?Turn $hand, array $parts): self
    {
        return $this->with(kind: $kind, innerRadius: $innerRadius, hand: $hand, parts: $parts);
    }

    public function stands(): bool
    {
        return $this->status !== Status::Removed;
    }

    public function risers(): int
    {
        return array_sum(array_map(static fn(StairPart $part): int => $part->risers(), $this->parts));
    }

    /** A landing lies between flights or winders: a turn that leads nowhere is no stair. */
    private function check(JsonCursor $place): void
    {
        if ($this->parts === []) {
            throw $place->get('parts')->refuse(Text::of('expected at least one flight'));
        }
        if ($this->risers() === 0) {
            throw $place->get('parts')->refuse(Text::of('expected at least one riser'));
        }
        foreach ($this->parts as $number => $part) {
            $before = $this->parts[$number - 1] ?? null;
            $after = $this->parts[$number + 1] ?? null;
            if ($part instanceof Landing && ($before === null || $before instanceof Landing || $after === null)) {
                throw $place->get('parts')->items()[$number]->refuse(Text::of('expected a flight or winders before and after a landing'));
            }
        }
    }
}
