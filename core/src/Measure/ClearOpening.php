<?php

declare(strict_types=1);

namespace Heurema\Measure;

use Heurema\Units\Amount;
use Heurema\Words\Message;

/** The area of a clear opening, from what its width and height were found to be. */
final class ClearOpening
{
    public static function area(Measurement $width, Measurement $height): Measurement
    {
        if ($width instanceof Unknown && $height instanceof Unknown) {
            return new Unknown(array_values(array_unique([...$width->missing, ...$height->missing])));
        }
        if (!$width instanceof Measured) {
            return $width;
        }
        if (!$height instanceof Measured) {
            return $height;
        }
        $area = Amount::drawnArea($width->amount()->number * $height->amount()->number);

        return new Measured(
            $area,
            array_map(
                static fn(Witness $witness): Witness => $witness->saying(
                    Message::of('clear_opening.clear', width: $width->amount(), height: $height->amount()),
                ),
                $width->witness,
            ),
            [Message::of('clear_opening.clear_opening_wide_and', width: $width->amount(), height: $height->amount(), area: $area)],
            Message::unique([...$width->assumptions, ...$height->assumptions]),
        );
    }
}
