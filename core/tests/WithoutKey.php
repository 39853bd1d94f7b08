<?php

declare(strict_types=1);

namespace Heurema\Tests;

use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\Schema\UnreadableLayout;

/** A layout document of which one key is nowhere said. */
final class WithoutKey
{
    /** Null where the key has to be said. */
    public static function read(string $json, string $key): ?Layout
    {
        try {
            return (new LayoutReader())->read((string) json_encode(self::taken(json_decode($json, true), $key)));
        } catch (UnreadableLayout) {
            return null;
        }
    }

    private static function taken(mixed $value, string $key): mixed
    {
        if (!is_array($value)) {
            return $value;
        }

        return array_map(
            static fn(mixed $inner): mixed => self::taken($inner, $key),
            array_is_list($value) ? $value : array_diff_key($value, [$key => true]),
        );
    }
}
