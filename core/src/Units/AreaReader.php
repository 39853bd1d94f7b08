<?php

declare(strict_types=1);

namespace Heurema\Units;

use Heurema\Language\Text;

/** Reads an area as people write it: `70 sq ft`, `6.5 m²`, `6,5 m2`; a bare number is square feet or square metres. */
final readonly class AreaReader
{
    private const PATTERN = '/^\s*(?:≈\s*)?(\d+(?:[.,]\d+)?)\s*(sq\.?\s?ft\.?|ft²|ft2|sf|sq\.?\s?m\.?|m²|m2)?\s*$/iu';

    public function __construct(private UnitSystem $units) {}

    /** @throws UnreadableLength */
    public function read(string $typed): Amount
    {
        if (preg_match('/^\s*\d{1,3},\d{3}\b/', $typed) === 1) {
            [$whole, $rest] = explode(',', trim($typed));

            throw UnreadableLength::doubtful(trim($typed), 0, [$whole.$rest, "{$whole}.{$rest}"]);
        }
        if (preg_match(self::PATTERN, $typed, $found) !== 1) {
            throw new UnreadableLength(Text::of(
                'Type an area, such as {it}.',
                it: $this->units === UnitSystem::Imperial ? '70 sq ft' : '6.5 m²',
            ), 0);
        }
        $number = (float) str_replace(',', '.', $found[1]);
        $unit = $found[2] ?? '';
        $isFeet = $unit === '' ? $this->units === UnitSystem::Imperial : preg_match('/f/i', $unit) === 1;

        return Amount::area($isFeet ? $number * Amount::M2_PER_SQUARE_FOOT : $number);
    }
}
