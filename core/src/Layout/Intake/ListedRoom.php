<?php

declare(strict_types=1);

namespace Heurema\Layout\Intake;

use Heurema\Layout\Words\RoomUse;

/** A room as it was listed: its name, what it is for, and its two sides in mm. */
final readonly class ListedRoom
{
    public function __construct(public string $name, public RoomUse $use, public float $width, public float $depth) {}
}
