<?php

declare(strict_types=1);

namespace Heurema\Ifc\Writing;

use Heurema\Layout\Opening;
use Heurema\Layout\Words\DoorOperation;
use Heurema\Layout\Words\HingeEnd;
use Heurema\Layout\Words\WallSide;

/** How a door opens, by the words of the standard, and whether it is placed from its other end: it opens to where its y axis leads. */
final readonly class DoorSwing
{
    private const WORDS = [
        'double_hinged' => 'DOUBLE_DOOR_SINGLE_SWING', 'sliding' => 'SLIDING_TO_LEFT', 'pocket' => 'SLIDING_TO_LEFT',
        'bypass' => 'SLIDING_TO_LEFT', 'folding' => 'FOLDING_TO_LEFT',
        'overhead' => 'ROLLINGUP',
    ];

    private function __construct(public string $word, public bool $isTurned) {}

    public static function of(Opening $opening): self
    {
        $door = $opening->door;
        $isTurned = $door?->opens === WallSide::Right;
        if ($door?->operation !== DoorOperation::Hinged) {
            return new self(self::WORDS[$door?->operation->value ?? ''] ?? 'NOTDEFINED', $isTurned);
        }
        if ($door->hinge === null || $door->opens === null) {
            return new self('NOTDEFINED', false);
        }

        return new self(($door->hinge === HingeEnd::From) !== $isTurned ? 'SINGLE_SWING_LEFT' : 'SINGLE_SWING_RIGHT', $isTurned);
    }
}
