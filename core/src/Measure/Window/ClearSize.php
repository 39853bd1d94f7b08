<?php

declare(strict_types=1);

namespace Heurema\Measure\Window;

use Heurema\Language\Text;
use Heurema\Layout\Words\WindowOperation;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\PlacedOpening;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** One clear size of an open window. */
final class ClearSize
{
    /**
     * @param string                           $side  `width` or `height`
     * @param \Closure(WindowOperation): float $share how much of the glass opening the operation opens
     */
    public static function of(PlacedOpening $window, string $side, ?float $given, ?float $size, \Closure $share): Measurement
    {
        if ($given !== null) {
            return self::measured(
                $window,
                $given,
                $side,
                Message::of('window.clear_size.given', side: $side, given: Amount::length($given)),
                [],
            );
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
        [$whole, $sides, $left] = [Amount::length($size), Amount::length($frame), Amount::length($clear)];
        $kind = Text::word($operation->value);
        $working = match ($share($operation)) {
            0.0 => Message::of('window.clear_size.opens_nothing', side: $side, size: $whole, frame: $sides, kind: $kind, clear: $left),
            0.5 => Message::of('window.clear_size.opens_half', side: $side, size: $whole, frame: $sides, kind: $kind, clear: $left),
            default => Message::of('window.clear_size.opens_all', side: $side, size: $whole, frame: $sides, kind: $kind, clear: $left),
        };

        return self::measured($window, $clear, $side, $working, GlassOpening::assumedFrame($window));
    }

    /** @param list<Message> $assumptions */
    private static function measured(
        PlacedOpening $window,
        float $clear,
        string $side,
        Message $working,
        array $assumptions,
    ): Measured {
        $text = $side === 'width'
            ? Message::of('window.clear_size.wide', clear: Amount::length($clear))
            : Message::of('window.clear_size.high', clear: Amount::length($clear));

        return new Measured(Amount::length($clear), [Witness::mark($window->storey(), $window->middle(), $text)], [$working], $assumptions);
    }
}
