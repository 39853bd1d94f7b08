<?php

declare(strict_types=1);

namespace App\Pages\Inspector;

use App\Board\LengthField;
use Heurema\Geometry\Point;
use Heurema\Language\Texts;
use Heurema\Layout\Layout;
use Heurema\Layout\Room;
use Heurema\Layout\SlopedCeiling;

/** The slope of a room's ceiling as it would be typed. */
final readonly class CeilingShape
{
    #[Texts]
    private const DIRECTIONS = [
        90 => 'the top of the sheet', 270 => 'the bottom of the sheet', 0 => 'the right', 180 => 'the left', 45 => 'the upper right',
        135 => 'the upper left', 225 => 'the lower left', 315 => 'the lower right',
    ];

    public string $low;
    public string $high;

    /** Degrees counter-clockwise from the right of the sheet. */
    public int $towards;

    /** Does it fall again beyond its ridge? */
    public bool $isGable;

    public function __construct(Room $room, Layout $layout)
    {
        $ceiling = $room->ceiling instanceof SlopedCeiling ? $room->ceiling : null;
        $this->low = $ceiling === null ? '' : LengthField::write($ceiling->low, $layout);
        $this->high = $ceiling === null ? '' : LengthField::write($ceiling->high, $layout);
        $this->isGable = $ceiling?->beyond !== null;
        $way = $ceiling === null ? Point::towards(90) : $ceiling->to->minus($ceiling->from);
        $this->towards = (int) round($way->degrees()) % 360;
    }

    /** @return array<int, string> by degrees */
    public function directions(): array
    {
        return array_map(__(...), self::DIRECTIONS) + [$this->towards => __('as it does now')];
    }
}
