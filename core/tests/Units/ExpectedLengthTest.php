<?php

declare(strict_types=1);

namespace Heurema\Tests\Units;

use Heurema\Units\ExpectedLength;
use Heurema\Units\MetricNotation;
use Heurema\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ExpectedLengthTest extends TestCase
{
    /** @return iterable<array{ExpectedLength, float, float|null}> kind, as typed, what is likely */
    public static function slips(): iterable
    {
        yield [ExpectedLength::Counter, 170.0, 1700.0];
        yield [ExpectedLength::SmallFixture, 45.0, 450.0];
        yield [ExpectedLength::Fixture, 142.0, 1420.0];
        yield [ExpectedLength::DoorWidth, 32.0, 812.8];
        yield [ExpectedLength::DoorWidth, 8000.0, 800.0];
        yield [ExpectedLength::CeilingHeight, 2.4, 2400.0];
        yield 'from the least that is usual' => [ExpectedLength::DoorWidth, 40.0, 400.0];
        yield 'up to the most that is usual' => [ExpectedLength::DoorWidth, 60_000.0, 6000.0];
        yield 'feet for millimetres' => [ExpectedLength::DoorHeight, 6.75, 2057.4];
        yield 'millimetres for inches' => [ExpectedLength::DoorHeight, 51_612.8, 2032.0];
        yield 'two noughts too many' => [ExpectedLength::Frame, 9000.0, 90.0];
        yield 'two noughts too few' => [ExpectedLength::Tread, 4.5, 450.0];
        yield [ExpectedLength::WallThickness, 1.0, null];
        yield [ExpectedLength::RoomSide, 4.0e9, null];
    }

    #[DataProvider('slips')]
    public function test_a_slip_is_asked_about_with_the_likely_value(ExpectedLength $kind, float $typed, ?float $likely): void
    {
        $doubt = $kind->doubt($typed);
        self::assertNotNull($doubt);
        if ($likely !== null) {
            self::assertEqualsWithDelta($likely, $doubt->likely, 1e-6);
        }
    }

    public function test_usual_lengths_raise_no_question(): void
    {
        foreach (ExpectedLength::cases() as $kind) {
            [$least, $most] = $kind->range();
            self::assertNull($kind->doubt($least));
            self::assertNull($kind->doubt($most));
            self::assertNotNull($kind->doubt($most + 0.1));
        }
    }

    public function test_the_question(): void
    {
        $doubt = ExpectedLength::Counter->doubt(170);
        self::assertSame(
            'Is this counter 170 mm? 1700 mm is more likely (a nought too few, or centimetres for millimetres).',
            $doubt?->question(new MetricNotation()),
        );
        $doubt = ExpectedLength::RoomSide->doubt(4.0e9);
        self::assertSame('Is this room side 4000000000 mm? Usual are 500 mm to 30000 mm.', $doubt?->question(new MetricNotation()));
    }

    public function test_feet_and_inches_with_a_point_between_are_asked_about(): void
    {
        $doubt = ExpectedLength::DoorHeight->doubt(6.8 * 25.4, UnitSystem::Imperial);
        self::assertEqualsWithDelta(2032.0, $doubt?->likely, 1e-6);
        self::assertStringContainsString('6\'-8"', (string) $doubt?->question(UnitSystem::Imperial->notation()));
        // feet alone have no point behind them
        self::assertEqualsWithDelta(1778.0, ExpectedLength::DoorHeight->doubt(7.0 * 25.4, UnitSystem::Imperial)?->likely, 1e-6);
        // 6.84 is no such slip, and where millimetres are typed nobody means feet
        self::assertNotEqualsWithDelta(2032.0, ExpectedLength::DoorHeight->doubt(6.84 * 25.4, UnitSystem::Imperial)?->likely, 1e-6);
        self::assertNotEqualsWithDelta(2032.0, ExpectedLength::DoorHeight->doubt(6.8 * 25.4)?->likely, 1e-6);
    }
}
