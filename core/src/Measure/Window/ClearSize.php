<?php

declare(strict_types=1);

namespace Heurema\Measure\Window;

use Heurema\Layout\Words\WindowOperation;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Units\Amount;

/** One clear size of an open window. */
final class ClearSize
{
    /**
     * @param string                           $side  `width` or `height`
     * @param \Closure(WindowOperation): float $share how much of the glass opening the operation opens
     */
    public static function of(PlacedOpening $window, Home $home, string $side, ?float $given, ?float $size, \Closure $share): Measurement
    {
        if ($given !== null) {
            return self::measured($window, $home, $given, $side, "Clear {$side} given as {$home->length($given)}.", []);
        }
        $operation = $window->opening->window?->operation;
        if ($size === null || $operation === null) {
            return new Unknown([
                ...($size === null ? ["{$window->id()}.{$side}"] : []),
                ...($operation === null ? ["{$window->id()}.operation"] : []),
            ]);
        }
        $frame = GlassOpening::frame($window);
        $clear = max(0.0, $size - 2 * $frame) * $share($operation);
        $how = match ($share($operation)) {
            0.0 => ' does not open for anybody',
            0.5 => ' opens half of it',
            default => ' opens all of it',
        };
        $kind = str_replace('_', ' ', $operation->value);
        $working = ucfirst($side)
            ." {$home->length($size)} less two frames of {$home->length($frame)}; {$kind}{$how}: {$home->length($clear)}.";

        return self::measured($window, $home, $clear, $side, $working, GlassOpening::assumedFrame($window, $home));
    }

    /** @param list<string> $assumptions */
    private static function measured(
        PlacedOpening $window,
        Home $home,
        float $clear,
        string $side,
        string $working,
        array $assumptions,
    ): Measured {
        $text = $home->length($clear).($side === 'width' ? ' wide' : ' high');

        return new Measured(Amount::length($clear), [Witness::mark($window->storey(), $window->middle(), $text)], [$working], $assumptions);
    }
}
