<?php

declare(strict_types=1);

namespace App\Board;

use Heurema\Layout\Layout;
use Heurema\Units\UnreadableLength;

/** How far something lies below a floor, as it is typed: with a minus where it lies above. */
final class SignedLength
{
    /**
     * @return float mm
     *
     * @throws RefusedValue with the key of the field that cannot be read
     */
    public static function read(string $typed, Layout $layout, string $key): float
    {
        $isAbove = preg_match('/^[-−–]\s*/u', $typed, $sign) === 1;
        try {
            $below = $layout->lengths()->read($isAbove ? substr($typed, strlen($sign[0])) : $typed)->mm;
        } catch (UnreadableLength $e) {
            throw new RefusedValue($key, $e->getMessage());
        }

        return $isAbove ? -$below : $below;
    }

    public static function write(float $below, Layout $layout): string
    {
        return ($below < 0 ? '-' : '').LengthField::write(round(abs($below), 4), $layout);
    }
}
