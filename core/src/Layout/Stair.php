<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Point;
use Heurema\Layout\Words\StairKind;
use Heurema\Layout\Words\Status;
use Heurema\Layout\Words\Turn;

/** A stair between two storeys, or steps outside up to one. Lengths in mm; null where nobody said. */
final readonly class Stair
{
    private const KEYS = [
        'id', 'name', 'kind', 'from_storey', 'to_storey', 'rise', 'start', 'facing', 'width', 'nosing', 'open_risers',
        'handrails', 'inner_radius', 'hand', 'status', 'locked', 'parts',
    ];

    /**
     * @param Point                       $start  middle of the first step's nosing
     * @param float                       $facing direction of climb, degrees counter-clockwise from +x
     * @param float|null                  $nosing how far each nosing stands out over the tread below
     * @param list<Flight|Landing|Winders> $parts in order of climb
     * @param Turn|null                   $hand  the way a spiral turns as one climbs; null: to the left
     */
    public function __construct(
        public string $id,
        public string $name,
        public StairKind $kind,
        public ?string $fromStorey,
        public string $toStorey,
        public ?float $rise,
        public Point $start,
        public float $facing,
        public ?float $width,
        public ?float $nosing,
        public ?bool $openRisers,
        public ?Handrails $handrails,
        public ?float $innerRadius,
        public Status $status,
        public bool $locked,
        public array $parts,
        public ?Turn $hand = null,
    ) {}

    /** @throws UnreadableLayout */
    public static function read(JsonCursor $place): self
    {
        $place->object(self::KEYS);
        $id = $place->get('id')->identifier();
        $handrails = $place->optional('handrails');
        $parts = $place->get('parts')->items(100);
        if ($parts === []) {
            throw $place->get('parts')->refuse('expected at least one flight');
        }
        $read = array_map(self::readPart(...), $parts);
        self::checkOrder($read, $parts, $place);

        return new self(
            $id,
            $place->optional('name')?->name() ?? $id,
            $place->optional('kind')?->word(StairKind::class) ?? StairKind::Straight,
            $place->optional('from_storey')?->identifier(),
            $place->get('to_storey')->identifier(),
            $place->optional('rise')?->size(),
            $place->get('start')->point(),
            $place->get('facing')->angle(),
            $place->optional('width')?->size(),
            $place->optional('nosing')?->length(),
            $place->optional('open_risers')?->boolean(),
            $handrails === null ? null : Handrails::read($handrails),
            $place->optional('inner_radius')?->length(),
            $place->optional('status')?->word(Status::class) ?? Status::New,
            $place->optional('locked')?->boolean() ?? false,
            $read,
            self::readHand($place->optional('hand')),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return Document::known([
            'id' => $this->id,
            'name' => $this->name,
            'kind' => $this->kind->value,
            'from_storey' => $this->fromStorey,
            'to_storey' => $this->toStorey,
            'rise' => $this->rise,
            'start' => $this->start->toArray(),
            'facing' => $this->facing,
            'width' => $this->width,
            'nosing' => $this->nosing,
            'open_risers' => $this->openRisers,
            'handrails' => $this->handrails?->toArray(),
            'inner_radius' => $this->innerRadius,
            'hand' => $this->hand?->value,
            'status' => Document::unless($this->status, Status::New),
            'locked' => $this->locked ? true : null,
            'parts' => array_map(static fn(Flight|Landing|Winders $part): array => $part->toArray(), $this->parts),
        ]);
    }

    public function stands(): bool
    {
        return $this->status !== Status::Removed;
    }

    public function risers(): int
    {
        return array_sum(array_map(static fn(Flight|Landing|Winders $part): int => $part->risers(), $this->parts));
    }

    /**
     * A landing lies between flights or winders: a turn that leads nowhere is no stair.
     *
     * @param list<Flight|Landing|Winders> $parts
     * @param list<JsonCursor>                  $places
     */
    private static function checkOrder(array $parts, array $places, JsonCursor $stair): void
    {
        if (array_sum(array_map(static fn(Flight|Landing|Winders $part): int => $part->risers(), $parts)) === 0) {
            throw $stair->get('parts')->refuse('expected at least one riser');
        }
        foreach ($parts as $number => $part) {
            $before = $parts[$number - 1] ?? null;
            $after = $parts[$number + 1] ?? null;
            if ($part instanceof Landing && ($before === null || $before instanceof Landing || $after === null)) {
                throw $places[$number]->refuse('expected a flight or winders before and after a landing');
            }
        }
    }

    private static function readHand(?JsonCursor $place): ?Turn
    {
        $hand = $place?->word(Turn::class);
        if ($place !== null && $hand !== Turn::Left && $hand !== Turn::Right) {
            throw $place->refuse('expected one of left, right');
        }

        return $hand;
    }

    private static function readPart(JsonCursor $place): Flight|Landing|Winders
    {
        $place->object(['flight', 'landing', 'winders']);
        $named = array_filter(['flight', 'landing', 'winders'], $place->has(...));
        if (count($named) !== 1) {
            throw $place->refuse('expected one of flight, landing, winders');
        }

        return match (reset($named)) {
            'flight' => Flight::read($place->get('flight')),
            'landing' => Landing::read($place->get('landing')),
            'winders' => Winders::read($place->get('winders')),
        };
    }
}
