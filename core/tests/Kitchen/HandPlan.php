<?php

declare(strict_types=1);

namespace Heurema\Tests\Kitchen;

use Heurema\Drafting\ElevationOpening;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Kitchen\CornerKind;
use Heurema\Kitchen\KitchenPlan;
use Heurema\Kitchen\Row;
use Heurema\Kitchen\RowUnit;
use Heurema\Kitchen\Stretch;
use Heurema\Layout\Fixture;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Tests\Sketch;

/** Plans written down unit by unit, for tests: `base 600`, `sink 900`, `gap 50`, one after the other from the left. */
final class HandPlan
{
    private const SET_IN = ['sink' => FixtureKind::BaseCabinet, 'cooktop' => FixtureKind::BaseCabinet, 'oven' => FixtureKind::TallCabinet];
    private const NAMES = ['base' => FixtureKind::BaseCabinet, 'tall' => FixtureKind::TallCabinet];

    /** @param string $units what stands between two walls, or as an island */
    public static function straight(string $units, Stretch $stretch): KitchenPlan
    {
        return new KitchenPlan([new Row($stretch, self::units($units), 0.0, 0.0, $stretch->length())]);
    }

    /** Two walls that meet at the right end of the first, 600 mm of units deep. */
    public static function corner(string $left, string $right, CornerKind $kind, float $length = 3000.0): KitchenPlan
    {
        $first = new Stretch(new Segment(new Point($length, 0), new Point(0, 0)), Stretch::CLOSED, Stretch::CLOSED);
        $second = new Stretch(new Segment(new Point(0, 0), new Point(0, $length)), Stretch::CLOSED, Stretch::CLOSED);

        return new KitchenPlan([
            new Row($first, self::units($left), 0.0, 0.0, $length - 600.0),
            new Row($second, self::units($right), 0.0, 600.0, $length),
        ], [$kind]);
    }

    /**
     * Along the x axis to the left, as one faces it from above.
     *
     * @param list<array{float, float, float, float}> $windows left, right, sill, head
     */
    public static function wall(
        float $length,
        bool $left = true,
        bool $right = true,
        array $windows = [],
        ?float $ceiling = 2600.0,
        bool $isIsland = false,
    ): Stretch {
        $opening = Sketch::room(9000, 9000)->window('w1', 1000, 600, 600, ['sill' => 1000])->home()->openings[0];

        return new Stretch(
            new Segment(new Point($length, 0), new Point(0, 0)),
            $left,
            $right,
            array_map(static fn(array $one): ElevationOpening => new ElevationOpening($opening, ...$one), $windows),
            $ceiling,
            $isIsland,
        );
    }

    /** @return list<RowUnit> */
    private static function units(string $units): array
    {
        $laid = [];
        $at = 0.0;
        foreach (explode(', ', $units) as $one) {
            [$what, $width] = explode(' ', $one);
            $kind = self::NAMES[$what] ?? FixtureKind::tryFrom($what);
            if ($kind !== null) {
                $set = self::SET_IN[$what] ?? null;
                $laid[] = new RowUnit($set ?? $kind, $at, (float) $width, $set === null ? null : $kind);
            }
            $at += (float) $width;
        }

        return $laid;
    }

    /**
     * @param list<Fixture> $fixtures along `wall`
     *
     * @return list<string> `kind from-to, base to top`, from the left end of the wall
     */
    public static function said(array $fixtures, float $length): array
    {
        return array_map(static function (Fixture $one) use ($length): string {
            [$from, $to] = [$length - $one->at->x - ($one->width ?? 0.0) / 2, $length - $one->at->x + ($one->width ?? 0.0) / 2];
            $high = $one->height === null ? '' : ', '.round($one->base ?? 0.0, 1).' to '.round(($one->base ?? 0.0) + $one->height, 1);

            return "{$one->kind->value} ".(round($from, 1) + 0.0).'-'.round($to, 1).$high;
        }, $fixtures);
    }
}
