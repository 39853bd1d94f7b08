<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Tolerance;
use Heurema\Language\Text;
use Heurema\Layout\Edit\RefusedEdit;

/** How an opening is placed in a stretch of wall; distances in mm. */
enum OpeningPlace: string
{
    case Centred = 'centred';
    case EdgeFromStart = 'edge_from_start';
    case MiddleFromStart = 'middle_from_start';
    case EdgeFromEnd = 'edge_from_end';
    case MiddleFromEnd = 'middle_from_end';
    case Spaced = 'spaced';

    public function words(): string
    {
        return match ($this) {
            self::Centred => Text::of('centred'),
            self::EdgeFromStart => Text::of('edge, from its start'),
            self::MiddleFromStart => Text::of('middle, from its start'),
            self::EdgeFromEnd => Text::of('edge, from its end'),
            self::MiddleFromEnd => Text::of('middle, from its end'),
            self::Spaced => Text::of('equally spaced'),
        };
    }

    public function needsDistance(): bool
    {
        return in_array($this, [self::EdgeFromStart, self::MiddleFromStart, self::EdgeFromEnd, self::MiddleFromEnd], true);
    }

    /**
     * Where along the wall the middles come.
     *
     * @param float $width    of one opening
     * @param float $distance from the corner or fixture that bounds the stretch
     * @param int   $count    how many, when equally spaced: with equal stretches of wall between and beside them
     *
     * @return non-empty-list<float>
     *
     * @throws RefusedEdit when the stretch does not hold them
     */
    public function middles(Stretch $stretch, float $width, float $distance = 0.0, int $count = 1): array
    {
        if ($this === self::Spaced) {
            return self::spaced($stretch, $width, max(1, $count));
        }
        $middle = match ($this) {
            self::Centred => ($stretch->from + $stretch->to) / 2,
            self::EdgeFromStart => $stretch->from + $distance + $width / 2,
            self::MiddleFromStart => $stretch->from + $distance,
            self::EdgeFromEnd => $stretch->to - $distance - $width / 2,
            self::MiddleFromEnd => $stretch->to - $distance,
        };
        if ($middle - $width / 2 < $stretch->from - Tolerance::TOUCH || $middle + $width / 2 > $stretch->to + Tolerance::TOUCH) {
            throw new RefusedEdit(Text::of('It does not fit in there.'));
        }

        return [$middle];
    }

    /** @return non-empty-list<float> */
    private static function spaced(Stretch $stretch, float $width, int $count): array
    {
        $gap = ($stretch->length() - $count * $width) / ($count + 1);
        if ($gap < -Tolerance::TOUCH) {
            throw new RefusedEdit(Text::of('{count} of these do not fit in there.', count: $count));
        }

        return array_map(static fn(int $number): float => $stretch->from + $number * $gap + ($number - 0.5) * $width, range(1, $count));
    }
}
