<?php

declare(strict_types=1);

namespace Heurema\Scene;

use Heurema\Layout\Opening;
use Heurema\Layout\Soffit;
use Heurema\Layout\Storey;
use Heurema\Layout\Words\OpeningKind;

/** In which size a body is made of what nobody said the size of, mm. No check takes any of them. Common practice, no source. */
final class UsualSize
{
    /** Of walls and rooms. */
    public const HEIGHT = 2400.0;

    /** How thick floors, roofs, treads and ramps are. */
    public const FLOOR = 250.0;
    public const ROOF = 200.0;
    public const TREAD = 40.0;
    public const RAMP = 150.0;

    /** How thick the finish of a floor, and tiles, are. */
    public const FINISH = 15.0;
    public const TILE = 8.0;

    /** How high guards are. */
    public const GUARD = 1000.0;

    /** Of fixtures and furniture. */
    public const THING_WIDTH = 500.0;
    public const THING_DEPTH = 500.0;
    public const THING_HEIGHT = 700.0;

    private const DOOR = [900.0, 0.0, 2000.0];
    private const WINDOW = [1200.0, 900.0, 1200.0];

    /** How low and how high soffits are. */
    public const UNDERSIDE = 2100.0;
    private const SOFFIT = 100.0;

    /** @return array{float, float, float} its width, its sill above the floor and its height */
    public static function ofOpening(Opening $opening): array
    {
        [$width, $sill, $height] = $opening->kind === OpeningKind::Window ? self::WINDOW : self::DOOR;

        return [$opening->width ?? $width, $opening->sill ?? $sill, $opening->height ?? $height];
    }

    /** @return array{float, float} underside and top of a soffit above the floor */
    public static function ofSoffit(Soffit $soffit, Storey $storey): array
    {
        $underside = $soffit->underside ?? self::UNDERSIDE;

        return [$underside, max($underside + self::SOFFIT, $storey->ceiling ?? self::HEIGHT)];
    }
}
