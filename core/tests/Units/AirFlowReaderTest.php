<?php

declare(strict_types=1);

namespace Heurema\Tests\Units;

use Heurema\Units\AirFlowReader;
use Heurema\Units\UnitSystem;
use Heurema\Units\UnreadableLength;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Air flows as people type them. 1 cfm is 0.3048³ m³ a minute exactly, which is 0.4719474432 l/s. */
final class AirFlowReaderTest extends TestCase
{
    #[TestWith(['50', UnitSystem::Imperial, 23.59737216])]
    #[TestWith(['50', UnitSystem::Metric, 50.0])]
    #[TestWith(['50 cfm', UnitSystem::Metric, 23.59737216])]
    #[TestWith([' ≈ 50CFM ', UnitSystem::Metric, 23.59737216])]
    #[TestWith(['25 l/s', UnitSystem::Imperial, 25.0])]
    #[TestWith(['12,5 L/s', UnitSystem::Imperial, 12.5])]
    #[TestWith(['90 m3/h', UnitSystem::Imperial, 25.0])]
    #[TestWith(['90.9 m³/h', UnitSystem::Metric, 25.25])]
    #[TestWith(['0', UnitSystem::Metric, 0.0])]
    public function test_read(string $typed, UnitSystem $units, float $litres): void
    {
        self::assertEqualsWithDelta($litres, (new AirFlowReader($units))->read($typed)->number, 1e-9);
    }

    #[TestWith(['', UnitSystem::Imperial, '50 cfm'])]
    #[TestWith(['fast', UnitSystem::Metric, '25 l/s'])]
    #[TestWith(['-5', UnitSystem::Metric, '25 l/s'])]
    #[TestWith(['5 cfm 3', UnitSystem::Imperial, '50 cfm'])]
    #[TestWith(['5 m', UnitSystem::Imperial, '50 cfm'])]
    public function test_refused(string $typed, UnitSystem $units, string $sample): void
    {
        $this->expectException(UnreadableLength::class);
        $this->expectExceptionMessage("Type an air flow, such as {$sample}.");
        (new AirFlowReader($units))->read($typed);
    }
}
