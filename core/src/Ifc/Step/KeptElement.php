<?php

declare(strict_types=1);

namespace Heurema\Ifc\Step;

/**
 * What a layout says of an element, written beside it in a model as a property set of Heurema's own: the standard has no place for some
 * of it, and rounds nothing off that way. It holds as long as nobody has changed the element's body since.
 */
final class KeptElement
{
    public const SET = 'Heurema';
    public const ELEMENT = 'Element';
    public const BODY = 'Body';

    /** Of a body that nobody has changed every side lies where it did, mm. */
    private const SAME = 0.5;

    /**
     * @param list<float>|null $box sides of the box around a body: least x, y, z, greatest x, y, z; null: it has none
     */
    public static function body(?array $box): string
    {
        return $box === null ? '' : implode(' ', array_map(static fn(float $side): string => number_format($side, 3, '.', ''), $box));
    }

    /**
     * The element as it was written, if its body is as it was.
     *
     * @param mixed            $element what the property set says of it
     * @param mixed            $body    and of its body
     * @param list<float>|null $box     around the body as it is now
     *
     * @return array<string, mixed>|null
     */
    public static function read(mixed $element, mixed $body, ?array $box): ?array
    {
        $sides = is_string($body) && $body !== '' ? array_map(floatval(...), explode(' ', $body)) : null;
        $isSame = $sides === null || $box === null ? $sides === $box : self::isSame($sides, $box);
        $kept = is_string($element) && $isSame ? json_decode($element, true) : null;
        if (!is_array($kept)) {
            return null;
        }
        $named = [];
        foreach ($kept as $key => $value) {
            $named[(string) $key] = $value;
        }

        return $named;
    }

    /**
     * @param list<float> $sides
     * @param list<float> $box
     */
    private static function isSame(array $sides, array $box): bool
    {
        $off = array_map(static fn(?float $a, ?float $b): float => abs(($a ?? INF) - ($b ?? 0.0)), $sides, $box);

        return count($off) === 6 && max($off) < self::SAME;
    }
}
