<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Geometry\Point;
use Heurema\Tests\Sketch;

/** Kitchens for tests: units at the walls of one room, turned and mirrored. */
final class DrawnKitchen
{
    /** @return iterable<string, array{float, bool}> by how much the home is turned, and whether it is mirrored */
    public static function attitudes(): iterable
    {
        foreach ([0.0, 90.0, 180.0, 270.0, 33.0, -12.5] as $turn) {
            yield "{$turn} degrees" => [$turn, false];
            yield "{$turn} degrees, mirrored" => [$turn, true];
        }
    }

    /**
     * A kitchen of 4 by 3 m with units at its walls, 650 deep, from the left end of each wall as one looks at it; `middle` is an island 1 m
     * before the units at the lower wall.
     *
     * @param list<array{list<array{string, string, float|int, float|int}>, string}> $legs
     */
    public static function at(array $legs, float $turn = 0.0, bool $isMirrored = false): Sketch
    {
        $place = static function (float $x, float $y) use ($turn, $isMirrored): array {
            $right = Point::towards($turn);
            $at = $right->times($isMirrored ? -$x : $x)->plus($right->left()->times($y));

            return [round($at->x, 6), round($at->y, 6)];
        };
        $sketch = (new Sketch())->chain([$place(-100, -100), $place(4100, -100), $place(4100, 3100), $place(-100, 3100)])
            ->use('room', 'kitchen', ...$place(2000, 2700));
        // where the left end of each wall is as one looks at it from inside, and which way it runs and faces
        $walls = [
            'bottom' => [[4000, 0], [-1, 0], 90.0], 'right' => [[4000, 3000], [0, -1], 180.0], 'top' => [[0, 3000], [1, 0], 270.0],
            'left' => [[0, 0], [0, 1], 0.0], 'middle' => [[0, 2300], [1, 0], 270.0],
        ];
        foreach ($legs as [$units, $wall]) {
            [$start, $way, $facing] = $walls[$wall];
            foreach ($units as [$id, $kind, $from, $to]) {
                $middle = ($from + $to) / 2;
                // units are given from the lower left corner of the sheet, the right wall from below
                $along = in_array($wall, ['bottom', 'right'], true) ? ($wall === 'bottom' ? 4000 : 3000) - $middle : $middle;
                $at = $place($start[0] + $way[0] * $along, $start[1] + $way[1] * $along);
                $turned = fmod(($isMirrored ? 180.0 - $facing : $facing) + $turn + 720.0, 360.0);
                $sketch = $sketch->fixture($id, $kind, $at[0], $at[1], $turned, $to - $from, 650);
            }
        }

        return $sketch;
    }
}
