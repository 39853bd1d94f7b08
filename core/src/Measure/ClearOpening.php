<?php

declare(strict_types=1);

namespace Heurema\Measure;

use Heurema\Spatial\Home;
use Heurema\Units\Amount;

/** The area of a clear opening, from what its width and height were found to be. */
final class ClearOpening
{
    public static function area(Measurement $width, Measurement $height, Home $home): Measurement
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
                    "{$home->write($width->amount())} × {$home->write($height->amount())} clear",
                ),
                $width->witness,
            ),
            ["Clear opening {$home->write($width->amount())} wide and {$home->write($height->amount())} high: {$home->write($area)}."],
            array_values(array_unique([...$width->assumptions, ...$height->assumptions])),
        );
    }
}
