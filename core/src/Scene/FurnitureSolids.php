<?php

declare(strict_types=1);

namespace Heurema\Scene;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Layout\Fixture;
use Heurema\Layout\Words\FixtureKind;

/**
 * Of what simple bodies a fixture is made, so that it is recognised: in its own frame, x to the right of who looks at its front and y out
 * of the front, from its back. Together they fill its width, depth and height from end to end. Shapes of our own;
 * common practice, no source.
 */
final class FurnitureSolids
{
    private const OVAL_CORNERS = 24;

    /** How thick an upstand is, mm. */
    private const UPSTAND = 20.0;

    private const BOX = [[-.5, .5, 0, 1, 0, 1]];
    private const TUB = [
        [-.5, .5, 0, 1, 0, .15], [-.5, -.44, 0, 1, .15, 1], [.44, .5, 0, 1, .15, 1], [-.44, .44, 0, .07, .15, 1], [
            -.44, .44, .93, 1, .15, 1,
        ],
    ];
    private const FRONTED = [[-.5, .5, 0, .95, 0, 1], [-.47, .47, .95, 1, .1, .97]];
    private const SEAT = [
        [-.5, .5, 0, .25, 0, 1], [-.5, .5, .25, 1, 0, .45], [-.5, -.36, .25, 1, .45, .7], [.36, .5, .25, 1, .45, .7],
    ];
    private const LEGS = [
        [-.47, -.4, .04, .12, 0, .93], [.4, .47, .04, .12, 0, .93], [-.47, -.4, .88, .96, 0, .93], [.4, .47, .88, .96, 0, .93],
    ];
    private const PLATE = [[-.5, .5, 0, .6, 0, 1], [-.28, .28, .6, 1, .2, .8]];
    private const ALARM = [['oval', 0, .5, .5, .5, .4, 1], ['oval', 0, .5, .34, .34, 0, .4]];
    private const RINGS = [
        ['oval', -.25, .28, .16, .18, .7, 1], ['oval', .25, .28, .16, .18, .7, 1], ['oval', -.25, .74, .16, .18, .7, 1],
        ['oval', .25, .74, .16, .18, .7, 1],
    ];

    /** Sides of boxes as shares: left, right, back, front, bottom, top; of ovals: middle across and out, half axes, bottom, top. */
    private const PARTS = [
        'water_closet' => [[-.5, .5, 0, .28, .4, 1], [-.25, .25, 0, .6, 0, .35], ['oval', 0, .64, .46, .36, .35, .52]],
        'bidet' => [[-.25, .25, .1, .7, 0, .6], ['oval', 0, .5, .5, .5, .6, 1]],
        'urinal' => [[-.5, .5, 0, .35, 0, 1], [-.42, .42, .35, 1, .05, .4]],
        'lavatory' => [[-.14, .14, .1, .5, 0, .8], [-.5, .5, 0, 1, .8, 1]],
        'vanity' => [[-.5, .5, 0, .96, 0, .94], [-.5, .5, 0, 1, .94, 1]],
        'bath' => self::TUB,
        'shower_bath' => self::TUB,
        'shower' => [[-.5, .5, 0, 1, 0, .03], [-.5, -.48, 0, 1, .03, 1], [-.48, .5, 0, .02, .03, 1], [-.06, .06, .02, .3, .92, .95]],
        'sink' => [
            [-.5, .5, 0, 1, 0, .8], [-.5, -.4, 0, 1, .8, 1], [.4, .5, 0, 1, .8, 1], [-.4, .4, 0, .2, .8, 1], [-.4, .4, .85, 1, .8, 1],
        ],
        'cooktop' => [[-.5, .5, 0, 1, 0, .7], ...self::RINGS],
        'range' => [[-.5, .5, 0, .96, 0, .95], [-.42, .42, .96, 1, .72, .78], [-.5, .5, 0, .08, .95, 1]],
        'oven' => [[-.5, .5, 0, .95, 0, 1], [-.42, .42, .95, 1, .8, .87]],
        'hood' => [[-.5, .5, 0, 1, 0, .3], [-.2, .2, 0, .5, .3, 1]],
        'refrigerator' => [[-.5, .5, 0, .93, 0, 1], [-.5, .5, .94, 1, .02, .35], [-.5, .5, .94, 1, .37, .99]],
        'dishwasher' => self::FRONTED,
        'washer' => [[-.5, .5, 0, .95, 0, 1], [-.32, .32, .95, 1, .3, .78]],
        'dryer' => [[-.5, .5, 0, .95, 0, 1], [-.32, .32, .95, 1, .3, .78]],
        'base_cabinet' => [[-.5, .5, 0, .9, 0, .12], [-.5, .5, 0, .96, .12, 1], [-.48, .48, .96, 1, .14, .98]],
        'wall_cabinet' => [[-.5, .5, 0, .94, 0, 1], [-.48, .48, .94, 1, .02, .98]],
        'tall_cabinet' => [
            [-.5, .5, 0, .92, 0, .05], [-.5, .5, 0, .96, .05, 1], [-.48, .48, .96, 1, .06, .45], [-.48, .48, .96, 1, .47, .99],
        ],
        'filler' => [[-.5, .5, 0, 1, 0, 1]],
        'counter' => [[-.5, .5, 0, .95, 0, .95], [-.5, .5, 0, 1, .95, 1]],
        'island' => [[-.46, .46, .06, .94, 0, .95], [-.5, .5, 0, 1, .95, 1]],
        'bed' => [
            [-.5, .5, 0, 1, 0, .35], [-.5, .5, 0, .04, .35, 1], [-.48, .48, .04, .98, .35, .65], [-.42, -.05, .06, .22, .65, .8],
            [.05, .42, .06, .22, .65, .8],
        ],
        'wardrobe' => [[-.5, .5, 0, .95, 0, 1], [-.48, -.01, .95, 1, .03, .98], [.01, .48, .95, 1, .03, .98]],
        'sofa' => self::SEAT,
        'armchair' => self::SEAT,
        'table' => [[-.5, .5, 0, 1, .93, 1], ...self::LEGS],
        'chair' => [
            [-.5, .5, .1, 1, .45, .52], [-.5, .5, 0, .1, .45, 1], [-.46, -.36, .12, .22, 0, .45], [.36, .46, .12, .22, 0, .45],
            [-.46, -.36, .86, .96, 0, .45], [.36, .46, .86, .96, 0, .45],
        ],
        'desk' => [[-.5, .5, 0, 1, .94, 1], [-.5, -.46, .04, .96, 0, .94], [.46, .5, .04, .96, 0, .94], [-.46, .46, .04, .08, .4, .94]],
        'shelf' => [
            [-.5, -.46, 0, 1, 0, 1], [.46, .5, 0, 1, 0, 1], [-.46, .46, 0, 1, .03, .06], [-.46, .46, 0, 1, .33, .36],
            [-.46, .46, 0, 1, .64, .67], [-.46, .46, 0, 1, .96, .99],
        ],
        'television' => [[-.25, .25, 0, 1, 0, .05], [-.05, .05, .4, .6, .05, .15], [-.5, .5, .4, .6, .15, 1]],
        'nightstand' => self::FRONTED,
        'lamp' => [['oval', 0, .5, .5, .5, 0, .7], [-.04, .04, .46, .54, .7, 1]],
        'radiator' => [
            [-.5, .5, 0, .3, 0, 1], [-.48, -.36, .3, 1, .05, .95], [-.3, -.18, .3, 1, .05, .95], [-.12, 0, .3, 1, .05, .95],
            [.06, .18, .3, 1, .05, .95], [.24, .36, .3, 1, .05, .95],
        ],
        'water_heater' => [['oval', 0, .5, .5, .5, 0, 1]],
        'grab_bar' => [[-.5, -.42, 0, 1, 0, 1], [.42, .5, 0, 1, 0, 1], [-.42, .42, .6, 1, .25, .75]],
        'switch' => self::PLATE,
        'socket' => self::PLATE,
        'smoke_alarm' => self::ALARM,
        'co_alarm' => self::ALARM,
    ];

