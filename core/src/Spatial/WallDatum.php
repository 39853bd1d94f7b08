<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Language\Text;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\WallSide;

/** The line of a wall from which a distance is taken. Checks always use the finished face. */
enum WallDatum: string
{
    case Finished = 'finished face';
    case Structure = 'bare structure';
    case Centre = 'centre line';

    public function words(): string
    {
        return Text::word($this->value);
    }

    /** How far the line lies from the wall's centre line, towards a side, mm. */
    public function offset(Wall $wall, WallSide $side): float
    {
        [$left, $right] = $wall->lining ?? [0.0, 0.0];

        return match ($this) {
            self::Finished => $wall->thickness / 2,
            self::Structure => $wall->thickness / 2 - ($side === WallSide::Left ? $left : $right),
            self::Centre => 0.0,
        };
    }

    /**
     * The distance between two walls that look at each other, from the one's datum to the other's, mm, at right angles to
     * the first.
     */
    public function between(Wall $first, Wall $second): float
    {
        $away = $first->line()->leftOf($second->line()->middle());
        $firstSide = $away > 0 ? WallSide::Left : WallSide::Right;
        $secondSide = $second->line()->leftOf($first->line()->middle()) > 0 ? WallSide::Left : WallSide::Right;

        return abs($away) - $this->offset($first, $firstSide) - $this->offset($second, $secondSide);
    }
}
