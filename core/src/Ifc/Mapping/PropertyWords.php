<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Ifc\Step\Enumeration;

/** What the values of properties mean. */
final class PropertyWords
{
    public static function yesNo(mixed $value): ?bool
    {
        return $value instanceof Enumeration ? ['T' => true, 'F' => false][$value->word] ?? null : null;
    }

    /** Minutes of a fire rating as it is written in several countries: `F90`, `EI 30`, `REI60`, `60 min`, `1 hour`, `1.5 h`. */
    public static function minutes(mixed $value): ?float
    {
        if (is_float($value)) {
            return $value > 0.0 ? $value : null;
        }
        if (!is_string($value) || preg_match('~(\d+(?:[.,]\d+)?)\s*(h|hr|hour|hours)?\b~i', $value, $found) !== 1) {
            return null;
        }
        $number = (float) str_replace(',', '.', $found[1]) * (isset($found[2]) ? 60 : 1);

        return $number > 0.0 && $number <= 1000.0 ? $number : null;
    }
}
