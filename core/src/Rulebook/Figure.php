<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Units\Amount;
use Heurema\Units\Quantity;

/** An amount as rule books write it: `70 sq ft`, `6 ft 8 in`, `17 3/4 in`, `2400 mm`, `9.5 m2`, `8 %`, `42 deg`, `50 cfm`, `3`. */
final readonly class Figure
{
    /** As they are written in a book. */
    public const UNITS = 'ft, in, mm, cm, m, sq ft, sq in, m2, deg, cfm, l/s and %';

    /** Other ways to write the units, and how they are written here. */
    private const OTHERWISE = [
        '/(?<=[\d\s])(?:square\s+feet|square\s+foot|sqft|sq\.?\s*ft\.?|ft2|ft²)(?![a-z])/i' => ' sq ft',
        '/(?<=[\d\s])(?:square\s+inch(?:es)?|sqin|in2|in²)(?![a-z])/i' => ' sq in',
        '/(?<=[\d\s])(?:square\s+met(?:er|re)s?|sqm|sq\s*m|m²)(?![a-z])/i' => ' m2',
        '/(?<=[\d\s])(?:feet|foot)(?![a-z])/i' => ' ft',
        '/(?<=[\d\s])inch(?:es)?(?![a-z])/i' => ' in',
        '/(?<=[\d\s])(?:millimet(?:er|re)s?)(?![a-z])/i' => ' mm',
        '/(?<=[\d\s])(?:centimet(?:er|re)s?)(?![a-z])/i' => ' cm',
        '/(?<=[\d\s])met(?:er|re)s?(?![a-z])/i' => ' m',
        '/(?<=[\d\s])(?:degrees?|°)/i' => ' deg',
        '/(?<=\d)\'\s*-?\s*(\d+(?:\.\d+)?(?:\s+\d+\/\d+)?)"/' => ' ft $1 in',
    ];

    /** One number with its unit; the pattern of what an expression takes for a figure. */
    public const PATTERN = '\d+\/\d+\s*in\b|\d+(?:\.\d+)?(?:\s+\d+\/\d+)?\s*(?:ft\s+\d+(?:\.\d+)?(?:\s+\d+\/\d+)?\s*in\b|sq '
        .'ft\b|sq in\b|ft\b|in\b|mm\b|cm\b|m2\b|m\b|deg\b|cfm\b|l\/s\b|%)';

    private const ONE = '~^(\d+(?:\.\d+)?)?(?:\s*\b(\d+)/([1-9]\d*))?\s*(sq ft|sq in|ft|in|mm|cm|m2|m|deg|cfm|l/s|%|)$~';

    /** @param bool $inInches all of it is said in inches */
    private function __construct(public Amount $amount, public bool $inInches) {}

    /** Null when the text is no figure. */
    public static function read(string $text): ?self
    {
        $text = self::plainly(trim($text));
        if (preg_match('/^(?:([\d.]+)\s*ft\s+)(.+)$/', $text, $parts) === 1) {
            $inches = self::read($parts[2]);

            return $inches?->inInches === true && is_numeric($parts[1])
                ? new self(Amount::length((float) $parts[1] * Amount::MM_PER_FOOT + $inches->amount->number), false)
                : null;
        }
        if (
            preg_match(self::ONE, $text, $parts) !== 1
            || $parts[1].$parts[2] === ''
        ) {
            return null;
        }
        $number = (float) $parts[1] + ($parts[2] === '' ? 0.0 : (int) $parts[2] / (int) $parts[3]);

        return new self(self::amount($number, $parts[4]), $parts[4] === 'in');
    }

    /** With the units written as they are here; feet alone and inches alone too where nothing else stands there. */
    public static function plainly(string $text): string
    {
        $text = (string) preg_replace(array_keys(self::OTHERWISE), array_values(self::OTHERWISE), $text);
        $alone = preg_match('/^[\d.\s\/]+[\'"]$/', $text) === 1 ? strtr($text, ["'" => ' ft', '"' => ' in']) : $text;

        return trim((string) preg_replace('/ {2,}/', ' ', $alone));
    }

    private static function amount(float $number, string $unit): Amount
    {
        return match ($unit) {
            'ft' => Amount::length($number * Amount::MM_PER_FOOT),
            'in' => Amount::length($number * Amount::MM_PER_INCH),
            'mm' => Amount::length($number),
            'cm' => Amount::length($number * 10),
            'm' => Amount::length($number * 1000),
            'sq ft' => Amount::area($number * Amount::M2_PER_SQUARE_FOOT),
            'sq in' => Amount::area($number * Amount::M2_PER_SQUARE_FOOT / 144),
            'm2' => Amount::area($number),
            'deg' => Amount::angle($number),
            'cfm' => Amount::airFlowInFeet($number),
            'l/s' => Amount::airFlow($number),
            '%' => Amount::ratio($number / 100),
            default => Amount::of(Quantity::Count, $number),
        };
    }
}
