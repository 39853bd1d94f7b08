<?php

declare(strict_types=1);

namespace App\Board;

use Heurema\Layout\Layout;

/** A length to either side of where it counts from, as it is typed: with a minus on the other side. */
final class SignedLength
{
    /**
     * @return float mm
     *
     * @throws RefusedValue with the key of the field that cannot be read
     */
    public static function read(string $typed, Layout $layout, string $key): float
    {
        $isMinus = preg_match('/^[-−–]\s*/u', $typed, $sign) === 1;
        $length = LengthField::read($isMinus ? substr($typed, strlen($sign[0])) : $typed, $layout, $key);

        return $isMinus ? -$length : $length;
    }

    public static function write(float $length, Layout $layout): string
    {
        return ($length < 0 ? '-' : '').LengthField::write(round(abs($length), 4), $layout);
    }
}
