<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\Storey;
use Heurema\Layout\Wall;
use Heurema\Spatial\WallJoints;

/** Which walls of a storey meet which, by the measure by which rooms are closed. */
final readonly class WallMeetings
{
    public const FROM = 'from';
    public const TO = 'to';
    public const ENDS = [self::FROM, self::TO];

    /** Walls that run this much aside of one another, by the sine of the angle, are not in one line. */
    private const IN_LINE = 0.1;

    /** @var list<Wall> that stand */
    private array $walls;

    public function __construct(Storey $storey)
    {
        $this->walls = $storey->standingWalls();
    }

    /**
     * Ends of other walls that lie on a wall.
     *
     * @return list<array{Wall, 'from'|'to'}>
     */
    public function endsOn(Wall $wall): array
    {
        $found = [];
        foreach ($this->walls as $other) {
            foreach ($other->id === $wall->id ? [] : self::ENDS as $end) {
                if (self::meets($other, $end, $wall)) {
                    $found[] = [$other, $end];
                }
            }
        }

        return $found;
    }

    /**
     * Walls across on which an end of a wall lies.
     *
     * @param 'from'|'to' $end
     *
     * @return list<Wall>
     */
    public function metBy(Wall $wall, string $end): array
    {
        return array_values(array_filter(
            $this->walls,
            static fn(Wall $other): bool => $other->id !== $wall->id && self::meets($wall, $end, $other),
        ));
    }

    /**
     * Walls that go on where a wall ends, in one line or with a face in one, with the end that lies there.
     *
     * @param 'from'|'to' $end
     *
     * @return list<array{Wall, 'from'|'to'}>
     */
    public function inLine(Wall $wall, string $end): array
    {
        $line = self::towards($wall, $end);
        $found = [];
        foreach ($this->walls as $other) {
            $aside = max(WallJoints::CLOSES_GAPS_TO, ($wall->thickness + $other->thickness) / 2 - WallJoints::CLOSES_GAPS_TO);
            $isAside = abs($other->line()->direction()->cross($wall->line()->direction())) >= self::IN_LINE;
            foreach ($other->id === $wall->id || $isAside ? [] : self::ENDS as $its) {
                $at = self::end($other, $its);
                if (abs($line->along($at) - $line->length()) <= WallJoints::CLOSES_GAPS_TO && abs($line->leftOf($at)) <= $aside) {
                    $found[] = [$other, $its];
                }
            }
        }

        return $found;
    }

    /** @param 'from'|'to' $end */
    public static function end(Wall $wall, string $end): Point
    {
        return $end === self::TO ? $wall->to : $wall->from;
    }

    /** @param 'from'|'to' $end */
    public static function meets(Wall $wall, string $end, Wall $other): bool
    {
        return WallJoints::meeting(self::towards($wall, $end), $other) !== null;
    }

    /**
     * The line of a wall, ending with one of its ends.
     *
     * @param 'from'|'to' $end
     */
    public static function towards(Wall $wall, string $end): Segment
    {
        return $end === self::TO ? $wall->line() : $wall->line()->reversed();
    }
}
