<?php

declare(strict_types=1);

namespace Heurema\Tests\Units;

use Heurema\Units\Amount;
use Heurema\Units\ExpectedLength;
use Heurema\Units\LengthReader;
use Heurema\Units\MetricNotation;
use Heurema\Units\SpacingReader;
use Heurema\Units\UnitSystem;
use Heurema\Units\UnreadableLength;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The numbers that reading and writing turn on, each as it stands and just beside. */
final class UnitLimitsTest extends TestCase
{
    /** What is usual, mm (common practice, no source). */
    private const USUAL = [
        'WallThickness' => [40, 1000], 'CeilingHeight' => [1200, 8000], 'RoomSide' => [500, 30000], 'DoorWidth' => [400, 6000],
        'DoorHeight' => [1500, 4000],
        'WindowWidth' => [200, 8000], 'WindowHeight' => [200, 8000], 'Sill' => [0, 3000], 'Frame' => [10, 200],
        'SmallFixture' => [200, 1200], 'Fixture' => [250, 3000],
        'Counter' => [250, 6000], 'Cabinet' => [150, 6000], 'Mirror' => [150, 3000],
        'StairWidth' => [500, 4000], 'Riser' => [80, 300], 'Tread' => [120, 1200],
    ];

    public function test_what_is_usual(): void
    {
        self::assertSame(
            self::USUAL,
            array_combine(
                array_column(ExpectedLength::cases(), 'name'),
                array_map(static fn(ExpectedLength $kind): array => array_map(intval(...), $kind->range()), ExpectedLength::cases()),
            ),
        );
    }

    public function test_feet_and_one_inch_with_a_point_between(): void
    {
        self::assertEqualsWithDelta(73 * 25.4, ExpectedLength::DoorHeight->doubt(6.1 * 25.4, UnitSystem::Imperial)?->likely, 1e-6);
        self::assertSame(
            'feet and inches with a point between them',
            ExpectedLength::DoorHeight->doubt(5.0 * 304.8 / 12 + 0.1 * 25.4, UnitSystem::Imperial)?->how,
        );
        self::assertNotSame(
            'feet and inches with a point between them',
            ExpectedLength::DoorHeight->doubt(4.9 * 25.4, UnitSystem::Imperial)?->how,
            '4 ft 9 is no door',
        );
    }

    /** @return iterable<string, array{string, float}> */
    public static function signs(): iterable
    {
        foreach ([
            '½' => 1 / 2, '¼' => 1 / 4, '¾' => 3 / 4, '⅓' => 1 / 3, '⅔' => 2 / 3, '⅛' => 1 / 8, '⅜' => 3 / 8, '⅝' => 5 / 8, '⅞' => 7 / 8,
        ] as $sign => $value) {
            yield $sign => [$sign, $value];
        }
    }

    #[DataProvider('signs')]
    public function test_signs_of_fractions(string $sign, float $value): void
    {
        self::assertEqualsWithDelta((6 + $value) * 25.4, (new LengthReader(UnitSystem::Imperial))->read("6{$sign}\"")->mm, 1e-4);
    }

    /** @return iterable<string, array{UnitSystem, string, list<string>}> */
    public static function doubtful(): iterable
    {
        $typed = [
            "2' 21/2" => ["2' 2 1/2\"", "2' 10.5\""], "2' 31/2" => ["2' 3 1/2\"", "2' 15.5\""], "2' 11/2" => ["2' 5.5\"", "(2' 11\")/2"],
            "2' 25/2" => ["2' 12.5\""], "2' 20/2" => ["2' 10\""],
            "2' 12/2" => ["2' 6\""], "2' 3/2" => ["2' 1.5\"", "(2' 3\")/2"], '47/8' => ['4 7/8', '5 7/8'], '105/8' => ['10 5/8', '13 1/8'],
            '5.12345-6"' => [
                "5.1235' 6\"",
                '5.1235" - 6"',
            ], "2'- 6\"" => ["2'-6\"", "2' 0\" - 6\""], "2' -6\"" => ["2'-6\"", "2' 0\" - 6\""], '10-5"' => ["10' 5\"", '10" - 5"'],
        ];
        foreach ($typed as $text => $readings) {
            yield $text => [UnitSystem::Imperial, $text, $readings];
        }
        yield 'metric 45/8' => [UnitSystem::Metric, '45/8', ['4 5/8"', '5 5/8"']];
    }

    /** @param list<string> $readings */
    #[DataProvider('doubtful')]
    public function test_what_can_be_read_in_two_ways(UnitSystem $units, string $typed, array $readings): void
    {
        try {
            (new LengthReader($units))->read($typed);
            self::fail('It is read in one way.');
        } catch (UnreadableLength $e) {
            self::assertSame($readings, $e->readings);
        }
    }

    public function test_a_foot_taken_off_inches_is_below_nothing(): void
    {
        $this->expectExceptionMessage('A length is never below 0: this comes to -2".');
        (new LengthReader(UnitSystem::Imperial))->read('10-12"');
    }

    /** @return iterable<string, array{UnitSystem, string, float}> */
    public static function plain(): iterable
    {
        yield '2 ft and two halves' => [UnitSystem::Imperial, "2' 2/2", 635.0];
        yield 'as many eighths as a whole number of inches' => [UnitSystem::Imperial, '48/8', 152.4];
        yield 'halves of an inch' => [UnitSystem::Imperial, '25/2', 317.5];
        yield 'half of a bare number' => [UnitSystem::Metric, '25/2', 12.5];
        yield 'inches behind feet' => [UnitSystem::Imperial, "2'-6\"", 762.0];
    }

    #[DataProvider('plain')]
    public function test_what_is_read_in_one_way(UnitSystem $units, string $typed, float $mm): void
    {
        self::assertEqualsWithDelta($mm, (new LengthReader($units))->read($typed)->mm, 1e-9);
    }

    public function test_a_sample_is_in_the_units_of_the_home(): void
    {
        foreach ([
            [UnitSystem::Imperial, "Type a length, such as 12'-6 1/2\"."],
            [UnitSystem::Metric, 'Type a length, such as 2470 or 2.47 m.'],
        ] as [$units, $message]) {
            try {
                (new LengthReader($units))->read('');
                self::fail('Nothing is a length.');
            } catch (UnreadableLength $e) {
                self::assertSame([$message, 0], [$e->getMessage(), $e->position]);
            }
        }
        foreach ([[UnitSystem::Imperial, "12' 14' 10'"], [UnitSystem::Metric, '3.6 4.2 3.6']] as [$units, $sample]) {
            try {
                (new SpacingReader($units))->read('');
                self::fail('Nothing is a spacing.');
            } catch (UnreadableLength $e) {
                self::assertSame(0, $e->position);
                self::assertStringContainsString($sample, $e->getMessage());
            }
        }
    }

    public function test_places_behind_the_point(): void
    {
        self::assertSame('≈ 12.3°', (new MetricNotation())->write(Amount::angle(12.34)));
        self::assertSame('≈ 12.3 %', (new MetricNotation())->write(Amount::ratio(0.12344)));
        self::assertSame('3', (new MetricNotation())->write(Amount::count(3)));
        self::assertSame('1.24 cm', (new MetricNotation('cm'))->write(Amount::length(12.37)));
        self::assertSame('1.23 cm', (new MetricNotation('cm'))->write(Amount::length(12.3)));
        self::assertSame('0.0123 m', (new MetricNotation('m'))->write(Amount::length(12.3)));
    }
}
