<?php

declare(strict_types=1);

namespace Heurema\Measure\Door;

use Heurema\Spatial\PlacedOpening;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/**
 * How wide the leaf of a hinged door is: as told, else what its frame leaves of the opening, else the opening; of a pair, the one that
 * opens first.
 */
final readonly class LeafWidth
{
    /** Between the leaf and its frame on either side, mm: common practice, no source. */
    private const PLAY = 3.0;

    /** @param list<Message> $assumptions */
    private function __construct(public float $width, public array $assumptions) {}

    /** @param float $opening mm */
    public static function of(PlacedOpening $door, float $opening, int $leaves): self
    {
        $details = $door->opening->door;
        $alike = $leaves === 1 ? [] : [Message::of('door.clear_width.leaves_alike', door: $door->spoken())];

        return match (true) {
            $details?->leafWidth !== null => new self($details->leafWidth, []),
            $details?->frame !== null => new self(
                ($opening - 2 * $details->frame - 2 * self::PLAY) / $leaves,
                [...$alike, Message::of('door.leaf_width.play_taken', door: $door->spoken(), play: Amount::length(self::PLAY))],
            ),
            default => new self($opening / $leaves, $alike),
        };
    }
}
