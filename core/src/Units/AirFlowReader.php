<?php

declare(strict_types=1);

namespace Heurema\Units;

use Heurema\Language\Text;

/** Reads an air flow as people write it: `50 cfm`, `25 l/s`, `90 m3/h`; a bare number is cubic feet a minute or litres a second. */
final readonly class AirFlowReader
{
    private const PATTERN = '~^\s*(?:≈\s*)?(\d+(?:[.,]\d+)?)\s*(cfm|l/s|m3/h|m³/h)?\s*$~iu';
    private const SECONDS_PER_HOUR = 3600;

    public function __construct(private UnitSystem $units) {}

    /** @throws UnreadableLength */
    public function read(string $typed): Amount
    {
        if (preg_match(self::PATTERN, $typed, $found) !== 1) {
            throw new UnreadableLength(Text::of(
                'Type an air flow, such as {it}.',
                it: $this->units === UnitSystem::Imperial ? '50 cfm' : '25 l/s',
            ), 0);
        }
        $number = (float) str_replace(',', '.', $found[1]);

        return match (strtolower($found[2] ?? $this->usual())) {
            'cfm' => Amount::airFlowInFeet($number),
            'l/s' => Amount::airFlow($number),
            default => Amount::airFlow($number * 1000 / self::SECONDS_PER_HOUR),
        };
    }

    private function usual(): string
    {
        return $this->units === UnitSystem::Imperial ? 'cfm' : 'l/s';
    }
}
