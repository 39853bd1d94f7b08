<?php

declare(strict_types=1);

namespace Heurema\Layout;

/** Straight steps. A flight of n risers has n−1 treads of its own; its last riser reaches the landing or floor. */
final readonly class Flight
{
    /**
     * @param float|null       $tread nosing edge to nosing edge, mm
     * @param list<float>|null $rises each riser, in mm, where each was measured
     */
    public function __construct(public int $risers, public ?float $tread = null, public ?array $rises = null) {}

    public static function read(JsonCursor $place): self
    {
        $place->object(['risers', 'tread', 'rises']);
        $risers = $place->get('risers')->integer(1, 500);
        $rises = $place->optional('rises');
        $measured = $rises === null ? null : array_map(static fn(JsonCursor $rise): float => $rise->size(), $rises->items());
        if ($rises !== null && $measured !== null && count($measured) !== $risers) {
            throw $rises->refuse("expected {$risers} heights, one a riser, found ".count($measured));
        }

        return new self($risers, $place->optional('tread')?->size(), $measured);
    }

    public function risers(): int
    {
        return $this->risers;
    }

    /** @return array{flight: array<string, mixed>} */
    public function toArray(): array
    {
        return ['flight' => Document::known(['risers' => $this->risers, 'tread' => $this->tread, 'rises' => $this->rises])];
    }
}
