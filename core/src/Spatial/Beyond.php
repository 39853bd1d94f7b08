<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Point;
use Heurema\Language\Text;
use Heurema\Layout\Words\RoomUse;

/** What lies on one side of an opening: a room, the outside, or a space that nobody named. */
final readonly class Beyond
{
    private const OPEN_AIR = [RoomUse::Balcony, RoomUse::Porch, RoomUse::Terrace];

    private function __construct(public ?RoomSpace $room, private bool $outside, private ?Point $at) {}

    public static function room(RoomSpace $room): self
    {
        return new self($room, false, null);
    }

    public static function outside(): self
    {
        return new self(null, true, null);
    }

    /** The rest of a home of which only a part is drawn. */
    public static function indoors(): self
    {
        return new self(null, false, null);
    }

    /** @param Point $at a point in the space that nobody named */
    public static function unnamed(Point $at): self
    {
        return new self(null, false, $at);
    }

    public function isOutside(): bool
    {
        return $this->outside;
    }

    /** Null when nobody said what the space is for. A porch, a balcony and a terrace are in the open. */
    public function isOpenAir(): ?bool
    {
        if ($this->outside) {
            return true;
        }
        if ($this->isRest()) {
            return false;
        }
        $use = $this->room?->room->use;

        return $use === null ? null : in_array($use, self::OPEN_AIR, true);
    }

    /** Is it the rest of a home of which only a part is drawn? */
    public function isRest(): bool
    {
        return !$this->outside && $this->room === null && $this->at === null;
    }

    public function isRoom(RoomSpace $room): bool
    {
        return $this->room === $room;
    }

    /** Is it the same room, or both the outside, or both a space without a name? */
    public function isSame(self $other): bool
    {
        return $this->room === $other->room && $this->outside === $other->outside && $this->isRest() === $other->isRest();
    }

    public function words(): string
    {
        return match (true) {
            $this->outside => Text::of('outside'),
            $this->room !== null => $this->room->name(),
            $this->at === null => Text::of('the rest of the home'),
            default => Text::of('the unnamed space at {place}', place: self::place($this->at)),
        };
    }

    private static function place(Point $at): string
    {
        return sprintf('%d, %d', (int) round($at->x), (int) round($at->y));
    }

    /** What the document lacks when it cannot be told whether this is open air. */
    public function missing(): string
    {
        return match (true) {
            $this->room !== null => "{$this->room->id()}.use",
            $this->outside => 'a room for outside',
            $this->at === null => 'a room for the rest of the home',
            default => 'a room for the unnamed space at '.self::place($this->at),
        };
    }
}
