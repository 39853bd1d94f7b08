<?php

declare(strict_types=1);

namespace App\Sheets;

use Heurema\Units\UnitSystem;

/** How many times smaller than the home its plan is drawn. */
final class PlotScale
{
    private const IMPERIAL = [
        24 => '1/2" = 1\'-0"', 32 => '3/8" = 1\'-0"', 48 => '1/4" = 1\'-0"', 64 => '3/16" = 1\'-0"', 96 => '1/8" = 1\'-0"',
        192 => '1/16" = 1\'-0"',
    ];
    private const METRIC = [20 => '1:20', 25 => '1:25', 50 => '1:50', 75 => '1:75', 100 => '1:100', 200 => '1:200'];

    /** @return array<int, string> what each is called, the largest first */
    public static function choices(UnitSystem $units): array
    {
        return $units === UnitSystem::Imperial ? self::IMPERIAL : self::METRIC;
    }

    public static function words(int $scale, UnitSystem $units): string
    {
        return self::choices($units)[$scale] ?? "1:{$scale}";
    }
}
