<?php

declare(strict_types=1);

namespace Heurema\Layout\Schema;

use Heurema\Geometry\Point;

/** How values stand in the written document: what is not known or is the default is left out. */
final class Document
{
    /**
     * @param array<string, mixed> $values
     *
     * @return array<string, mixed>
     */
    public static function known(array $values): array
    {
        return array_filter($values, static fn(mixed $value): bool => $value !== null);
    }

    public static function unless(\BackedEnum $word, \BackedEnum $default): int|string|null
    {
        return $word === $default ? null : $word->value;
    }

    /**
     * @param list<array<string, mixed>> $entries
     *
     * @return list<array<string, mixed>>|null
     */
    public static function unlessEmpty(array $entries): ?array
    {
        return $entries === [] ? null : $entries;
    }

    /**
     * @param list<Point> $points
     *
     * @return list<array{float, float}>
     */
    public static function points(array $points): array
    {
        return array_map(static fn(Point $point): array => $point->toArray(), $points);
    }
}
