<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Point;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Layout\Words\Status;

/** A thing in a room: sanitary, kitchen, furniture, or fixed to the building. Lengths in mm; null where nobody said. */
final readonly class Fixture
{
    private const KEYS = ['id', 'kind', 'at', 'facing', 'width', 'depth', 'height', 'base', 'outline', 'status', 'locked', 'rim', 'seat', 'door_swing', 'hob', 'entry', 'shower_head'];

    /**
     * @param Point            $at        middle of the back edge
     * @param float            $facing    where its front looks, degrees counter-clockwise from +x
     * @param float|null       $base      its underside above the floor; null: it stands on it
     * @param list<Point>|null $outline   as it would stand at the origin facing 90 degrees
     * @param float|null       $doorSwing radius that its own door sweeps
     */
    public function __construct(
        public string $id,
        public FixtureKind $kind,
        public Point $at,
        public float $facing,
        public ?float $width = null,
        public ?float $depth = null,
        public ?float $height = null,
        public ?float $base = null,
        public ?array $outline = null,
        public Status $status = Status::New,
        public bool $locked = false,
        public ?float $rim = null,
        public ?float $seat = null,
        public ?float $doorSwing = null,
        public ?float $hob = null,
        public ?float $entry = null,
        public ?bool $showerHead = null,
    ) {}

    /** @throws UnreadableLayout */
    public static function read(JsonCursor $place): self
    {
        $place->object(self::KEYS);

        return new self(
            $place->get('id')->identifier(),
            $place->get('kind')->word(FixtureKind::class),
            $place->get('at')->point(),
            $place->get('facing')->angle(),
            $place->optional('width')?->size(),
            $place->optional('depth')?->size(),
            $place->optional('height')?->length(),
            $place->optional('base')?->length(),
            $place->optional('outline')?->ring()->points,
            $place->optional('status')?->word(Status::class) ?? Status::New,
            $place->optional('locked')?->boolean() ?? false,
            $place->optional('rim')?->length(),
            $place->optional('seat')?->length(),
            $place->optional('door_swing')?->length(),
            $place->optional('hob')?->length(),
            $place->optional('entry')?->length(),
            $place->optional('shower_head')?->boolean(),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return Document::known([
            'id' => $this->id,
            'kind' => $this->kind->value,
            'at' => $this->at->toArray(),
            'facing' => $this->facing,
            'width' => $this->width,
            'depth' => $this->depth,
            'height' => $this->height,
            'base' => $this->base,
            'outline' => $this->outline === null ? null : Document::points($this->outline),
            'status' => Document::unless($this->status, Status::New),
            'locked' => $this->locked ? true : null,
            'rim' => $this->rim,
            'seat' => $this->seat,
            'door_swing' => $this->doorSwing,
            'hob' => $this->hob,
            'entry' => $this->entry,
            'shower_head' => $this->showerHead,
        ]);
    }

    public function stands(): bool
    {
        return $this->status !== Status::Removed;
    }
}
