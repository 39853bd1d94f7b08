<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Segment;
use Heurema\Layout\Storey;
use Heurema\Layout\Wall;

/** The walls that stand along a line on which one is to be drawn, and where along it none does. */
final readonly class WallsAlong
{
    /** A wall beside another by less than this, mm, is that wall. */
    private const BESIDE = 10.0;

    /** A gap shorter than this, mm, is no wall. */
    private const LEAST = 1.0;

    /** @param float $thickness of the wall to be drawn, mm */
    public function __construct(private Storey $storey, private float $thickness) {}

    /** @return list<Wall> */
    public function beside(Segment $line): array
    {
        return array_values(array_filter($this->storey->standingWalls(), function (Wall $wall) use ($line): bool {
            $isAlong = abs($wall->line()->direction()->cross($line->direction())) < 1e-3;
            $apart = abs($line->leftOf($wall->from));
            [$from, $to] = [$line->along($wall->from), $line->along($wall->to)];
            $common = min($line->length(), max($from, $to)) - max(0.0, min($from, $to));

            return $isAlong
                && !$wall->isOpenBoundary()
                && $apart <= ($wall->thickness + $this->thickness) / 2 + self::BESIDE
                && $common > $wall->thickness;
        }));
    }

    /**
     * @param list<Wall> $walls that stand along it
     *
     * @return list<Segment> the stretches of the line without one
     */
    public function gaps(Segment $line, array $walls): array
    {
        if ($walls === []) {
            return [$line];
        }
        $covered = array_map(static function (Wall $wall) use ($line): array {
            $ends = [$line->along($wall->from), $line->along($wall->to)];

            return [min($ends), max($ends)];
        }, $walls);
        sort($covered);
        [$gaps, $reached] = [[], 0.0];
        foreach ([...$covered, [$line->length(), INF]] as [$from, $to]) {
            if ($from - $reached > self::LEAST + $this->thickness) {
                $gaps[] = new Segment($line->at($reached), $line->at(min($from, $line->length())));
            }
            $reached = max($reached, $to);
        }

        return $gaps;
    }
}