    /**
     * Of one in its own size, or in a usual one; one that has an outline of its own rises over that.
     *
     * @return non-empty-list<array{Ring, float, float}> outline in its own frame, bottom above its base and height, mm
     */
    public static function ofFixture(Fixture $fixture): array
    {
        $height = $fixture->height ?? UsualSize::THING_HEIGHT;
        if ($fixture->outline !== null && $fixture->outline !== []) {
            return [[new Ring($fixture->outline), 0.0, $height]];
        }
        $width = $fixture->width ?? UsualSize::THING_WIDTH;
        $solids = self::of($fixture->kind, $width, $fixture->depth ?? UsualSize::THING_DEPTH, $height);

        return $fixture->upstand === null ? $solids : [...$solids, self::upstand($width, $height, $fixture->upstand)];
    }

    /** @return array{Ring, float, float} along the back of a worktop */
    private static function upstand(float $width, float $over, float $high): array
    {
        [$half, $deep] = [$width / 2, self::UPSTAND];

        return [
            new Ring([new Point(-$half, 0.0), new Point($half, 0.0), new Point($half, $deep), new Point(-$half, $deep)]),
            $over,
            $high,
        ];
    }

    /**
     * @return non-empty-list<array{Ring, float, float}> outline, bottom and height of each, mm
     */
    public static function of(FixtureKind $kind, float $width, float $depth, float $height): array
    {
        $solids = [];
        foreach (self::PARTS[$kind->value] ?? self::BOX as $part) {
            $solids[] = is_string($part[0]) ? self::oval($part, $width, $depth, $height) : self::cuboid($part, $width, $depth, $height);
        }

        return $solids;
    }

    /**
     * @param list<string|float|int> $part
     *
     * @return array{Ring, float, float}
     */
    private static function cuboid(array $part, float $width, float $depth, float $height): array
    {
        [$left, $right, $back, $front, $bottom, $top] = array_map(floatval(...), $part);

        return [
            new Ring([
                new Point($left * $width, $back * $depth), new Point($right * $width, $back * $depth),
                new Point($right * $width, $front * $depth), new Point($left * $width, $front * $depth),
            ]),
            $bottom * $height,
            ($top - $bottom) * $height,
        ];
    }

    /**
     * @param list<string|float|int> $part
     *
     * @return array{Ring, float, float}
     */
    private static function oval(array $part, float $width, float $depth, float $height): array
    {
        [$x, $y, $across, $out, $bottom, $top] = array_map(floatval(...), array_slice($part, 1));
        $points = array_map(static function (int $corner) use ($x, $y, $across, $out, $width, $depth): Point {
            $way = Point::towards($corner * 360.0 / self::OVAL_CORNERS);

            return new Point(($x + $across * $way->x) * $width, ($y + $out * $way->y) * $depth);
        }, range(0, self::OVAL_CORNERS - 1));

        return [new Ring($points), $bottom * $height, ($top - $bottom) * $height];
    }
}
