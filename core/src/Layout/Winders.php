<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Layout\Words\Turn;

/** Tapered steps around a quarter turn; `inner` is the tread's depth at the narrow end, in mm. */
final readonly class Winders
{
    public function __construct(public int $risers, public Turn $turn, public ?float $inner = null) {}

    public static function read(JsonCursor $place): self
    {
        $place->object(['risers', 'turn', 'inner']);
        $turn = $place->get('turn')->word(Turn::class);
        if ($turn !== Turn::Left && $turn !== Turn::Right) {
            throw $place->get('turn')->refuse('expected one of left, right');
        }

        return new self($place->get('risers')->integer(1, 100), $turn, $place->optional('inner')?->length());
    }

    public function risers(): int
    {
        return $this->risers;
    }

    /** @return array{winders: array<string, mixed>} */
    public function toArray(): array
    {
        return ['winders' => Document::known(['risers' => $this->risers, 'turn' => $this->turn->value, 'inner' => $this->inner])];
    }
}
